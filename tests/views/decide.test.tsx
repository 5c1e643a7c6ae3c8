import { screen, waitFor, within } from '@testing-library/react';
import { spawnSync } from 'node:child_process';
import { beforeAll, expect, test } from 'vitest';
import { computed, current, figure, fileOf, mark, ranged, verdict } from './bench';
import { demoBench } from './demo-bench';
import { dialog, fill, press } from './hands';
import { open } from './page';

beforeAll(demoBench);

const rangeOf = (name: string) =>
  verdict(name).querySelector<HTMLElement>('[data-range]')!.dataset['range']!.split(' ').map(Number) as [
    number,
    number,
  ];
const widthOf = (name: string) => {
  const [lo, hi] = rangeOf(name);
  return hi - lo;
};
/** What the command that a working shows prints in a shell. */
const inAShell = (panel: HTMLElement) =>
  JSON.parse(
    spawnSync('bash', ['-c', within(panel).getByTestId('command').textContent], { encoding: 'utf8' }).stdout,
  ) as {
    readonly margin?: number;
    readonly outcome?: string;
  };

test('ranges stand beside the figures; a mark that the draws do not share is open, and says what it comes from', async () => {
  const user = await open('/bench/setup-drowned-wall');
  await ranged();
  const { figures, words } = await computed<{
    figures: { path: string; p5: number; p95: number }[];
    words: { path: string; sure: number }[];
  }>('ranges', JSON.stringify({ setup: JSON.parse(await fileOf('setup-drowned-wall')) as object }));
  for (const name of ['throw', 'fall', 'set', 'hold', 'balance']) {
    const { p5, p95 } = figures.find(({ path }) => path === `verdicts.${name}.value`)!;
    expect(rangeOf(name), name).toEqual([p5, p95]);
    const isSure = words.find(({ path }) => path === `verdicts.${name}.mark`)!.sure >= 0.6;
    expect(verdict(name).dataset['shown']).toBe(isSure ? mark(name) : 'cant-tell');
  }
  expect(verdict('hold')).toHaveTextContent("can't tell yet");
  await user.click(screen.getByRole('button', { name: /^Set .*working/ }));
  const panel = await dialog();
  await waitFor(() => expect(panel).toHaveTextContent('5 to 95%'));
  expect(panel).toHaveTextContent('256 random draws, seed 20');
  expect(inAShell(panel).margin).toBeCloseTo(Number(figure('set')), 1);
});

test('a fit from a guide that the Bench sends to narrows the range', async () => {
  const user = await open('/bench/setup-drowned-wall');
  await ranged();
  const before = widthOf('throw');
  await user.click(within(verdict('throw')).getByRole('link', { name: 'measure it' }));
  const panel = await dialog();
  expect(panel).toHaveTextContent('Paddle-tail 125 mm');
  for (const [i, text] of ['15.8', '15.8', '15.9'].entries())
    await fill(await within(panel).findByLabelText(`scale shows ${i + 1}`), text);
  await user.click(await within(panel).findByRole('button', { name: /^save: / }));
  await waitFor(() => expect(panel).toHaveTextContent('Saved; the value before'));
  await open('/bench/setup-drowned-wall');
  await ranged();
  expect(widthOf('throw')).toBeLessThan(0.75 * before);
});

test('what would fix it: the first remedy makes the flawed setup sound; tried on, fitted, taken back, dismissed', async () => {
  const user = await open('/bench/setup-lily-bay');
  await press(user, 'f');
  const panel = await dialog();
  const remedies = () => panel.querySelectorAll<HTMLElement>('li[data-sound]');
  const first = () => within(remedies()[0]!);
  await waitFor(() => expect(remedies()[0]?.dataset['sound']).toBe('true'));
  await user.click(first().getByRole('button', { name: 'try' }));
  await waitFor(() => {
    for (const name of ['throw', 'set', 'hold', 'balance']) expect(mark(name)).toBe('sound');
  });
  await user.click(first().getByRole('button', { name: 'fit' }));
  await waitFor(() => expect(panel).toHaveTextContent('Nothing to fix'));
  await user.click(within(panel).getByRole('button', { name: 'Close' }));
  await press(user, 'u');
  await waitFor(() => expect(mark('set')).toBe('fails'));
  await press(user, 'f');
  const again = await dialog();
  const all = () => [...again.querySelectorAll<HTMLElement>('li[data-sound]')];
  await waitFor(() => expect(all().length).toBeGreaterThan(1));
  const text = all()[0]!.textContent;
  await user.click(within(all()[0]!).getByRole('button', { name: /not this/ }));
  await waitFor(() => expect(all()[0]).not.toHaveTextContent(text));
  await user.click(within(again).getByRole('button', { name: /bring 1 back/ }));
  await waitFor(() => expect(all()[0]!.textContent).toBe(text));
  const toFind = all().find((each) => each.textContent.includes('to look for'))!;
  await user.click(within(toFind).getByRole('button', { name: 'try' }));
  expect(within(toFind).queryByRole('button', { name: 'fit' })).toBeNull();
});

