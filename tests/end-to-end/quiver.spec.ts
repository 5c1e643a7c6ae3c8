import { spawnSync } from 'node:child_process';
import { expect, test, type Page } from '@playwright/test';
import { clean, open, reload, resetDemo, watchErrors } from './page';

watchErrors();
test.beforeAll(resetDemo);

/** Scoring and solving take seconds on a busy machine. */
const SOLVED = { timeout: 40_000 };
const answer = (page: Page) => page.getByTestId('answer');

test('the hole and the redundant rod are found by the solver, proved, and seen on map and table', async ({ page }) => {
  await open(page, '/quiver');
  await expect(answer(page)).toHaveAttribute('data-outcome', 'not-coverable', SOLVED);
  await expect(answer(page)).toContainText(
    '6 rods reach 90 wherever any does: Snipe, Wagtail, Tern, Heron, Gannet, Bittern. Proved: no 5 are enough',
  );
  await expect(answer(page).getByTestId('hole').last()).toContainText(
    'Sinking lure 190 mm: a gap between the rods: a casting rod, medium-heavy, fast, 40 g to 120 g',
    SOLVED,
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

test('what is asked: the best few, a purchase, what stays at home; pins and the floor change the answer', async ({
  page,
}) => {
  await open(page, '/quiver');
  await expect(answer(page)).toHaveAttribute('data-outcome', 'not-coverable', SOLVED);
  await page.keyboard.press('h');
  await expect(answer(page)).toContainText('Nothing is lost without:', SOLVED);
  await expect(answer(page)).toContainText('Plover');
  await page.keyboard.press('b');
  await expect(answer(page)).toContainText('The best 3:', SOLVED);
  await page.getByRole('button', { name: 'Plover: may come or stay' }).click();
  await expect(answer(page)).toContainText(/The best 3: .*Plover/, SOLVED);
  await page.getByRole('button', { name: 'Plover: must come' }).click();
  await expect(answer(page)).not.toContainText('Plover', SOLVED);
  await page.getByRole('button', { name: 'Plover: stays home' }).click();
  await page.keyboard.press('p');
  await expect(answer(page)).toContainText('To look for, 126 together: casting rod', SOLVED);
  await page.getByLabel('Budget, whole coins').fill('50');
  await expect(answer(page)).toContainText('Nothing within the budget', SOLVED);
  await page.keyboard.press('Escape');
  await page.getByRole('combobox', { name: 'Question' }).selectOption({ label: 'the fewest rods that cover all' });
  await page.getByLabel('and every lure of the Box').uncheck();
  await expect(answer(page)).toContainText(
    '5 rods reach 90 wherever any does: Wagtail, Tern, Heron, Gannet, Bittern',
    SOLVED,
  );
  await page.getByLabel('trolled, drifted, straight down').check();
  await expect(answer(page)).toHaveAttribute('data-outcome', 'optimal', SOLVED);
  await expect(answer(page)).toContainText('1 rod reaches 90');
  await page.keyboard.press('t');
  await expect(page.getByRole('dialog')).toContainText('Each presentation on the best of the chosen rods');
});

test('a rod is chosen for a technique: curves, tables, the day; another place changes them', async ({ page }) => {
  await open(page, '/quiver');
  await expect(answer(page)).toHaveAttribute('data-outcome', 'not-coverable', SOLVED);
  await page.keyboard.press('c');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByTestId('trade')).toContainText('double-extra-heavy', SOLVED);
  await expect(dialog.getByRole('img', { name: /^cast over the rod/ })).toBeVisible();
  const before = await dialog.getByTestId('trade').innerText();
  await dialog.getByLabel('Place').selectOption({ label: 'in a canoe' });
  await expect.poll(() => dialog.getByTestId('trade').innerText(), SOLVED).not.toBe(before);
  await expect(dialog.getByRole('link', { name: 'ten casts at a mark would tell' })).toBeVisible();
});

test('a deck: rigged, a reel wanted twice is a conflict, kept, opened again, thrown away and brought back', async ({
  page,
}) => {
  await open(page, '/quiver/deck');
  await page.getByLabel('Deck', { exact: true }).selectOption({ label: 'another deck' });
  const add = page.getByLabel('Add a setup');
  for (const label of ['Drowned-wall zander, 12 cm tail', 'Big tail with a stinger', 'Bladed jig over the weed tops'])
    await add.selectOption({ label });
  await expect(page.locator('[data-remark]')).toHaveCount(0);
  await page.getByRole('listitem').nth(1).getByLabel('Reel').selectOption({ label: 'Conventional reel, 6.3 : 1' });
  await expect(page.locator('[data-remark="reel-on-two-rods"]')).toContainText('place 1');
  await page.getByRole('textbox', { name: 'Name' }).fill('Evening on the wall');
  await page.getByRole('button', { name: 'Move place 3 up' }).click();
  await page.keyboard.press('Tab');
  await page.getByRole('main').getByRole('button', { name: 'save', exact: true }).first().click();
  await expect(page.getByRole('main').getByRole('button', { name: 'save', exact: true }).first()).toBeDisabled();
  await clean(page);
  await reload(page);
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Evening on the wall');
  await expect(page.getByRole('listitem').nth(1).getByLabel('Setup')).toHaveValue('setup-bladed');
  await expect(page.getByRole('region', { name: 'Pack list' })).toContainText('Rod “Gannet”');
  await page.getByRole('button', { name: 'delete this deck' }).click();
  await page.getByRole('button', { name: 'bring back “Evening on the wall”' }).click();
  await expect(page.getByRole('listitem')).not.toHaveCount(0);
});

test('screen and shell agree on a pair', async ({ page, request }) => {
  await open(page, '/quiver');
  await expect(answer(page)).toHaveAttribute('data-outcome', 'not-coverable', SOLVED);
  const setup = JSON.parse(await (await request.get('/bench/setup-bladed/setup.json')).text()) as {
    parts: { kind: string; id: string }[];
  };
  const bench = JSON.parse(await (await request.get('/files/bench.json')).text()) as {
    parts: { part: { kind: string; id: string; name?: string } }[];
  };
  const rods = bench.parts.map(({ part }) => part).filter(({ name }) => name === 'Wagtail');
  const reels = bench.parts.map(({ part }) => part).filter(({ kind }) => kind === 'reel');
  const { stdout } = spawnSync('bash', ['ferula', 'compute', 'rod-scores'], {
    input: JSON.stringify({ setup, rods, reels }),
    encoding: 'utf8',
  });
  const { scores } = JSON.parse(stdout) as { scores: { score: number }[] };
  await expect(page.locator('[data-row="setup-bladed"]').getByRole('gridcell').nth(2)).toContainText(
    String(Math.round(100 * scores[0]!.score)),
  );
});
