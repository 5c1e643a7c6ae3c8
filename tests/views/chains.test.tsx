import { screen, waitFor, within } from '@testing-library/react';
import { beforeAll, expect, test } from 'vitest';
import { computed, current, figure, fileOf, mark, remarks, verdict } from './bench';
import { demoBench } from './demo-bench';
import { dialog, fill, press } from './hands';
import { open } from './page';

beforeAll(demoBench);

const joints = () => within(screen.getByRole('region', { name: 'The rig, joint by joint' })).getAllByRole('listitem');

test('a joint is added, moved and taken out by keys; what would be no rig is refused with its reason', async () => {
  const user = await open('/bench/setup-drowned-wall');
  await user.click(screen.getByRole('button', { name: /^6 weight/ }));
  await press(user, 'a');
  const panel = within(await dialog());
  expect(panel.getByRole('radio', { name: 'bait' })).toBeDisabled();
  await user.click(panel.getByRole('radio', { name: /hardware/ }));
  await fill(panel.getByLabelText('Find'), 'bead 6');
  await user.click(panel.getByRole('button', { name: /Bead 6 mm/ }));
  await waitFor(() => expect(joints()).toHaveLength(10));
  expect(joints()[6]).toHaveTextContent('Bead 6 mm');
  await waitFor(() => expect(document.querySelectorAll('.balloon')).toHaveLength(10));
  await press(user, '{');
  await waitFor(() => expect(joints()[5]).toHaveTextContent('Bead 6 mm'));
  await press(user, '}');
  await press(user, 'x');
  await waitFor(() => expect(joints()).toHaveLength(9));
  await user.click(screen.getByRole('button', { name: /^2 reel/ }));
  await press(user, 'x');
  expect(document.querySelector('footer [role="status"]')).toHaveTextContent('Rod, reel and main line come first');
  expect(joints()).toHaveLength(9);
  for (let i = 0; i < 4; i += 1) await press(user, 'u');
  expect(screen.getByTestId('revision')).toHaveTextContent(/^B$/);
});

test('the worst remarks stand first with their reason; the panel says what to do and leads to the joint', async () => {
  const user = await open('/bench/setup-copper-deep');
  expect(remarks()[0]).toHaveTextContent('cuts into ceramic');
  expect(mark('hold')).toBe('fails');
  await press(user, 'c');
  const panel = await dialog();
  expect(panel).toHaveTextContent('What to do: Fish it on steel guides or rollers.');
  expect(panel).toHaveTextContent('House rule: Tip-top for wire: swivel tip-top.');
  expect(panel).toHaveTextContent('Ferula does not know the law');
  await user.click(within(panel).getAllByRole('button', { name: '3 line' })[0]!);
  await waitFor(() => expect(current()).toHaveAccessibleName(/^3 line/));
  const { findings } = await computed<{ findings: { id: string; severity: string; joints: string[] }[] }>(
    'checks',
    await fileOf('setup-copper-deep'),
  );
  expect(findings[0]).toMatchObject({ id: 'guide-material', severity: 'fails', joints: ['rod', 'line'] });
});

test('a part that is tried on shows in one row what it changes; strengths stand joint by joint', async () => {
  const user = await open('/bench/setup-reef-plug');
  await user.click(screen.getByRole('button', { name: /^10 hook/ }));
  await user.click(screen.getByRole('option', { name: /In-line single 2\/0/ }));
  const row = await screen.findByTestId('effect');
  for (const name of ['beyond the tip', 'in water', 'pitch', 'needed', 'opens at', 'points exposed', 'price'])
    expect(row).toHaveTextContent(name);
  await waitFor(() =>
    expect([...row.querySelectorAll('[data-changed="true"]')].map((each) => each.textContent)).toContainEqual(
      expect.stringContaining('opens at'),
    ),
  );
  await press(user, 'Escape');
  await waitFor(() => expect(screen.queryByTestId('effect')).toBeNull());
  await press(user, 'h');
  const panel = await dialog();
  expect(panel.querySelector('[data-weakest="true"]')).toHaveTextContent('gives first');
  expect(panel).toHaveTextContent('Nothing stays in the water');
});

