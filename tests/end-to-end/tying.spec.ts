import { expect, test } from '@playwright/test';
import { clean, open, resetDemo, watchErrors } from './page';

watchErrors();
test.beforeAll(resetDemo);

test('three kinds of leader are planned, marked as tied, taken from stock, and kept', async ({ page }) => {
  await open(page, '/tying');
  await page.getByLabel('How many of Drowned-wall zander, 12 cm tail').fill('4');
  await page.getByLabel('How many of Diving minnow on a crimped leader').fill('3');
  await page.getByLabel('How many of Whitefish over the ledge, weight below').fill('2');
  const plan = page.getByTestId('plan');
  await expect(plan).toHaveAttribute('data-outcome', 'ok');
  // 4 × (1.1 + 0.15 + 0.12 + 2 × 0.01) + 3 × (1.2 + 2 × 0.06 + 2 × 0.01) m of the same spool.
  await expect(plan).toContainText('Fluorocarbon 0.37 mm: 9.58 m in all');
  await expect(plan).toContainText('spool 1: 46 m → 36.4 m');
  await expect(plan.getByRole('row', { name: /Crimp 1.6 mm/ })).toContainText('6');
  await clean(page);

  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'allowances' }).click();
  await page.getByRole('dialog').getByLabel('left bare').fill('25 cm');
  await page.keyboard.press('Escape');
  await expect(plan).toContainText('Fluorocarbon 0.37 mm: 9.98 m in all');

  await page.getByRole('button', { name: 'mark as tied' }).click();
  await expect(page.getByText('9 leaders are tied')).toBeVisible();
  await expect(page.locator('[data-leader="tied"]')).toHaveCount(15);
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Diving minnow on a crimped leader B ·' })
    .first()
    .getByLabel('State')
    .selectOption({ label: 'frayed' });
  await expect(page.getByText('Frayed: retie before the next trip')).toBeVisible();
  await page
    .getByRole('paragraph')
    .filter({ hasText: '1 × Diving minnow' })
    .getByRole('button', { name: 'add', exact: true })
    .click();
  await expect(page.getByLabel('How many of Diving minnow on a crimped leader')).toHaveValue('1');
  await expect(plan).toContainText('spool 1: 36 m');
});

test('cards bear what is on them and a code that opens the setup', async ({ page }) => {
  await open(page, '/tying/cards?setup=setup-drowned-wall&count=2&setup=setup-crimped-minnow&count=1');
  await expect(page.getByRole('listitem')).toHaveCount(3);
  await expect(page.getByRole('listitem').first()).toContainText('breaks at 6.56 kg, at Crossed-wrap knot');
  await clean(page);
  const code = (await page.getByRole('listitem').first().locator('p').last().innerText()).trim();
  await page.goto(`/s/${code.toLowerCase()}`);
  await expect(page).toHaveURL(/\/bench\/setup-drowned-wall$/);
});
