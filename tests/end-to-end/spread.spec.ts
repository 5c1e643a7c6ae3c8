import { expect, test, type Page } from '@playwright/test';
import { demoHouse, demoParts, demoSetupsOfBench, demoSpreads } from '@/db/demo';
import { solveSpread, type SetupFiles } from '@/domain/spread/solve';
import { clean, open, reload, resetDemo, watchErrors } from './page';

watchErrors();
test.beforeAll(resetDemo);

const LAKE = '/spread?spread=spread-lake';
const ready = (page: Page) => expect(page.getByTestId('spread')).toHaveAttribute('data-state', 'ready');
const rows = (page: Page) => page.getByTestId('lines').locator('tr[data-line]');
const radius = (page: Page, side: 'port' | 'starboard') =>
  page.getByTestId('tightest').locator(`[data-side="${side}"]`);
const dialog = (page: Page) => page.getByRole('dialog');

async function openSpread(page: Page, path = LAKE) {
  await open(page, path);
  await expect(rows(page).first()).toBeVisible();
  await ready(page);
}

test('the lake spread shows what the core computes, by the way the page is reached', async ({ page }) => {
  const spread = demoSpreads.find(({ id }) => id === 'spread-lake')!;
  const files = Object.fromEntries(
    demoSetupsOfBench.map(({ id, revisions }) => {
      const { chain, presentation } = revisions.at(-1)!;
      return [
        id,
        { parts: demoParts.filter((part) => chain.some(({ partId }) => partId === part.id)), chain, presentation },
      ];
    }),
  ) as unknown as SetupFiles;
  const { spread: solved } = solveSpread({
    spread,
    craft: demoHouse.crafts.find(({ id }) => id === 'dunlin')!,
    files,
    house: demoHouse,
    rods: demoParts.flatMap((part) => (part.kind === 'rod' ? [part as never] : [])),
    turn: { radiusM: spread.radiusM, side: 'starboard' },
  });
  await openSpread(page);
  await expect(rows(page)).toHaveCount(8);
  for (const side of ['port', 'starboard'] as const) {
    const found = solved!.tightest[side];
    const shown = found.outcome === 'ok' ? found.radiusM.toPrecision(3) : '';
    await expect(radius(page, side)).toContainText(`${Number(shown)} m`);
  }
  for (const { name, lureM } of solved!.lines.filter(({ name }) => name.length === 1))
    await expect(page.getByTestId(`depth-${name}`)).toContainText(lureM[2].toFixed(1).replace(/\.0$/, ''));
  await clean(page);
});

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

test('two lines that come too near in the turn that is wanted are found, and mended by Arrange', async ({ page }) => {
  await openSpread(page);
  await expect(page.getByTestId('tightest')).toContainText('Below that, 2 and 6 come too near.');
  await page.locator('#main').focus();
  await page.keyboard.press('a');
  await expect(page.getByTestId('arrange')).toHaveAttribute('data-state', 'ok', { timeout: 60_000 });
  await dialog(page).getByRole('button', { name: 'Set them like this' }).click();
  await ready(page);
  for (const side of ['port', 'starboard'] as const) {
    const text = await radius(page, side).innerText();
    const metres = Number(/([\d.]+) m/.exec(text)?.[1] ?? 0);
    expect(metres).toBeLessThanOrEqual(60.3);
  }
  await page.locator('#main').focus();
  await page.keyboard.press('z');
  await expect(page.getByTestId('tightest')).toContainText('Below that, 2 and 6 come too near.');
});

test('a line longer than its spool and a rod outside the boat are told at their fields', async ({ page }) => {
  await openSpread(page);
  await page.locator('#main').focus();
  await page.keyboard.press('4');
  await page.keyboard.press('Enter');
  const out = dialog(page).getByLabel('Line out, from the tip');
  await out.fill('200');
  await expect(dialog(page).getByText(/200 m.*91\.4 m/)).toBeVisible();
  await out.fill('60');
  await expect(rows(page).nth(3)).toContainText('60');
  await page.keyboard.press('Escape');
  await page.locator('#main').focus();
  await page.keyboard.press('g');
  const holder = dialog(page).locator('[data-point="holder-1"]');
  await holder.getByLabel('To starboard').fill('9');
  await expect(holder.getByText(/9 m/)).toBeVisible();
  await holder.getByLabel('To starboard').fill('-1.2');
  await page.keyboard.press('Escape');
  await ready(page);
});

test('when the break moves a list says what to wind in; a cut line corrects its marks and asks for a check', async ({
  page,
}) => {
  await openSpread(page);
  await page.locator('#main').focus();
  await page.keyboard.press('b');
  await dialog(page).getByLabel('Temperature break at').fill('17');
  await expect(page.getByTestId('bands')).toHaveAttribute('data-state', 'ready');
  const two = dialog(page).getByRole('row', { name: /^2 / });
  await expect(two).toContainText('let out');
  await two.getByRole('button', { name: 'Done' }).click();
  await expect(two).toContainText('stays');
  await page.keyboard.press('Escape');
  await page.locator('#main').focus();
  await page.keyboard.press('5');
  await page.keyboard.press('Enter');
  await dialog(page).getByRole('button', { name: 'The line was cut back' }).click();
  await expect(dialog(page).getByLabel('Line out, from the tip')).toHaveValue('15');
  await dialog(page).getByRole('button', { name: 'Checked' }).click();
  await page.keyboard.press('Escape');
  await expect(rows(page).nth(4)).not.toContainText('check once');
  await expect(rows(page).nth(0)).toContainText('check once');
});

test('goes out as JSON and comes in again; a file that is none is refused by its fields', async ({ page }) => {
  await openSpread(page);
  await page.locator('#main').focus();
  await page.keyboard.press('x');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    dialog(page).getByRole('button', { name: 'Spread as JSON' }).click(),
  ]);
  const path = await download.path();
  await dialog(page)
    .getByLabel('Open a spread from a file')
    .setInputFiles({
      name: 'bad.json',
      mimeType: 'application/json',
      buffer: Buffer.from('{"name":"x","lines":[{"id":"a"}]}'),
    });
  await expect(dialog(page).getByRole('alert')).toContainText('This file is not a spread');
  await dialog(page).getByLabel('Open a spread from a file').setInputFiles(path);
  await expect(dialog(page)).toBeHidden();
  await expect(page.getByTestId('title')).toHaveAttribute('data-state', 'changed');
  await expect(rows(page)).toHaveCount(8);
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
