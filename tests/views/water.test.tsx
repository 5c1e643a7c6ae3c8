import { screen, waitFor, within } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';
import { beforeAll, expect, test } from 'vitest';
import type { Evaluation } from '@/core/judge';
import { computed, figure, fileOf, verdict } from './bench';
import { demoBench } from './demo-bench';
import { dialog, fill, press } from './hands';
import { open } from './page';

beforeAll(demoBench);

const water = (...setups: readonly string[]) => `/water?${setups.map((id) => `setup=setup-${id}`).join('&')}`;
const line = (id: string) => document.querySelector<HTMLElement>(`[data-line="setup-${id}"]`);
const ends = (id: string, outcome: string) => waitFor(() => expect(line(id)?.dataset['outcome']).toBe(outcome));
const depthOf = (id: string) => Number(line(id)!.dataset['depth']);
const box = (name: string) => screen.getByRole('textbox', { name });
const numberIn = (element: HTMLElement) => Number(element.textContent.replaceAll(/[^\d.]/g, ''));

/** A tool by its key, closed again by `close`. */
async function tool(user: UserEvent, key: string) {
  await press(user, key);
  const panel = await dialog();
  const inside = within(panel);
  return { panel, ...inside, close: () => user.click(inside.getByRole('button', { name: 'Close' })) };
}

test('the picture is what the shell computes, and a handle moves it by keys', async () => {
  const user = await open(water('crimped-minnow', 'char-flasher'));
  await ends('crimped-minnow', 'runs');
  const shell = await computed<Evaluation>('setup', await fileOf('setup-crimped-minnow'));
  const before = depthOf('crimped-minnow');
  // The picture knows of the fly's bottom; no bottom changes a lure that does not reach it.
  expect(before).toBeCloseTo(shell.figures.tow!.running.depthM!, 9);
  await waitFor(() => expect(screen.getByTestId('depth')).toHaveTextContent('5.1 m'));
  expect(screen.getByTestId('column')).toHaveTextContent(/7° from the surface, 83° from the plumb line/);
  const side = within(screen.getByRole('group', { name: 'The water from the side' }));
  side.getByRole('slider', { name: 'Line from the tip' }).focus();
  for (let i = 0; i < 6; i += 1) await press(user, 'Shift+ArrowRight');
  await waitFor(() => expect(depthOf('crimped-minnow')).toBeGreaterThan(before + 0.5));
  expect(screen.getByText(/The picture differs from the saved setups/)).toBeVisible();
  await press(user, 'Backspace');
  await waitFor(() => expect(depthOf('crimped-minnow')).toBe(before));
});

test('a weight that touches: bottom, speed and weight by their figures', async () => {
  await open(water('crawler-harness'));
  await ends('crawler-harness', 'on-bottom');
  expect(screen.getByTestId('figures')).toHaveTextContent('Carried by the bottom');
  await fill(box('Speed through the surface water'), '1.6');
  await ends('crawler-harness', 'runs');
  await fill(box('Weight'), '700');
  await ends('crawler-harness', 'on-bottom');
  await fill(box('Speed through the surface water'), 'fast');
  expect(screen.getByText(/“fast”/)).toBeVisible();
});

test('the weight for an angle: solved, beside the rule, and put back in it gives that angle', async () => {
  const user = await open(water('crawler-harness'));
  const weight = await tool(user, 'w');
  const grams = () => numberIn(weight.getByTestId('weight-mass'));
  await waitFor(() => expect(weight.getByTestId('weight-mass')).toHaveTextContent(/\d g/));
  expect(weight.panel).toHaveTextContent(/the answer is [\d.]+ times that/);
  const touching = grams();
  await user.selectOptions(weight.getByLabelText('Bottom'), 'free');
  await waitFor(() => expect(grams()).toBeLessThan(touching));
  await user.selectOptions(weight.getByLabelText('Angle measured from'), 'plumb');
  expect(weight.getByLabelText('Line from the plumb')).toHaveValue('45');
  await fill(weight.getByLabelText('Line from the plumb'), '60');
  expect(await weight.findByRole('img', { name: /30° from the surface, 60° from the plumb line/ })).toBeVisible();
  await waitFor(() => expect(grams()).toBeLessThan(touching / 2));
});

