import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { open, watchErrors } from './page';

watchErrors();

const verdict = (page: Page, name: string) => page.locator(`[data-verdict="${name}"]`);
const remarks = (page: Page) => page.locator('[data-check]');

test('a joint is dragged to another place, and the drawing, the strengths and the remarks follow', async ({ page }) => {
  await open(page, '/bench/setup-drowned-wall');
  await expect(page.getByRole('button', { name: 'Drag hook knot' })).toHaveAttribute(
    'aria-roledescription',
    'sortable',
  );
  const from = await page.getByRole('button', { name: 'Drag hook knot' }).boundingBox();
  const knot = await page.getByRole('button', { name: /^Drag leader knot/ }).boundingBox();
  await page.mouse.move(from!.x + 8, from!.y + 8);
  await page.mouse.down();
  await page.mouse.move(knot!.x + 8, knot!.y + 20, { steps: 12 });
  await page.mouse.up();
  await expect(remarks(page).first()).toHaveAttribute('data-check', 'untied');
  await expect(verdict(page, 'hold')).toHaveAttribute('data-mark', 'fails');
  await page.keyboard.press('u');
  await expect(verdict(page, 'hold')).toHaveAttribute('data-mark', 'sound');
});

test('the drawing is made larger by wheel and keys, moved, saved as SVG, and printed on one page of A5, A4 and letter', async ({
  page,
}) => {
  await open(page, '/bench/setup-drowned-wall');
  const drawing = page.locator('svg.drawing:visible').first();
  const box = (await drawing.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  // What takes the wheel comes a moment after the page.
  await expect(async () => {
    await page.mouse.wheel(0, -600);
    await expect(drawing).not.toHaveAttribute('data-zoom', '1', { timeout: 1000 });
  }).toPass();
  await page.keyboard.press('0');
  await expect(drawing).toHaveAttribute('data-zoom', '1');
  await page.keyboard.press('+');
  await page.keyboard.press('ArrowRight');
  await expect(drawing.locator('> g').first()).toHaveAttribute(
    'transform',
    /translate\(-[\d.]+ -[\d.]+\) scale\(1\.3\)/,
  );
  await page.keyboard.press('0');
  const [download] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('g')]);
  const svg = readFileSync(await download.path(), 'utf8');
  expect(svg).toMatch(/^<\?xml/);
  expect(svg).toContain('width="259');
  expect(svg).toContain('stroke-width');
  expect(svg).not.toContain('class=');
  for (const format of ['A5', 'A4', 'Letter'] as const) {
    const pdf = (await page.pdf({ format, landscape: true })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b(?!s)/g), format).toHaveLength(1);
  }
});
