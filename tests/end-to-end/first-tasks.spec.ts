import { expect, test, type Page } from '@playwright/test';
import { clean, open, resetDemo, watchErrors } from './page';

watchErrors();
test.describe.configure({ mode: 'serial' });
test.beforeAll(resetDemo);
// Others find the demo again.
test.afterAll(resetDemo);

/** A solver may have to be loaded and every rod judged first. */
const SOLVED = { timeout: 90_000 };

const goTo = (page: Page, view: string) =>
  page.getByRole('navigation', { name: 'Views' }).getByRole('link', { name: view, exact: true }).click();
const dialog = (page: Page) => page.getByRole('dialog');
const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first().click();
const close = (page: Page) => dialog(page).getByRole('button', { name: 'Close' }).first().click();

/** Types a part into its place, and says yes to what was assumed of it. */
async function type(page: Page, place: string, line: string): Promise<void> {
  const field = page.getByRole('combobox', { name: place, exact: true });
  await field.fill(line);
  await expect(page.getByRole('option', { name: /^New part/ })).toBeVisible();
  await field.press('Enter');
  const yes = page.getByRole('button', { name: 'yes, that is right' });
  const other = page.getByRole('button', { name: `${place}: another part` });
  await expect(yes.or(other)).toBeVisible();
  if (await yes.isVisible()) await yes.click();
  await expect(other).toBeVisible();
}

test('the ten first tasks from an empty bench, by what stands on the screen', async ({ page }) => {
  test.setTimeout(600_000);
  await open(page, '/');
  await press(page, 'Start an empty bench');
  await page.getByLabel('Name of the new bench').fill('My shed');
  await press(page, 'Delete everything and start empty');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What do you have in your hand?');
  await clean(page);

  await test.step('1. a first verdict from a rod, a line and a lure', async () => {
    await type(page, 'Rod', `8'6" medium downrigger rod 8-17 lb`);
    await type(page, 'Line', 'mono 20 lb 300 yd');
    await type(page, 'Lure or bait', 'spoon 3/4 oz');
    const first = page.getByRole('status', { name: 'First verdicts' });
    for (const verdict of ['Carry', 'Depth', 'Set', 'Hold', 'Balance']) await expect(first).toContainText(verdict);
    await expect(first).toContainText('Measure first:', SOLVED);
    await clean(page);
    await press(page, 'open on the Bench');
    const tour = page.getByRole('region', { name: 'Show me around' });
    await expect(tour).toContainText('The rig, joint by joint');
    await tour.getByRole('button', { name: 'Next' }).click();
    await expect(tour).toContainText('The drawing');
    await tour.getByRole('button', { name: 'Leave the tour' }).click();
    await expect(tour).toHaveCount(0);
  });

  await test.step('2. what a figure means', async () => {
    await press(page, /^Carry .*: working/);
    await expect(dialog(page)).toContainText('of the rod’s length under the steady pull.');
    await expect(dialog(page)).toContainText('Inputs');
    await close(page);
  });

  await test.step('3. another lure, and what it changes', async () => {
    await goTo(page, 'Box');
    await page.getByLabel('New part', { exact: true }).and(page.locator('input')).fill('spoon 1/2 oz');
    await press(page, /^add$/);
    await expect(page.getByText('is in the Box.')).toBeVisible();
    await goTo(page, 'Bench');
    await page
      .getByRole('link', { name: /^Spoon/ })
      .first()
      .click();
    await page.getByRole('button', { name: /lure: Spoon/ }).click();
    await page.getByRole('option', { name: /Spoon 14/ }).click();
    await press(page, /^fit$/);
    await press(page, /save$/);
    await dialog(page).getByLabel('What changed, and why').fill('lighter, to run higher');
    await dialog(page).getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText('Saved as revision B.')).toBeVisible();
  });

  await test.step('4. where to set the drag', async () => {
    await press(page, /drag and fight$/);
    await expect(dialog(page).getByText(/a pull of .* buries the hook and keeps the fish/)).toBeVisible();
    await close(page);
  });

  await test.step('5. which weight for 6 m at walking pace', async () => {
    await goTo(page, 'Water');
    const speed = page.getByRole('textbox', { name: 'Speed through the surface water' });
    await speed.fill('5 km/h');
    await speed.press('Enter');
    await press(page, /Weight for an angle/);
    await dialog(page).getByLabel('Depth', { exact: true }).fill('6 m');
    await dialog(page).getByLabel('Depth', { exact: true }).press('Enter');
    await expect(dialog(page).getByTestId('weight-mass')).toHaveText(/^\d.*(g|kg)$/);
    await close(page);
  });

  await test.step('6. how deep it runs by line and speed', async () => {
    await press(page, /Depth card/);
    await expect(dialog(page).getByRole('table')).toBeVisible();
    await close(page);
  });

  await test.step('7. which rod to take', async () => {
    await goTo(page, 'Quiver');
    await expect(page.getByLabel('trolled, drifted, straight down')).toBeChecked();
    await press(page, /fewest/);
    await expect(page.getByTestId('answer')).toContainText(/rod reaches|rods reach|no rod/, SOLVED);
  });

  await test.step('8. which leaders to tie', async () => {
    await goTo(page, 'Tying');
    await page
      .getByLabel(/^How many of/)
      .first()
      .fill('2');
    await expect(page.getByTestId('plan')).toContainText('in all');
  });

  await test.step('9. whether it suits tomorrow’s water', async () => {
    await goTo(page, 'Today');
    await press(page, /conditions$/);
    await press(page, /^Next: /);
    await dialog(page)
      .getByRole('button', { name: /^Next: / })
      .click();
    await page.keyboard.press('Escape');
    await expect(page.getByText(/, (suits|will do|fails|not for today),/).first()).toBeVisible(SOLVED);
  });

  await test.step('10. print the spread', async () => {
    await goTo(page, 'Rules');
    await press(page, /^Craft$/);
    await press(page, 'add a craft');
    await page.getByLabel('Length', { exact: true }).fill('5 m');
    await page.getByLabel('Holders', { exact: true }).fill('4');
    await page.getByLabel('Holders', { exact: true }).press('Tab');
    await expect(page.getByRole('status').first()).toHaveText('Saved.');
    await goTo(page, 'Spread');
    await press(page, /add a line/);
    await dialog(page).getByRole('button', { name: /Spoon/ }).first().click();
    await expect(page.getByTestId('lines').locator('tr[data-line]')).toHaveCount(1);
    await press(page, /print$/);
    await expect(page.getByTestId('card-lines').locator('li')).toHaveCount(1);
  });
});

test('the demo is one touch away from an empty bench', async ({ page }) => {
  await open(page, '/bench');
  await press(page, 'Start an empty bench');
  await page.getByLabel('Name of the new bench').fill('Mine');
  await press(page, 'Delete everything and start empty');
  await press(page, 'Look at the demo bench');
  await expect(page.getByRole('link', { name: 'Drowned-wall zander, 12 cm tail' })).toBeVisible();
});