test('every presentation has its tool: count, card, drift, downrigger, turn, speeds, coverage, paddle', async () => {
  const user = await open(water('char-flasher', 'copper-deep', 'crimped-minnow'));
  await ends('char-flasher', 'runs');

  const count = await tool(user, 'l');
  await fill(count.getByLabelText('Count'), '30');
  expect(numberIn(count.getByTestId('counted'))).toBeLessThan(30);
  await fill(count.getByLabelText('Measured once at this count'), '26');
  expect(count.getByTestId('counted')).toHaveTextContent('26 m');
  await fill(count.getByLabelText('Count'), '90000');
  expect(count.getByRole('alert')).toHaveTextContent('more than the spool holds');
  await user.selectOptions(count.getByLabelText('Counted by'), 'colours');
  await fill(count.getByLabelText('Count'), '2');
  expect(count.getByTestId('counted')).toHaveTextContent('18.3 m');
  await user.click(count.getByRole('button', { name: 'Let out 18.3 m in the picture' }));
  await count.close();
  expect(box('Line behind the release')).toHaveValue('18.3');

  const downrigger = await tool(user, 'r');
  expect(await downrigger.findByTestId('trip-slack')).toHaveTextContent(/m$/);
  await user.selectOptions(downrigger.getByLabelText('Between boom and cable'), 'snubber');
  expect(downrigger.getByTestId('near-rail')).toHaveTextContent('×');
  await downrigger.close();

  const turn = await tool(user, 't');
  expect(await turn.findByRole('img', { name: 'The turn from above' })).toBeVisible();
  await user.click(turn.getByRole('button', { name: /Play/ }));
  await user.click(await turn.findByRole('button', { name: /Pause/ }));
  await fill(turn.getByLabelText('Radius of the turn'), '8');
  await waitFor(() => expect(turn.getByRole('table')).toHaveTextContent('goes slack'));
  await turn.close();

  for (const [key, id, says] of [
    ['s', 'speeds', /All work from|No speed suits all/],
    ['v', 'coverage', /of these depths are covered.*Not covered:/],
    ['p', 'paddle-depths', /·/],
    ['f', 'drift-mass', /g$|any/],
  ] as const) {
    const each = await tool(user, key);
    await waitFor(() => expect(each.getByTestId(id)).toHaveTextContent(says));
    await each.close();
  }
  const card = await tool(user, 'd');
  await waitFor(() => expect(card.getByRole('table')).toHaveTextContent('Depth card'));
});

test('current by depth and from readings, bottom and temperature from files', async () => {
  const user = await open(water('copper-deep'));
  const current = await tool(user, 'u');
  await waitFor(() => expect(current.getByTestId('current-fit')).toHaveTextContent('toward'));
  expect(current.getByTestId('make-good')).toHaveTextContent('over ground');
  await user.click(current.getAllByRole('button', { name: /Remove/ }).at(-1)!);
  expect(current.panel).toHaveTextContent('Too few headings');
  await user.click(current.getByRole('button', { name: 'Add a depth' }));
  await user.click(current.getByRole('button', { name: 'Add a depth' }));
  await fill(current.getAllByLabelText(/along the course/).at(-1)!, '-0.4');
  await waitFor(() => expect(current.getByTestId('lure-speed')).toHaveTextContent('1.5 m/s'));
  await current.close();
  expect(screen.getAllByRole('slider', { name: /Current at/ })).toHaveLength(2);

  const bottom = await tool(user, 'b');
  await user.upload(
    bottom.getByLabelText(/Bottom from a file/),
    new File(['behind [m],depth [m]\r\n0,30\r\n40,9\r\nx,3\r\n80,6\r\n'], 'bottom.csv', { type: 'text/csv' }),
  );
  expect(await bottom.findByRole('status')).toHaveTextContent('3 lines can be used');
  expect(bottom.getByRole('status')).toHaveTextContent('Line 4: “x” is not a number.');
  await user.click(bottom.getByRole('button', { name: 'Use them' }));
  await user.upload(
    bottom.getByLabelText(/Temperatures from a file/),
    new File(['depth [m],temperature [°C]\n0,14\n6,12\n10,6\n'], 'temperature.csv', { type: 'text/csv' }),
  );
  await user.click(await bottom.findByRole('button', { name: 'Use them' }));
  await fill(bottom.getByLabelText('to'), '12');
  await fill(bottom.getByLabelText('Wanted temperature from'), '8');
  await waitFor(() => expect(bottom.panel).toHaveTextContent(/The band is at 6 m to 8\.\d m/));
  await bottom.close();
  await ends('copper-deep', 'on-bottom');
  expect(screen.getByTestId('figures')).toHaveTextContent('Temperature there');
});

