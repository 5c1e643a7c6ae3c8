import { screen, waitFor, within } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';
import { beforeAll, expect, test } from 'vitest';
import { figure, fileOf } from './bench';
import { demoBench } from './demo-bench';
import { dialog, fill, press } from './hands';
import { open } from './page';

beforeAll(demoBench);

const card = () => document.getElementById('part-card')?.closest<HTMLElement>('section') ?? null;
const notice = () => document.querySelector('footer [role="status"]');
const button = (name: string | RegExp) => screen.getByRole('button', { name });

async function pick(user: UserEvent, find: string): Promise<void> {
  await press(user, '/');
  await fill(screen.getByRole('searchbox'), find);
  await press(user, 'Enter');
  await waitFor(() => expect(document.getElementById('part-card')).not.toBeNull());
}

test('a line becomes a part; undo and redo; it is found by two letters of its own words', async () => {
  const user = await open('/box');
  await press(user, 'a');
  await user.keyboard('worm 6/0 stout cutting x12 sparkly');
  const read = () => document.getElementById('quick-add-read');
  await waitFor(() => expect(read()).toHaveTextContent('Offset worm 6/0'));
  expect(read()).toHaveTextContent('not understood: sparkly');
  await press(user, 'Enter');
  await waitFor(() => expect(notice()).toHaveTextContent('Offset worm 6/0 is in the Box.'));
  await waitFor(() => expect(card()).toHaveTextContent('cutting point'));
  await user.click(button('edit'));
  await fill(await screen.findByLabelText('your own words'), 'zanderklauen');
  await user.click(button('Save'));
  await waitFor(() => expect(card()).toHaveTextContent('zanderklauen'));
  await press(user, 'u');
  await waitFor(() => expect(card()).not.toHaveTextContent('zanderklauen'));
  await press(user, 'U');
  await waitFor(() => expect(card()).toHaveTextContent('zanderklauen'));
  await pick(user, 'za');
  await waitFor(() => expect(card()).toHaveTextContent('Offset worm 6/0'));
});

test('Spanish words make the same part', async () => {
  const user = await open('/box');
  await press(user, 'a');
  await user.keyboard('trenzado 0,19 9 kg 150 m');
  await waitFor(() => expect(document.getElementById('quick-add-read')).toHaveTextContent('Braid 0.19 mm'));
});

test('a form refuses what cannot be at its field, and keeps what was typed', async () => {
  const user = await open('/box');
  await pick(user, 'heron');
  await press(user, 'e');
  const length = await screen.findByLabelText('length');
  await fill(length, '99 ft');
  await user.click(button('Save'));
  expect(await screen.findByText(/30.2 m is outside 0.5 m to 15 m\./)).toBeVisible();
  expect(length).toHaveValue('99 ft');
  await fill(length, 'long');
  await user.click(button('Save'));
  expect(await screen.findByText(/“long” is not a number/)).toBeVisible();
});

test('a hang test changes Throw and Set of the rod’s setups, and says so', async () => {
  const user = await open('/box');
  await pick(user, 'tern');
  await press(user, 'm');
  const guide = within(await dialog());
  await fill(await guide.findByLabelText('weight hung 1'), '100 g');
  await fill(guide.getByLabelText('tip went down by 1'), '40 cm');
  await fill(guide.getByLabelText('weight hung 2'), '0.2 kg');
  await fill(guide.getByLabelText('tip went down by 2'), '300 mm');
  expect(await guide.findByText(/Left out, since it cannot be right/)).toBeVisible();
  expect(guide.getByText(/Add the angle of the tip/)).toBeVisible();
  await fill(guide.getByLabelText('tip went down by 2'), '72 cm');
  await fill(guide.getByLabelText(/tip below level/), '55');
  await waitFor(() => expect(guide.queryByText(/Left out, since it cannot be right/)).toBeNull());
  await user.click(guide.getByRole('button', { name: /^save/ }));
  await waitFor(() =>
    expect(
      guide.getAllByRole('listitem').find(({ textContent }) => textContent.includes('Lily bay')),
    ).toHaveTextContent(/Throw was sound, now/),
  );
  await press(user, 'Escape');
  await waitFor(() => expect(card()).toHaveTextContent('rigidity'));
  await press(user, 'h');
  await waitFor(() => expect(screen.getByRole('dialog')).toHaveTextContent('power: was medium-heavy, now –'));
  await press(user, 'Escape');
  await press(user, 'u');
  await waitFor(() => expect(card()).toHaveTextContent('medium-heavy'));
  await press(user, 'U');
  await waitFor(() => expect(card()).toHaveTextContent('rigidity'));
});

