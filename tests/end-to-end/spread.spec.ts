import { expect, test, type Page } from '@playwright/test';
import { clean, open, reload, resetDemo, watchErrors } from './page';

watchErrors();
test.beforeAll(resetDemo);

const LAKE = '/spread?spread=spread-lake';
const ready = (page: Page) => expect(page.getByTestId('spread')).toHaveAttribute('data-state', 'ready');
const rows = (page: Page) => page.getByTestId('lines').locator('tr[data-line]');
const dialog = (page: Page) => page.getByRole('dialog');

async function openSpread(page: Page, path = LAKE) {
  await open(page, path);
  await expect(rows(page).first()).toBeVisible();
  await ready(page);
}

test('a spread is set from nothing by keyboard, turned, kept, and stands after a reload', async ({ page }) => {
  await openSpread(page);
  await page.getByLabel('Spreads', { exact: true }).selectOption('A new one');
  await page.getByLabel('Boat', { exact: true }).selectOption('dunlin');
  for (const name of ['Steel spoon behind the ball', 'Minnow on lead core', 'Char fly behind the rotating plate']) {
    await page.locator('#main').focus();
    await page.keyboard.press('n');
    await dialog(page)
      .getByRole('button', { name: new RegExp(name) })
      .press('Enter');
    await expect(dialog(page)).toBeHidden();
  }
  await expect(rows(page)).toHaveCount(3);
  await ready(page);
  // The second line: out by two metres, then to another holder.
  await page.locator('#main').focus();
  await page.keyboard.press('2');
  for (let i = 0; i < 4; i += 1) await page.keyboard.press('ArrowRight');
  await expect(rows(page).nth(1)).toContainText('48');
  await page.locator('[data-point="holder-4"]').press('Enter');
  await page.locator('#main').focus();
  await page.keyboard.press('Enter');
  await expect(dialog(page).getByLabel('Place')).toHaveValue('holder-4');
  await page.keyboard.press('Escape');
  // A tighter turn, to the other side; the lures' path follows.
  await page.locator('#main').focus();
  await page.keyboard.press('\\');
  await page.keyboard.press('[');
  await expect(page.getByTestId('turn')).toContainText('turn to port');
  await page.keyboard.press('k');
  await expect(page.getByTestId('title')).toHaveAttribute('data-state', 'kept');
  await reload(page);
  await page.getByLabel('Spreads', { exact: true }).selectOption('Spread of 3 lines');
  await expect(rows(page)).toHaveCount(3);
  await expect(rows(page).nth(1)).toContainText('48');
  // And it is deleted again.
  await page.locator('#main').focus();
  await page.keyboard.press('x');
  await dialog(page).getByRole('button', { name: 'Delete the spread Spread of 3 lines' }).click();
  await expect(page.getByLabel('Spreads', { exact: true })).not.toContainText('Spread of 3 lines');
});

test('prints its marks in the order they go out, and a second window is told', async ({ page, context }) => {
  await openSpread(page, '/spread?spread=spread-sound');
  const other = await context.newPage();
  await openSpread(other, '/spread?spread=spread-sound');
  for (const window of [page, other]) {
    await window.locator('#main').focus();
    await window.keyboard.press('ArrowRight');
    await window.keyboard.press('k');
  }
  await expect(page.getByTestId('title')).toHaveAttribute('data-state', 'kept');
  await expect(other.getByTestId('title').getByRole('alert')).toContainText('changed in another window');
  await other.close();
  await page.keyboard.press('p');
  await expect(page.getByTestId('card-lines').locator('li')).toHaveCount(4);
  await expect(page.getByTestId('card-lines').locator('li').first()).toContainText('Shearwater');
  await clean(page);
});

test('a phone holds it, and a day goes on into it', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSpread(page);
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
  await open(page, '/spread?setup=setup-lead-core&setup=setup-ball-spoon&craft=dunlin');
  await expect(rows(page)).toHaveCount(2);
});
