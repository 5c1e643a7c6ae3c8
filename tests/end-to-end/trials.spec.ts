import { expect, test, type Page } from '@playwright/test';
import { open, watchErrors } from './page';

watchErrors();

/** A change shows at once, and is saved a moment later. */
const saved = (page: Page): Promise<void> =>
  expect(page.getByRole('status').filter({ hasText: 'Saved.' })).toBeVisible();
const begin = async (page: Page, name: string, by: string): Promise<void> => {
  await open(page, '/trials');
  await page.getByRole('button', { name: 'New trial' }).click();
  const form = page.getByTestId('edit-trial');
  await form.getByLabel('Name', { exact: true }).fill(name);
  await form.getByLabel('What do you compare?').selectOption({ label: by });
};

test('a day of a trial is fished by its plan: the log says what to swap, and when it is done', async ({ page }) => {
  await begin(page, 'Flasher or minnow', 'Setups, lures or colours');
  const form = page.getByTestId('edit-trial');
  const setupOf = (side: 'A' | 'B') => form.getByRole('group', { name: `Version ${side}` }).getByLabel('Setup');
  await setupOf('A').selectOption({ label: 'Diving minnow on a crimped leader' });
  await setupOf('B').selectOption({ label: 'Steel spoon behind the ball' });
  await form.getByRole('button', { name: 'Begin the trial' }).click();
  await expect(page.getByTestId('trial-sheet')).toContainText('Flasher or minnow');

  await page.keyboard.press('p');
  const plan = page.getByTestId('plan-trial');
  await plan.getByLabel('Lines', { exact: true }).selectOption({ label: 'Lake eight, two planers wide' });
  await plan.getByLabel('From').fill('00:00');
  await plan.getByLabel('To').fill('23:59');
  await expect(page.getByTestId('planned')).toContainText('alike');
  await plan.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(page.getByTestId('trial-plan')).toContainText('not fished yet');
  await saved(page);

  await open(page, '/log');
  await page.getByRole('button', { name: /^Open a trip/ }).click();
  const opening = page.getByTestId('open-trip');
  await opening.getByLabel('Spread').selectOption({ label: 'Lake eight, two planers wide' });
  await opening.getByLabel('Name').fill('First day of the trial');
  await opening.getByRole('button', { name: /^Open it/ }).click();
  await expect(page.getByTestId('tiles')).toBeVisible();
  // A panel that has only just closed takes keys for itself.
  await page.getByRole('button', { name: /^Lines/ }).click();
  await page.getByRole('button', { name: 'All back' }).click();
  await expect(page.locator('[data-line][data-state=fishing]')).toHaveCount(8);
  const swaps = page.getByTestId('swaps').getByRole('button');
  await expect(swaps.first()).toBeVisible();
  const before = await swaps.count();
  await swaps.first().click();
  await expect(swaps).toHaveCount(before - 1);
  await expect(page.getByTestId('unsent')).toBeHidden();
});

test('two windows change one trial: the second is told, and nothing is written over', async ({ page, context }) => {
  await begin(page, 'Two windows', 'Anything, counted by hand');
  await page.getByTestId('edit-trial').getByRole('button', { name: 'Begin the trial' }).click();
  await expect(page.getByTestId('trial-sheet')).toContainText('Two windows');
  const other = await context.newPage();
  await open(other, page.url());
  await page.getByTestId('hand-count').getByRole('button', { name: /^A/ }).click();
  await expect(page.getByTestId('ledger')).toContainText('A 1, B 0');
  await other.getByTestId('hand-count').getByRole('button', { name: /^B/ }).click();
  await expect(other.getByRole('alert').filter({ hasText: 'another window' })).toBeVisible();
  await other.getByRole('button', { name: 'Show it as it is now' }).click();
  await expect(other.getByTestId('hand-count').getByRole('button', { name: /^A/ })).toContainText('1');
  await other.close();
});
