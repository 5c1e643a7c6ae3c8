import { spawnSync } from 'node:child_process';
import { expect, test, type Page } from '@playwright/test';
import type { Evaluation } from '@/core/judge';
import { clean, open, resetDemo, watchErrors } from './page';

watchErrors();
test.beforeAll(resetDemo);

const water = (...setups: string[]) => `/water?${setups.map((setup) => `setup=setup-${setup}`).join('&')}`;
const line = (page: Page, setup: string) => page.locator(`[data-line="setup-${setup}"]`);
const depthOf = async (page: Page, setup: string) => Number(await line(page, setup).getAttribute('data-depth'));

async function tool(page: Page, key: string) {
  await page.keyboard.press(key);
  const dialog = page.getByRole('dialog');
  await expect(dialog).toBeVisible();
  return dialog;
}

test('the picture is what the shell computes, and a handle moves it by keys and by hand', async ({ page, request }) => {
  await open(page, water('crimped-minnow', 'char-flasher'));
  await expect(line(page, 'crimped-minnow')).toHaveAttribute('data-outcome', 'runs');
  const file = await (await request.get('/bench/setup-crimped-minnow/setup.json')).text();
  const shell = JSON.parse(
    spawnSync('bash', ['ferula', 'compute', 'setup'], { input: file, encoding: 'utf8' }).stdout,
  ) as Evaluation;
  const before = await depthOf(page, 'crimped-minnow');
  // The picture knows of the fly's bottom; no bottom changes a lure that does not reach it.
  expect(before).toBeCloseTo(shell.figures.tow!.running.depthM!, 9);
  await expect(page.getByTestId('depth')).toHaveText('5.1 m');
  await expect(page.getByTestId('column')).toContainText(/7° from the surface, 83° from the plumb line/);
  await clean(page);

  await page
    .getByRole('group', { name: 'The water from the side' })
    .getByRole('slider', { name: 'Line from the tip' })
    .focus();
  for (let i = 0; i < 6; i += 1) await page.keyboard.press('Shift+ArrowRight');
  await expect.poll(() => depthOf(page, 'crimped-minnow')).toBeGreaterThan(before + 0.5);
  await expect(page.getByText('The picture differs from the saved setups')).toBeVisible();
  const speed = page
    .getByRole('group', { name: 'The water from the side' })
    .getByRole('slider', { name: 'Speed through the surface water' });
  const box = (await speed.locator('.knob').boundingBox())!;
  const behind = Number(await line(page, 'char-flasher').getAttribute('data-behind'));
  await page.mouse.move(box.x + 6, box.y + 6);
  await page.mouse.down();
  await page.mouse.move(box.x - 60, box.y + 6, { steps: 6 });
  await page.mouse.up();
  // One boat tows all: the other rig goes faster too, and farther behind.
  await expect
    .poll(async () => Number(await line(page, 'char-flasher').getAttribute('data-behind')))
    .toBeGreaterThan(behind + 0.5);
  await page.keyboard.press('Backspace');
  await expect.poll(() => depthOf(page, 'crimped-minnow')).toBe(before);
});

test('a weight that touches: bottom, speed and weight by their figures', async ({ page }) => {
  await open(page, water('crawler-harness'));
  const rig = line(page, 'crawler-harness');
  await expect(rig).toHaveAttribute('data-outcome', 'on-bottom');
  await expect(page.getByTestId('figures')).toContainText('Carried by the bottom');
  await page.getByRole('textbox', { name: 'Speed through the surface water' }).fill('1.6');
  await expect(rig).toHaveAttribute('data-outcome', 'runs');
  await page.getByRole('textbox', { name: 'Weight' }).fill('700');
  await expect(rig).toHaveAttribute('data-outcome', 'on-bottom');
  await page.getByRole('textbox', { name: 'Speed through the surface water' }).fill('fast');
  await expect(page.getByText('“fast”')).toBeVisible();
});

