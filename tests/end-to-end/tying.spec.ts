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

test('what runs short is said, and cannot be marked', async ({ page }) => {
  await open(page, '/tying');
  await page.getByLabel('How many of Drowned-wall zander, 12 cm tail').fill('60');
  await expect(page.getByTestId('plan')).toHaveAttribute('data-outcome', 'short');
  await expect(page.getByTestId('plan')).toContainText('cannot be cut');
  await expect(page.getByRole('button', { name: 'mark as tied' })).toBeDisabled();
});

test('a leader is tied by steps: what is missing on the line holds Next back', async ({ page }) => {
  await open(page, '/tying/steps/setup-drowned-wall');
  await expect(page.getByRole('region', { name: 'The step' })).toContainText('Cut 1.39 m of Fluorocarbon 0.37 mm');
  const next = page.getByRole('button', { name: 'Next', exact: true }).first();
  for (const kind of ['tie', 'test', 'trim', 'thread', 'leave']) {
    await next.click();
    await expect(page.locator(`[data-step="${kind}"]`)).toBeVisible();
  }
  await expect(next).toBeDisabled();
  for (const box of await page.getByRole('region', { name: 'The step' }).getByRole('checkbox').all()) await box.check();
  await clean(page);
  await next.click();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Done: coil it up and put it away.')).toBeVisible();
  await page.keyboard.press('t');
  await expect(page.getByRole('timer')).toContainText('rest');
});

test('a torn bait is joined by steps, with its caution and a rest to cool; crimp and ring are sized by the line', async ({
  page,
}) => {
  await open(page, '/tying');
  await page.keyboard.press('m');
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Never heat elastomers');
  await dialog.getByLabel('Rest').fill('2:30');
  await dialog.getByRole('button', { name: 'start' }).click();
  await expect(dialog.getByRole('timer')).toContainText(/rest 2:(30|2\d)/);
  await clean(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('s');
  await expect(page.getByRole('dialog').getByRole('row', { name: /Diving minnow/ })).toContainText('Crimp 1.6 mm');
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

test('jig lab: filed by keys, dropped ten thousand times, and the best flats beat the one by hand', async ({
  page,
}) => {
  await open(page, '/tying/jig');
  const good = async (name: string) =>
    Number(await page.getByRole('region', { name, exact: true }).getAttribute('data-good'));
  const [before, byHand] = [await good('Before'), await good('After')];
  await page.getByRole('slider').focus();
  const filed = await page.getByTestId('filed').innerText();
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('ArrowUp');
  await expect(page.getByTestId('filed')).not.toHaveText(filed);
  await page.getByRole('main').getByRole('button', { name: 'drop it' }).first().click();
  await expect(page.getByTestId('drops')).toContainText('Of 10,000 drops');
  await page.getByRole('main').getByRole('button', { name: 'find the best flats' }).first().click();
  await expect(page.getByTestId('best-cut')).toBeVisible({ timeout: 60_000 });
  expect(Number(await page.getByTestId('best-cut').getAttribute('data-good'))).toBeGreaterThanOrEqual(byHand);
  await page.getByRole('main').getByRole('button', { name: 'file one flat' }).first().click();
  await expect.poll(() => good('After')).toBeGreaterThan(before + 0.3);
  await clean(page);
});
