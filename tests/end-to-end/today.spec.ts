import { expect, test } from '@playwright/test';
import { clean, open, reload, watchErrors } from './page';

watchErrors();

test('what is said of the day ranks the setups, is kept, and says what to mind', async ({ page }) => {
  await open(page, '/today');
  const suited = page.getByTestId('suited');
  await expect(suited).toHaveAttribute('data-state', 'ready');
  await expect(suited.locator('[data-standing]')).toHaveCount(17);
  await expect(suited.locator('[data-standing]').first()).toHaveAttribute('data-standing', 'suits');
  await clean(page);

  await page.getByLabel('Water on top').fill('6');
  await page.getByLabel('Clarity').selectOption('murky');
  await expect(page.getByText('Cold water: wear a life jacket')).toBeVisible();
  const wall = suited.locator('[data-standing]').filter({ hasText: 'Drowned-wall zander' });
  await expect(wall).toHaveAttribute('data-standing', 'outside');
  await expect(wall).toContainText('Clarity: today murky, you use it when stained.');
  await reload(page);
  await expect(page.getByLabel('Water on top')).toHaveValue('6');
  await expect(wall).toHaveAttribute('data-standing', 'outside');
});

test('a depth that nothing serves is a hole with the nearest setup; a change from the Box mends what fails', async ({
  page,
}) => {
  await open(page, '/today');
  await page.getByLabel('Fish to').fill('60 m');
  await expect(page.getByTestId('holes')).toContainText(/to 60 m Nearest: /);
  const lily = page.getByTestId('suited').locator('[data-standing="fails"]').filter({ hasText: 'Lily bay' });
  await lily.getByRole('button', { name: 'Lily bay, flick of the wrist' }).click();
  await page.keyboard.press('m');
  await expect(lily.getByRole('status')).toContainText('Then all is sound.');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lily bay, flick of the wrist');
});

test('the best of each rod goes on deck in one step, and a reload begins no second deck', async ({ page }) => {
  await open(page, '/today');
  await expect(page.getByTestId('suited')).toHaveAttribute('data-state', 'ready');
  const best = await page.getByTestId('suited').locator('[data-standing] button').first().innerText();
  await page.keyboard.press('d');
  const plan = page.getByRole('region', { name: 'Deck plan' });
  await expect(plan.getByRole('listitem')).toHaveCount(3);
  await expect(plan.getByLabel('Setup').first().locator('option:checked')).toHaveText(best);
  await expect(plan.locator('[data-remark]')).toHaveCount(0);
  await clean(page);
  await page.getByRole('textbox', { name: 'Name' }).fill('Morning of the long shore');
  await page.getByRole('main').getByRole('button', { name: 'keep', exact: true }).first().click();
  await expect(page).toHaveURL(/\/quiver\/deck$/);
  await reload(page);
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Morning of the long shore');
  await expect(plan.getByRole('listitem')).toHaveCount(3);

  await page.getByRole('link', { name: 'leaders still to tie' }).click();
  await expect(page.getByTestId('plan')).toHaveAttribute('data-outcome', /ok|short/);
  await clean(page);
});

test('fits a desk without scrolling and a phone without sideways scrolling', async ({ page }) => {
  await open(page, '/today');
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(800);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await clean(page);
});
