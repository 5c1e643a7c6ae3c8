import { expect, test, type Page } from '@playwright/test';
import { clean, open, resetDemo, watchErrors } from './page';

watchErrors();
test.beforeAll(resetDemo);

const answer = (page: Page) => page.getByTestId('answer');

test('the hole and the redundant rod are found by the solver, proved, and seen on map and table', async ({ page }) => {
  await open(page, '/quiver');
  await expect(answer(page)).toHaveAttribute('data-outcome', 'not-coverable');
  await expect(answer(page)).toContainText(
    '6 rods reach 90 wherever any does: Snipe, Wagtail, Tern, Heron, Gannet, Bittern. Proved: no 5 are enough',
  );
  await expect(answer(page).getByTestId('hole').last()).toContainText(
    'Sinking lure 190 mm: a gap between the rods: a casting rod, medium-heavy, fast, 40 g to 120 g',
  );
  await expect(answer(page).getByTestId('twin')).toHaveText([
    '≡ Wagtail does all that Dipper does: it can stay at home.',
    '≡ Tern does all that Kestrel, Plover do: they can stay at home.',
  ]);
  const map = page.getByTestId('territory-map');
  await expect(map.locator('[data-hole="true"]')).toHaveCount(3);
  await expect(map.locator('[data-rod="Tern"]')).toBeVisible();
  await clean(page);

  // By keys: to the gap, over the table, and along the lures of the map.
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('n');
  await expect(page.getByTestId('pair')).toContainText('Sinking lure 190 mm');
  await expect(page.getByTestId('pair')).toContainText('a gap between the rods');
  await page.getByTestId('score-table').focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('pair')).not.toContainText('Sinking lure 190 mm');
  await map.locator('.presented[tabindex="0"]').focus();
  await page.keyboard.press('ArrowRight');
  await expect(map.locator('.presented[data-here="true"]')).toBeFocused();

  // A presentation that is left out is asked for no more, until it is put back.
  await expect(page.getByText('36 presentations')).toBeVisible();
  await page.keyboard.press('x');
  await expect(page.getByText('35 presentations')).toBeVisible();
  await page.getByRole('button', { name: '1 left out · put back' }).click();
  await expect(page.getByText('36 presentations')).toBeVisible();
});
