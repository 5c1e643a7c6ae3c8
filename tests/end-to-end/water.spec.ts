import { spawnSync } from 'node:child_process';
import { expect, test, type Page } from '@playwright/test';
import type { Evaluation } from '@/core/judge';
import { clean, open, resetDemo, watchErrors } from './page';

watchErrors();
test.beforeAll(resetDemo);

const water = (...setups: string[]) => `/water?${setups.map((setup) => `setup=setup-${setup}`).join('&')}`;
const line = (page: Page, setup: string) => page.locator(`[data-line="setup-${setup}"]`);
const depthOf = async (page: Page, setup: string) => Number(await line(page, setup).getAttribute('data-depth'));

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
  await page.setViewportSize({ width: 360, height: 740 });
  await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBe(360);
});

// Prints what the browser did; the figures are for reading, not for passing.
test('four lines while a handle is dragged', async ({ page }) => {
  test.skip(process.env['ALL'] !== '1', 'It prints speeds, and nothing can fail it: ALL=1 runs it.');
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
