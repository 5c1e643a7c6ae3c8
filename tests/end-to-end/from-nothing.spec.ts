import { expect, test } from '@playwright/test';
import { chooseFirst, clean, open, watchErrors } from './page';

watchErrors();
test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

// Puts an empty bench in place; another file of tests after this one would find nothing.
test('from an empty bench to the first verdicts, on a phone', async ({ page }) => {
  await open(page, '/box');
  await page.getByRole('button', { name: /files$/ }).click();
  const dialog = page.getByRole('dialog');
  const empty = {
    version: 1,
    kind: 'bench',
    id: 'empty',
    name: 'Empty shed',
    angler: {},
    parts: [],
    readings: [],
    movements: [],
    setups: [],
  };
  await dialog
    .getByLabel('Choose a file')
    .setInputFiles({ name: 'empty.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(empty)) });
  await dialog.getByRole('button', { name: 'put this bench in place' }).click();
  await expect(dialog).toContainText('The bench of the file is in place.');
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText('Nothing in the Box matches that.')).toBeVisible();

  for (const line of [
    `7'2" MH fast 3/8-1 oz cast`,
    'multiplier 6.3:1 7 kg',
    'braid 0.28 18 kg 150 m',
    'fluorocarbon 0.4 9 kg 30 m leader',
    'worm 4/0',
    'paddle tail 10 cm',
  ]) {
    await page.getByLabel('New part', { exact: true }).and(page.locator('input')).fill(line);
    await page.getByRole('button', { name: 'add', exact: true }).click();
    const yes = page.getByRole('button', { name: 'yes, that is right' });
    await expect(page.locator('#quick-add[value=""]').or(yes)).toBeVisible();
    if (await yes.isVisible()) await yes.click();
    await expect(page.locator('#quick-add')).toHaveValue('');
  }
  await open(page, '/bench');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What do you have in your hand?');
  await page.getByRole('link', { name: 'Start from a rig drawing' }).click();
  await page.getByRole('button', { name: /Weedless soft bait, no weight/ }).click();
  for (const slot of ['rod', 'reel', 'line', 'leader', 'hook', 'bait']) await chooseFirst(page, slot);
  await expect(page.getByRole('status').getByText('Throw')).toBeVisible();
  await clean(page);
  await page.getByLabel('Name', { exact: true }).fill('First');
  await page.getByRole('button', { name: 'open on the Bench' }).click();
  await expect(page.locator('[data-verdict="throw"] output')).toHaveText(/^\d/);
  await expect(page.locator('[data-verdict="set"]')).toHaveAttribute('data-mark', /sound|edge|fails/);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
});