test('two revisions are laid over each other, with what changed, what it did, and why', async () => {
  const user = await open('/bench/setup-bladed');
  await press(user, 'v');
  await user.click((await screen.findAllByRole('button', { name: 'overlay' }))[0]!);
  await waitFor(() => expect(screen.getByRole('dialog')).toHaveTextContent('What changed from A to B'));
  const panel = screen.getByRole('dialog');
  await waitFor(() => expect(panel).toHaveTextContent('Why: four segments off the trailer'));
  expect(panel).toHaveTextContent('trailer, segments off: – → 4');
  expect(within(panel).getByRole('row', { name: /^Fall/ })).toHaveTextContent('sound');
  expect(document.querySelector('g.ghost path')).not.toBeNull();
  await user.click(within(panel).getByRole('button', { name: 'remove the overlay' }));
  await waitFor(() => expect(document.querySelector('g.ghost')).toBeNull());
});

test('a cast rig is towed instead, with its own figures, conditions and cautions', async () => {
  const user = await open('/bench/setup-bladed');
  const title = (name: string) => verdict(name).querySelector('h2');
  await press(user, 'p');
  await user.selectOptions(await screen.findByLabelText('Fished'), 'trolled');
  await waitFor(() => expect(title('throw')).toHaveTextContent('Carry'));
  expect(title('fall')).toHaveTextContent('Depth');
  expect(verdict('fall')).toHaveTextContent('behind the tip');
  expect(mark('balance')).not.toBe('cant-tell');
  await fill(screen.getByLabelText('Line out'), '25');
  await user.selectOptions(screen.getByLabelText('Mood of the fish'), 'wary');
  await fill(screen.getByLabelText('Works from'), '2 m/s');
  await waitFor(() =>
    expect(remarks().map((each) => each.textContent)).toContainEqual(expect.stringContaining('your own window')),
  );
  await user.selectOptions(screen.getByLabelText('From'), 'canoe');
  expect(screen.getByText(/A tight drag in a small craft/)).toBeVisible();
  await user.selectOptions(screen.getByLabelText('Fished'), 'cast');
  await waitFor(() => expect(title('throw')).toHaveTextContent('Throw'));
  await waitFor(() => expect(figure('throw')).toMatch(/^\d/));
});

test('a rig that is towed over a bottom is cast instead, and saved', async () => {
  const user = await open('/bench/setup-canoe-spoon');
  const was = screen.getByTestId('revision').textContent;
  await press(user, 'p');
  await user.selectOptions(await screen.findByLabelText('Fished'), 'cast');
  await user.click(screen.getByRole('button', { name: 'Close' }));
  await press(user, 's');
  await fill(await screen.findByLabelText('What changed, and why'), 'from the bank');
  await user.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(screen.getByTestId('revision')).toHaveTextContent(/^[A-Z]$/));
  await waitFor(() => expect(screen.getByTestId('revision')).not.toHaveTextContent(was));
});

test('house rules, rules sheet and class values change what the checks say, and go back', async () => {
  let user = await open('/rules');
  const saved = () => waitFor(() => expect(screen.getAllByRole('status')[0]).toHaveTextContent('Saved.'));
  const weight = () => within(screen.getByRole('group', { name: 'Weight ahead of a weedless bait' }));
  await user.click(weight().getByRole('radio', { name: /^sliding/ }));
  await user.click(screen.getByRole('button', { name: 'Rules sheet' }));
  await user.click(screen.getByRole('checkbox', { name: 'Barbless only' }));
  await fill(screen.getByLabelText('Hooks per line'), '');
  await user.click(screen.getByRole('button', { name: 'Class values' }));
  const mouths = screen.getByText('Mouths');
  await user.click(mouths);
  // In the whole page a label is looked for among some thousand fields.
  const tears = within(mouths.closest('details')!).getAllByLabelText('tears out at, per millimetre of wire');
  await fill(tears[2]!, '12');
  await saved();
  user = await open('/bench/setup-drowned-wall');
  expect(remarks()[0]).toHaveTextContent('your sheet wants them barbless');
  expect(remarks().map((each) => each.textContent)).toContainEqual(
    expect.stringContaining('your house rule is sliding'),
  );
  user = await open('/rules');
  await user.click(weight().getByRole('radio', { name: /^pegged/ }));
  await user.click(screen.getByRole('button', { name: 'Rules sheet' }));
  await user.click(screen.getByRole('checkbox', { name: 'Barbless only' }));
  await user.click(screen.getByRole('button', { name: 'Class values' }));
  await user.click(screen.getAllByText(/^Mouths/)[0]!);
  await user.click(screen.getByRole('button', { name: /reset to/ }));
  expect(screen.getByText(/none changed/)).toBeVisible();
  await saved();
  await open('/bench/setup-drowned-wall');
  expect(screen.getByText('No remarks.')).toBeVisible();
});