test('a sweep says what a change by hand then gives; its value is taken over', async () => {
  const user = await open('/bench/setup-evening-edge');
  await press(user, 'y');
  let panel = within(await dialog());
  await user.selectOptions(panel.getByLabelText('Against'), 'Drag at full spool');
  const at = () => panel.getByTestId('sweep-at');
  await waitFor(() => expect(at().dataset['value']).toMatch(/\d/));
  const right = async (steps: number) => {
    const slider = await panel.findByRole('slider');
    slider.focus();
    for (let i = 0; i < steps; i += 1) await press(user, 'ArrowRight');
  };
  await right(12);
  const swept = Number(at().dataset['value']);
  await user.click(panel.getByRole('button', { name: /^use Drag/ }));
  await user.click(panel.getByRole('button', { name: 'Close' }));
  await waitFor(() => expect(figure('set')).toBe(String(Number(swept.toFixed(2)))));
  await press(user, 'u');
  // The same value blind, typed into the presentation.
  await press(user, 'p');
  const before = figure('set');
  await fill(await screen.findByLabelText('Distance'), '33.6');
  await waitFor(() => expect(figure('set')).not.toBe(before));
  await user.click(screen.getByRole('button', { name: 'Close' }));
  const typed = figure('set');
  await press(user, 'u');
  await press(user, 'y');
  panel = within(await dialog());
  await user.selectOptions(panel.getByLabelText('Against'), 'Distance');
  await user.selectOptions(panel.getByLabelText('And'), 'Slack');
  await waitFor(() => expect(panel.getAllByRole('slider')).toHaveLength(2));
  await user.selectOptions(panel.getByLabelText('And'), 'nothing else');
  await waitFor(() => expect(panel.getAllByRole('slider')).toHaveLength(1));
  // 24 m swept from 9.6 to 48 in forty steps: the twenty-fifth from the left is 33.6.
  panel.getByRole('slider').focus();
  await press(user, 'Home');
  await right(25);
  await waitFor(() => expect(at()).toHaveTextContent(`${typed}×`));
});

test('every candidate with every change: sorted by any figure, pinned side by side, tried on', async () => {
  const user = await open('/bench/setup-drowned-wall');
  const options = () => within(screen.getByRole('listbox')).getAllByRole('option');
  await waitFor(() => expect(options().at(-1)).toHaveTextContent('×'));
  await press(user, 'e');
  const panel = await dialog();
  const needed = () => panel.querySelector<HTMLElement>('tr[data-part]')!.dataset['part'];
  const sort = () => user.click(within(panel).getByRole('button', { name: /^needed/ }));
  await sort();
  const most = needed();
  await sort();
  expect(needed()).not.toBe(most);
  await user.click(within(panel).getByRole('checkbox', { name: /Wide gap 4\/0/ }));
  await user.click(within(panel).getAllByRole('checkbox', { name: /Offset worm 5\/0/ })[0]!);
  const pinned = within(within(panel).getByTestId('pinned'));
  expect(pinned.getAllByRole('columnheader')).toHaveLength(3);
  await user.click(pinned.getAllByRole('button', { name: 'try' })[0]!);
  await waitFor(() => expect(current()).toHaveAccessibleName(/Wide gap 4\/0/));
  await press(user, 'Escape');
  // In the drawer itself: any verdict in the column, the list by it.
  await user.selectOptions(screen.getByLabelText('Which verdict the column shows'), 'hold');
  await user.click(screen.getByRole('button', { name: /sort by the margin of Hold/ }));
  expect(options()[0]).toHaveTextContent('×');
});

test('drag and fight of a towed rig and of a canoe, each with its working', async () => {
  let user = await open('/bench/setup-char-flasher');
  await press(user, 'r');
  const panel = await dialog();
  expect(await within(panel).findByRole('img', { name: /Drag settings/ })).toBeVisible();
  for (const title of [
    'Drop the rod back, or let it load',
    'The rod in its holder at other angles',
    'In your hands',
    'Cranking',
    'The craft: Dunlin',
  ])
    expect(within(panel).getByRole('heading', { name: new RegExp(title) })).toBeVisible();
  await user.click(
    within(within(panel).getByRole('region', { name: /Drop the rod back/ })).getByRole('button', { name: /working/ }),
  );
  const working = await screen.findByTestId('command');
  expect(working).toHaveTextContent('compute load-up');
  expect(inAShell(document.body).outcome).toBe('buries');
  for (const subject of ['the drag window', 'the load in your hands', 'cranking', 'the small craft']) {
    await user.click(screen.getByRole('button', { name: subject }));
    await waitFor(() => expect(screen.getByTestId('command')).toBeVisible());
  }
  user = await open('/bench/setup-lily-bay');
  await press(user, 'r');
  await waitFor(() => expect(document.body).toHaveTextContent('A tight drag can capsize a small craft.'));
  user = await open('/bench/setup-long-flat');
  await press(user, 'r');
  await waitFor(() => expect(document.body).toHaveTextContent('No setting works'));
});

test('up to four setups beside each other, by verdict', async () => {
  const user = await open('/bench');
  for (const name of ['Drowned-wall zander', 'Lily bay', 'Reef plug'])
    await user.click(screen.getByRole('checkbox', { name: new RegExp(`compare ${name}`) }));
  await user.click(screen.getByRole('button', { name: 'compare' }));
  await waitFor(() => expect(document.querySelector('thead')!.querySelectorAll('th')).toHaveLength(3));
  expect(window.location.search).toMatch(/with=.*with=.*with=/);
  expect(document.querySelectorAll('[data-setup="setup-lily-bay"][data-mark="fails"]')).toHaveLength(1);
  await waitFor(() => expect(screen.getAllByText(/of the draws give this verdict/)[0]).toBeVisible());
  await open('/bench/compare?with=nothing');
  expect(screen.getByText(/Tick two to four setups/)).toBeVisible();
});