test('the weight for an angle: solved, beside the rule, and put back in it gives that angle', async ({ page }) => {
  await open(page, water('crawler-harness'));
  const dialog = await tool(page, 'w');
  await expect(dialog.getByTestId('weight-mass')).toHaveText(/\d g/);
  await expect(dialog).toContainText(/the answer is [\d.]+ times that/);
  const grams = async () => Number((await dialog.getByTestId('weight-mass').textContent())!.replace(/[^\d.]/g, ''));
  const touching = await grams();
  await dialog.getByLabel('Bottom', { exact: true }).selectOption('free');
  await expect.poll(grams).toBeLessThan(touching);
  await dialog.getByLabel('Angle measured from').selectOption('plumb');
  await expect(dialog.getByLabel('Line from the plumb')).toHaveValue('45');
  await dialog.getByLabel('Line from the plumb').fill('60');
  await expect(dialog.getByRole('img', { name: /30° from the surface, 60° from the plumb line/ })).toBeVisible();
  await expect.poll(grams).toBeLessThan(touching / 2);
  await clean(page);
});

test('every presentation has its tool: count, card, drift, downrigger, turn, speeds, coverage, paddle', async ({
  page,
}) => {
  await open(page, water('char-flasher', 'copper-deep', 'crimped-minnow'));
  await expect(line(page, 'char-flasher')).toHaveAttribute('data-outcome', 'runs');
  const close = () => page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();

  let dialog = await tool(page, 'l');
  await dialog.getByLabel('Count', { exact: true }).fill('30');
  const counted = async () => Number((await dialog.getByTestId('counted').textContent())!.replace(/[^\d.]/g, ''));
  expect(await counted()).toBeLessThan(30);
  await dialog.getByLabel('Measured once at this count').fill('26');
  await expect(dialog.getByTestId('counted')).toHaveText('26 m');
  await dialog.getByLabel('Count', { exact: true }).fill('90000');
  await expect(dialog.getByRole('alert')).toContainText('more than the spool holds');
  await dialog.getByLabel('Counted by').selectOption('colours');
  await dialog.getByLabel('Count', { exact: true }).fill('2');
  await expect(dialog.getByTestId('counted')).toHaveText('18.3 m');
  await dialog.getByRole('button', { name: 'Let out 18.3 m in the picture' }).click();
  await close();
  await expect(page.getByRole('textbox', { name: 'Line behind the release' })).toHaveValue('18.3');

  dialog = await tool(page, 'r');
  await expect(dialog.getByTestId('trip-slack')).toHaveText(/m$/);
  await dialog.getByLabel('Between boom and cable').selectOption('snubber');
  await expect(dialog.getByTestId('near-rail')).toContainText('×');
  await clean(page);
  await close();

  dialog = await tool(page, 't');
  await expect(dialog.getByRole('img', { name: 'The turn from above' })).toBeVisible();
  await dialog.getByRole('button', { name: /Play/ }).click();
  await expect(dialog.getByRole('button', { name: /Pause/ })).toBeVisible();
  await dialog.getByRole('button', { name: /Pause/ }).click();
  await dialog.getByLabel('The chart shows').selectOption('depth');
  await expect(dialog.getByRole('img', { name: 'Speed or depth of each lure through the turn' })).toContainText(
    'Depth',
  );
  await dialog.getByLabel('Radius of the turn').fill('8');
  await expect(dialog.getByRole('table')).toContainText('goes slack');
  await close();

  dialog = await tool(page, 's');
  await expect(dialog.getByTestId('speeds')).toContainText(/All work from|No speed suits all/);
  await close();
  dialog = await tool(page, 'v');
  await expect(dialog.getByTestId('coverage')).toContainText(/of these depths are covered/);
  await expect(dialog.getByTestId('coverage')).toContainText('Not covered:');
  await close();
  dialog = await tool(page, 'p');
  await expect(dialog.getByTestId('paddle-depths')).toContainText('·');
  await close();
  dialog = await tool(page, 'f');
  await expect(dialog.getByTestId('drift-mass')).toHaveText(/g$|any/);
  await close();
  dialog = await tool(page, 'd');
  await expect(dialog.getByRole('table')).toContainText('Depth card');
  await clean(page);
});