test('a cast rig is counted down as on the Bench, with one thing changed at a time', async () => {
  await open(water('drowned-wall'));
  await waitFor(() => expect(screen.getByTestId('countdown')).toHaveTextContent('5.5 s'));
  const [changes] = await screen.findAllByRole('table');
  for (const change of ['as it is', 'lead', 'thinner line', 'salt water', 'on a tight line'])
    expect(changes).toHaveTextContent(change);
  expect(await screen.findByTestId('band-share')).toHaveTextContent(/%$/);
  await fill(box('Weight'), '20');
  await waitFor(() => expect(numberIn(screen.getByTestId('countdown'))).toBeLessThan(5.5));
});

test('setups come into the picture and go out', async () => {
  const user = await open('/water');
  await user.selectOptions(screen.getByLabelText('Put in the picture'), 'Copper line for the deep basin');
  await waitFor(() => expect(window.location.search).toMatch(/setup=.*setup=setup-copper-deep/));
  await waitFor(() => expect(line('copper-deep')).toBeVisible());
  await user.click(screen.getByRole('button', { name: /Remove Copper line/ }));
  await waitFor(() => expect(line('copper-deep')).toBeNull());
});

test('what was found is kept as a revision; a board, a plane and wire at speed run as they should', async () => {
  let user = await open(water('crimped-minnow'));
  await ends('crimped-minnow', 'runs');
  const before = depthOf('crimped-minnow');
  await fill(box('Line from the tip'), '60');
  await waitFor(() => expect(depthOf('crimped-minnow')).toBeGreaterThan(before + 0.3));
  const deeper = depthOf('crimped-minnow');
  await press(user, 'Tab');
  await user.click(screen.getByRole('button', { name: /Save in the setup/ }));
  await fill(await screen.findByLabelText('What changed, and why'), 'sixty metres find them');
  await user.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Save' }));
  expect(await screen.findByText(/Saved as revision C/)).toBeVisible();
  expect(await screen.findByText(/As saved in the setups/)).toBeVisible();
  expect(depthOf('crimped-minnow')).toBeCloseTo(deeper, 6);

  user = await open('/bench/setup-crimped-minnow');
  const shown = () => Number(figure('fall'));
  const flat = shown();
  await press(user, 'p');
  await user.selectOptions(await screen.findByLabelText('Taken down or out by'), 'side-planer');
  await waitFor(() => expect(shown()).not.toBe(flat));
  expect(verdict('fall')).toHaveTextContent('From its release');
  await user.selectOptions(screen.getByLabelText('Taken down or out by'), 'none');
  await waitFor(() => expect(shown()).toBe(flat));
  await press(user, 'Escape');
  await user.click(screen.getByRole('button', { name: /^4 .*knot/ }));
  await press(user, 'a');
  const adding = within(await dialog());
  await user.click(adding.getByRole('radio', { name: /plane/ }));
  await user.click(adding.getAllByRole('button', { name: /100 mm/ })[0]!);
  await waitFor(() => expect(shown()).toBeGreaterThan(flat + 1));
  const planing = shown();
  await user.selectOptions(screen.getByLabelText('Plane'), 'tripped');
  await waitFor(() => expect(shown()).toBeLessThan(planing - 1));

  await open(water('copper-deep'));
  await ends('copper-deep', 'runs');
  await fill(box('Speed through the surface water'), '6');
  await waitFor(() => expect(depthOf('copper-deep')).toBeLessThan(6));
  expect(screen.getByTestId('clean')).toHaveTextContent('kg');
});
