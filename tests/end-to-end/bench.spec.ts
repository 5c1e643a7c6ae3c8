import { expect, test, type Page } from '@playwright/test';
import { open, reload, watchErrors } from './page';

const WALL = '/bench/setup-drowned-wall';
const verdict = (page: Page, name: string) => page.locator(`[data-verdict="${name}"]`);
const figure = (page: Page, name: string) => verdict(page, name).locator('output');

watchErrors();

test('the list shows the marks of all twenty setups and opens one', async ({ page }) => {
  await open(page, '/');
  await expect(page).toHaveURL('/bench');
  await expect(page.getByRole('row')).toHaveCount(21);
  const row = page.getByRole('row', { name: /Lily bay/ });
  await expect(row.getByRole('cell').nth(6)).toHaveText(/fails/);
  await page.getByRole('link', { name: /Lily bay/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lily bay, flick of the wrist');
});

test.describe('before any script runs', () => {
  test.use({ javaScriptEnabled: false });

  test('the drawing stands in the page', async ({ page }) => {
    await page.goto(WALL);
    await expect(page.locator('svg.drawing').first()).toBeVisible();
  });
});

test('joints and candidates by mouse, and every candidate shows its effect', async ({ page }) => {
  await open(page, WALL);
  await page.locator('.balloon', { hasText: /^6$/ }).filter({ visible: true }).locator('text').click();
  await expect(page.locator('[aria-current="true"]')).toHaveAccessibleName(/weight: Bullet, tungsten/);
  const heavy = page.getByRole('option', { name: /tungsten 21 g/ });
  await expect(heavy).toContainText('+11 g');
  await heavy.click();
  await expect(figure(page, 'throw')).toHaveText('37.5');
  await page.getByRole('button', { name: 'fit', exact: true }).click();
  await expect(page.getByTestId('revision')).toHaveText('B, not saved');
});

test('a revision is saved with a reason; a second window cannot overwrite it; an older one opens again', async ({
  page,
  context,
}) => {
  const url = '/bench/setup-lily-bay';
  await open(page, url);
  const second = await context.newPage();
  await open(second, url);

  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await page.keyboard.press('s');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Enter a reason')).toBeVisible();
  await page.getByLabel('What changed, and why').fill('lighter hook for the wrist');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByTestId('revision')).toHaveText('C');
  await expect(page.getByText('lighter hook for the wrist')).toBeVisible();

  await second.keyboard.press('s');
  await second.getByLabel('What changed, and why').fill('typed meanwhile');
  await second.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(second.getByRole('alert').filter({ hasText: 'Not saved' })).toContainText('saved in another window');
  await expect(second.getByLabel('What changed, and why')).toHaveValue('typed meanwhile');
  await second.close();

  await reload(page);
  await expect(page.getByTestId('revision')).toHaveText('C');
  await page.keyboard.press('v');
  await expect(page.getByRole('dialog').getByRole('link')).toHaveCount(3);
  await page.getByRole('dialog').getByRole('link', { name: /^A/ }).click();
  await expect(page).toHaveURL(`${url}?revision=1`);
  await expect(page.getByTestId('revision')).toHaveText('A');
});

test('Spanish, customary units and every lighting take effect and stay', async ({ page }) => {
  await open(page, WALL);
  await page.getByLabel('Units', { exact: true }).selectOption('customary');
  await expect(figure(page, 'throw')).toHaveText('0.936');
  await page.getByLabel('Language', { exact: true }).selectOption('es');
  await expect(verdict(page, 'set').getByRole('heading')).toContainText('Clavada');
  await expect(figure(page, 'throw')).toHaveText('0,936');
  await expect(page.locator('html')).toHaveAttribute('lang', 'es');
  await page.keyboard.press('w');
  await expect(page.getByRole('dialog').getByRole('heading', { level: 2 })).toHaveText('Cómo se calculó: Lance');
  await page.keyboard.press('Escape');
  for (const lighting of ['lamp', 'night', 'day']) {
    await page.getByLabel('Luz', { exact: true }).selectOption(lighting);
    await expect(page.locator('html')).toHaveAttribute('data-lighting', lighting);
  }
  await reload(page);
  await expect(figure(page, 'throw')).toHaveText('0,936');
});

test('fits 1280 by 800 without scrolling, and a phone without sideways scrolling', async ({ page }) => {
  await open(page, WALL);
  const size = () => page.evaluate(() => [document.documentElement.scrollWidth, document.documentElement.scrollHeight]);
  expect(await size()).toEqual([1280, 800]);
  await page.setViewportSize({ width: 360, height: 740 });
  await reload(page);
  await expect(page.locator('[aria-current="true"]')).toBeVisible();
  expect((await size())[0]).toBe(360);
  expect(await page.evaluate(() => window.scrollY)).toBe(0);
});