test('current by depth and from readings, bottom and temperature from files', async ({ page }) => {
  await open(page, water('copper-deep'));
  let dialog = await tool(page, 'u');
  await expect(dialog.getByTestId('current-fit')).toContainText('toward');
  await expect(dialog.getByTestId('make-good')).toContainText('over ground');
  await dialog.getByRole('button', { name: 'Remove' }).last().click();
  await expect(dialog).toContainText('Too few headings');
  await dialog.getByRole('button', { name: 'Add a depth' }).click();
  await dialog.getByRole('button', { name: 'Add a depth' }).click();
  await dialog.getByLabel('along the course').last().fill('-0.4');
  await expect(dialog.getByTestId('lure-speed')).toHaveText('1.5 m/s');
  await clean(page);
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('slider', { name: /Current at/ })).toHaveCount(2);

  dialog = await tool(page, 'b');
  await dialog.getByLabel(/Bottom from a file/).setInputFiles({
    name: 'bottom.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('behind [m],depth [m]\r\n0,30\r\n40,9\r\nx,3\r\n80,6\r\n'),
  });
  await expect(dialog.getByRole('status')).toContainText('3 lines can be used');
  await expect(dialog.getByRole('status')).toContainText('Line 4: “x” is not a number.');
  await dialog.getByRole('button', { name: 'Use them' }).click();
  await dialog.getByLabel(/Temperatures from a file/).setInputFiles({
    name: 'temperature.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('depth [m],temperature [°C]\n0,14\n6,12\n10,6\n'),
  });
  await dialog.getByRole('button', { name: 'Use them' }).click();
  await dialog.getByLabel('to', { exact: true }).fill('12');
  await dialog.getByLabel('Wanted temperature from').fill('8');
  await expect(dialog).toContainText(/The band is at 6 m to 8\.\d m/);
  const saved = page.waitForEvent('download');
  await dialog.getByRole('button', { name: 'Save as a file' }).first().click();
  expect((await saved).suggestedFilename()).toBe('bottom.csv');
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(line(page, 'copper-deep')).toHaveAttribute('data-outcome', 'on-bottom');
  await expect(page.getByTestId('figures')).toContainText('Temperature there');
});

test('a cast rig is counted down as on the Bench, with one thing changed at a time', async ({ page }) => {
  await open(page, water('drowned-wall'));
  await expect(page.getByTestId('countdown')).toHaveText('5.5 s');
  const table = page.getByRole('table').first();
  for (const change of ['as it is', 'lead', 'thinner line', 'salt water', 'on a tight line'])
    await expect(table).toContainText(change);
  await expect(page.getByTestId('band-share')).toHaveText(/%$/);
  await page.getByRole('textbox', { name: 'Weight' }).fill('20');
  await expect
    .poll(async () => Number((await page.getByTestId('countdown').textContent())!.replace(/[^\d.]/g, '')))
    .toBeLessThan(5.5);
  await clean(page);
});

test('setups come into the picture and go out; a desk holds it all, a phone does not scroll sideways', async ({
  page,
}) => {
  await open(page, '/water');
  await page.getByLabel('Put in the picture').selectOption({ label: 'Copper line for the deep basin' });
  await expect(page).toHaveURL(/setup=.*setup=setup-copper-deep/);
  await expect(line(page, 'copper-deep')).toBeVisible();
  expect(
    await page.evaluate(() => [document.documentElement.scrollWidth, document.documentElement.scrollHeight]),
  ).toEqual([1280, 800]);
  await page.getByRole('button', { name: /Remove Copper line/ }).click();
  await expect(line(page, 'copper-deep')).toHaveCount(0);
  await page.getByLabel('Lighting', { exact: true }).selectOption('lamp');
  await clean(page);
  await page.getByLabel('Lighting', { exact: true }).selectOption('day');
  await page.setViewportSize({ width: 360, height: 740 });
  await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBe(360);
});

