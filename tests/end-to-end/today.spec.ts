import { expect, test, type Page } from '@playwright/test';
import { clean, open, reload, watchErrors } from './page';

watchErrors();

const suited = (page: Page) => page.getByTestId('suited');
const ready = (page: Page) => expect(suited(page)).toHaveAttribute('data-state', 'ready');
const slot = (page: Page, name: string) => page.getByRole('region', { name, exact: true });

/** A day of which nothing was said yet. */
async function newDay(page: Page) {
  await open(page, '/today');
  await page.getByLabel('Current plan').selectOption('a new day');
  await ready(page);
}

test('a day on a new water is planned from nothing to printed cards by keyboard', async ({ page }) => {
  await newDay(page);
  // The water, with its latitude for the light.
  await page.keyboard.press('e');
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('water', { exact: true }).selectOption('new water …');
  await dialog.getByLabel('Name of the water').fill('Mill reach');
  await dialog.getByLabel('Latitude, north +').fill('55');
  await dialog.getByRole('button', { name: 'Save this water' }).press('Enter');
  await expect(dialog.getByLabel('water', { exact: true })).toHaveValue(/^water-/);
  await dialog.getByRole('button', { name: /^Next: day/ }).press('Enter');
  await dialog.getByLabel('Day', { exact: true }).fill('2026-10-14');
  await page.keyboard.press('Escape');
  await expect(page.locator('[data-cell="light"]')).toContainText('by the sun');
  await expect(page.getByRole('region', { name: 'Hours' })).toContainText('sun up');

  // Two slots, each with the setup that suits best, and one with a fallback.
  await page.keyboard.press('n');
  await ready(page);
  await page.keyboard.press('Enter');
  const first = slot(page, 'Slot 1');
  await expect(first.locator('[data-state="planned"]')).toHaveCount(1);
  await page.keyboard.press('f');
  await dialog.getByLabel('Name', { exact: true }).fill('Morning shallows');
  await dialog.getByLabel('then', { exact: true }).fill('go deeper');
  await dialog.getByLabel('Fish to').fill('3');
  await page.keyboard.press('Escape');
  await expect(slot(page, 'Morning shallows')).toContainText('go deeper');
  await page.keyboard.press('n');
  await expect(slot(page, 'Slot 2')).toHaveAttribute('data-state', 'on');
  await ready(page);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(slot(page, 'Slot 2').locator('[data-state="planned"]')).toHaveCount(1);
  await expect(page.getByTestId('deck').getByRole('listitem')).not.toHaveCount(0);
  await clean(page);

  // Kept and printed in one step.
  await page.keyboard.press('c');
  await expect(page).toHaveURL(/\/today\/cards\?plan=plan-/);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Mill reach');
  await expect(page.getByTestId('card')).toHaveCount(2);
  await expect(page.getByRole('table').first()).toBeVisible();
  await clean(page);
  await page.getByRole('link', { name: 'Today', exact: true }).last().click();
  await expect(slot(page, 'Morning shallows').locator('[data-state="planned"]')).toHaveCount(1);
});

test('baits and fish as a table, and a plan that was changed elsewhere is not written over', async ({
  page,
  context,
}) => {
  await open(page, '/today?plan=plan-sound');
  await ready(page);
  await page.keyboard.press('b');
  const table = page.getByRole('table');
  await expect(table).toContainText('140 mm');
  await expect(table).toContainText('Hook');
  await page.keyboard.press('Escape');

  const other = await context.newPage();
  await open(other, '/today?plan=plan-sound');
  await other.getByLabel('Plan', { exact: true }).fill('Flood over the kelp');
  await other.getByRole('button', { name: 'save the plan' }).first().click();
  await expect(other.getByTestId('plan-bar')).toHaveAttribute('data-state', 'kept');
  await other.close();
  await page.getByLabel('Plan', { exact: true }).fill('Ebb, later');
  await page.getByRole('button', { name: 'save the plan' }).first().click();
  await expect(page.getByRole('main').getByRole('alert')).toContainText('changed elsewhere');
  await page.getByRole('button', { name: 'Save it as a plan of its own' }).click();
  await page.getByRole('button', { name: 'save the plan' }).first().click();
  await expect(page.getByTestId('plan-bar')).toHaveAttribute('data-state', 'kept');
  await reload(page);
  await expect(page.getByLabel('Current plan')).toContainText('Flood over the kelp');
  await expect(page.getByLabel('Current plan')).toContainText('Ebb, later');
});

test('fits a desk without scrolling and a phone without sideways scrolling', async ({ page }) => {
  await open(page, '/today');
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(800);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await open(page, '/today/cards?plan=plan-lake');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('the day on the sound is planned by thumb from nothing to cards', async ({ page }) => {
    await newDay(page);
    const dialog = page.getByRole('dialog');
    const tap = (name: string | RegExp) => page.getByRole('button', { name }).first().tap();
    await page.locator('[data-cell="water"]').tap();
    await dialog.getByLabel('water', { exact: true }).selectOption('Harl Sound');
    await dialog.getByRole('button', { name: /^Next/ }).tap();
    await dialog.getByRole('button', { name: /^Next/ }).tap();
    await dialog.getByLabel('Fish', { exact: true }).fill('pollack');
    await dialog.getByLabel('Weight of the fish').fill('4');
    await dialog.getByRole('button', { name: 'Close' }).tap();
    await page.locator('[data-cell="current"]').tap();
    await dialog.getByLabel('Current').fill('0.6');
    await dialog.getByLabel('High water at').fill('09:20');
    await dialog.getByRole('button', { name: 'Close' }).tap();
    await tap('add a slot');
    await ready(page);
    const first = slot(page, 'Slot 1');
    await expect(first).toContainText(/Ebb|Flood|Slack/);
    await first
      .getByRole('button', { name: /^Fish .* in Slot 1$/ })
      .first()
      .tap();
    await expect(first.locator('[data-state="planned"]')).toHaveCount(1);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
    await tap('Cards to print');
    await expect(page).toHaveURL(/\/today\/cards\?plan=plan-/);
    await expect(page.getByTestId('card')).toHaveCount(1);
  });
});