test('the stopwatch fills a sink test; a fall of no time is refused while the others stay', async () => {
  const user = await open('/box');
  await pick(user, 'paddle-tail 125');
  await user.click(button('Sink test'));
  const guide = within(await dialog());
  await fill(await guide.findByLabelText('depth of fall 1'), '1.2 m');
  await fill(guide.getByLabelText('time 1'), '3.1');
  const before = performance.now();
  await user.click(guide.getByRole('button', { name: /^start/ }));
  await new Promise((resume) => setTimeout(resume, 2500));
  await user.click(guide.getByRole('button', { name: /^it has landed/ }));
  const most = (performance.now() - before) / 1000;
  await waitFor(() => expect(guide.getByLabelText('time 2')).toHaveDisplayValue(/^\d/));
  const fell = Number(guide.getByLabelText<HTMLInputElement>('time 2').value);
  // As long as it was waited, and no longer than all of it took, however busy the machine is.
  expect(fell).toBeGreaterThan(2.4);
  expect(fell).toBeLessThan(most + 0.05);
  await fill(guide.getByLabelText('depth of fall 3'), '1.2 m');
  await fill(guide.getByLabelText('time 3'), '0.1');
  await waitFor(() => expect(guide.getAllByText(/Left out, since it cannot be right/)[0]).toBeVisible());
  expect(guide.getByText('drag area')).toBeVisible();
});

test('stock moves by reason; more than is there cannot go out', async () => {
  const user = await open('/box');
  await pick(user, 'braid 0.28');
  await press(user, 'n');
  await fill(await screen.findByLabelText('How much line'), '500');
  await fill(screen.getByLabelText('What for'), 'respooled');
  await user.click(button('take out'));
  expect(await screen.findByText(/Not done: there is not that much left\./)).toBeVisible();
  await fill(screen.getByLabelText('How much line'), '20 m');
  await user.click(button('take out'));
  await waitFor(() => expect(card()).toHaveTextContent('110 m'));
});

test('a part goes only after its setups were named, and comes back', async () => {
  const user = await open('/box');
  await pick(user, 'heron');
  await press(user, 'x');
  const asking = await dialog();
  expect(asking).toHaveTextContent('Drowned-wall zander');
  await user.click(within(asking).getByRole('button', { name: 'remove' }));
  await waitFor(() => expect(notice()).toHaveTextContent('Removed; U brings it back.'));
  await waitFor(() => expect(screen.queryByRole('row', { name: /Heron/ })).toBeNull());
  await press(user, 'u');
  expect(await screen.findByRole('row', { name: /Heron/ })).toBeVisible();
});

test('a set test is kept with the angler, and a setup takes it', async () => {
  let user = await open('/box');
  await pick(user, 'heron');
  await user.click(button('Hookset test'));
  const guide = within(await dialog());
  for (const [i, pull] of ['2.1 kg', '2.3 kg', '1.9 kg'].entries())
    await fill(await guide.findByLabelText(`peak on the scale ${i + 1}`), pull);
  await user.click(guide.getByRole('button', { name: 'save with the angler' }));
  expect(await guide.findByText(/Saved; the presentation of a setup can use it\./)).toBeVisible();
  user = await open('/bench/setup-drowned-wall');
  const before = figure('set');
  await press(user, 'p');
  await user.click(await screen.findByRole('button', { name: /^as measured/ }));
  expect(screen.getByLabelText('Moment of your own')).not.toHaveValue('');
  await waitFor(() => expect(figure('set')).not.toBe(before));
});

test('a lure in use keeps its hooks: taking them off is refused by name', async () => {
  const user = await open('/box?part=lure-float-110');
  await press(user, 'e');
  const hooks = await screen.findByLabelText('hooks carried');
  await fill(hooks, '0');
  await user.click(button('Save'));
  expect(await screen.findByRole('alert')).toHaveTextContent('could no longer be worked out');
  expect(hooks).toHaveValue('0');
  expect(await fileOf('setup-crimped-minnow')).toContain('lure-float-110');
});