test('what was found is kept as a revision; a board, a plane and wire at speed run as they should', async ({
  page,
}) => {
  await open(page, water('crimped-minnow'));
  const before = await depthOf(page, 'crimped-minnow');
  await page.getByRole('textbox', { name: 'Line from the tip' }).fill('60');
  await expect.poll(() => depthOf(page, 'crimped-minnow')).toBeGreaterThan(before + 0.3);
  const deeper = await depthOf(page, 'crimped-minnow');
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: /Save in the setup/ }).click();
  await page.getByLabel('What changed, and why').fill('sixty metres find them');
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Saved as revision C' })).toBeVisible();
  await expect(page.getByText('As saved in the setups.')).toBeVisible();
  expect(await depthOf(page, 'crimped-minnow')).toBeCloseTo(deeper, 6);

  await open(page, '/bench/setup-crimped-minnow');
  const depth = page.locator('[data-verdict="fall"]');
  await expect(depth.getByRole('heading')).toHaveText(/Depth/);
  const shown = async () => Number((await depth.locator('output').textContent())!);
  const flat = await shown();
  await page.keyboard.press('p');
  await page.getByLabel('Taken down or out by').selectOption('side-planer');
  await expect.poll(shown).not.toBe(flat);
  await expect(depth).toContainText('From its release');
  await page.getByLabel('Taken down or out by').selectOption('none');
  await expect.poll(shown).toBe(flat);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^4 .*knot/ }).click();
  await page.keyboard.press('a');
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('radio', { name: /plane/ }).click();
  await dialog
    .getByRole('button', { name: /100 mm/ })
    .first()
    .click();
  await expect.poll(shown).toBeGreaterThan(flat + 1);
  const planing = await shown();
  await page.getByLabel('Plane', { exact: true }).selectOption('tripped');
  await expect.poll(shown).toBeLessThan(planing - 1);

  await open(page, water('copper-deep'));
  await page.getByRole('textbox', { name: 'Speed through the surface water' }).fill('6');
  await expect.poll(() => depthOf(page, 'copper-deep')).toBeLessThan(6);
  await expect(page.getByTestId('clean')).toContainText('kg');
});

// Prints what the browser did; the figures are for reading, not for passing.
test('four lines while a handle is dragged', async ({ page }) => {
  await open(page, water('crimped-minnow', 'char-flasher', 'copper-deep', 'crawler-harness'));
  for (const setup of ['crimped-minnow', 'char-flasher', 'copper-deep', 'crawler-harness'])
    await expect(line(page, setup)).toBeVisible();
  await page.evaluate(() => {
    const held = { frames: 0, drawn: 0, since: performance.now() };
    Object.assign(window, { held });
    const count = () => {
      held.frames += 1;
      requestAnimationFrame(count);
    };
    requestAnimationFrame(count);
    new MutationObserver((changes) => {
      held.drawn += changes.some(({ attributeName }) => attributeName === 'data-behind') ? 1 : 0;
    }).observe(document.querySelector('[data-testid="column"]')!, {
      subtree: true,
      attributes: true,
      attributeFilter: ['data-behind'],
    });
  });
  const handle = page
    .getByRole('group', { name: 'The water from the side' })
    .getByRole('slider', { name: 'Speed through the surface water' });
  const box = (await handle.locator('.knob').boundingBox())!;
  await page.mouse.move(box.x + 6, box.y + 6);
  await page.mouse.down();
  const start = Date.now();
  for (let i = 0; i < 120; i += 1) await page.mouse.move(box.x + 6 - 40 * Math.sin(i / 19), box.y + 6);
  const ms = Date.now() - start;
  const { drawn, frames } = await page.evaluate(
    () => (window as unknown as { held: { drawn: number; frames: number } }).held,
  );
  await page.mouse.up();
  console.log(
    `four lines, dragged for ${ms} ms: ${frames} frames (${((1000 * frames) / ms).toFixed(0)} a second), the picture redrawn ${drawn} times (${((1000 * drawn) / ms).toFixed(0)} a second)`,
  );
  expect(drawn).toBeGreaterThan(0);
});
