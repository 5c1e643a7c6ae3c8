import { expect, test } from '@playwright/test';
import { open, resetDemo, watchErrors } from './page';

// Prints what the browser recorded; the figures are for reading, not for passing.
test.skip(process.env['ALL'] !== '1', 'It prints speeds, and nothing can fail it: ALL=1 runs it.');
watchErrors();
test.beforeAll(resetDemo);

/** Hooks of as many wires and sizes as make a drawer of a hundred and fifty. */
const COUNT = 150;
const csv = [
  'kind,style,size,points,barb,sharpness,wire [mm],gap [mm],shank [mm],mass [g]',
  ...Array.from(
    { length: COUNT },
    (_, i) =>
      `hook,worm-offset,${(i % 6) + 1}/0,single,barbed,stock,${(0.9 + i / 250).toFixed(3)},${(9 + (i % 7)).toFixed(1)},${30 + (i % 9)},0.8`,
  ),
].join('\r\n');

test('a hundred and fifty candidates while the list is scrolled and keys are pressed', async ({ page }) => {
  await open(page, '/box');
  await page.getByRole('button', { name: /^I files/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog
    .getByLabel('Choose a file')
    .setInputFiles({ name: 'hooks.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await dialog.getByRole('button', { name: 'write 150 parts' }).click();
  await expect(dialog).toContainText('150 parts written.');
  await open(page, '/bench/setup-drowned-wall');
  const list = page.getByRole('listbox');
  // The hooks of the demo that fit stand among them.
  await expect.poll(() => list.getByRole('option').count()).toBeGreaterThan(COUNT);
  await expect(list).toHaveAttribute('data-state', 'ready');
  await page.evaluate(() => {
    const held = { longTasks: [] as number[], events: [] as { name: string; ms: number }[] };
    Object.assign(window, { held });
    new PerformanceObserver((found) =>
      held.longTasks.push(...found.getEntries().map(({ duration }) => Math.round(duration))),
    ).observe({ type: 'longtask' });
    new PerformanceObserver((found) =>
      held.events.push(...found.getEntries().map(({ name, duration }) => ({ name, ms: Math.round(duration) }))),
    ).observe({ type: 'event', durationThreshold: 16 } as PerformanceObserverInit);
  });
  const start = Date.now();
  // Away and back: the drawer asks again for all of them.
  await page.keyboard.press('[');
  await page.keyboard.press(']');
  await list.hover();
  for (let i = 0; i < 6; i += 1) {
    await page.mouse.wheel(0, 300);
    await page.keyboard.press('ArrowDown');
  }
  await expect(list).toHaveAttribute('data-state', 'ready');
  await expect(list.getByRole('option').last()).toContainText(/×/);
  const ms = Date.now() - start;
  const { longTasks, events } = await page.evaluate(
    () => (window as unknown as { held: { longTasks: number[]; events: { name: string; ms: number }[] } }).held,
  );
  console.log(
    `150 candidates, scrolled and with keys: ready after ${ms} ms; long tasks [${longTasks.join(', ')}] ms; interactions over 16 ms: ${
      events
        .filter(({ name }) => /keydown|wheel|pointer/.test(name))
        .map(({ name, ms: of }) => `${name} ${of}`)
        .join(', ') || 'none'
    }`,
  );
  await expect(page.locator('[aria-current="true"]')).toBeVisible();
});
