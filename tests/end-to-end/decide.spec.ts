import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { clean, open, resetDemo, watchErrors } from './page';

const verdict = (page: Page, name: string) => page.locator(`[data-verdict="${name}"]`);
const mark = (page: Page, name: string) => verdict(page, name).getAttribute('data-mark');
const ready = (page: Page) => expect(page.locator('#verdicts')).toHaveAttribute('data-ranges', 'ready');
const compute = (model: string, input: string) =>
  JSON.parse(spawnSync('bash', ['ferula', 'compute', model], { input, encoding: 'utf8' }).stdout) as Record<
    string,
    unknown
  >;
const rangeOf = async (page: Page, name: string) =>
  (await verdict(page, name).locator('[data-range]').getAttribute('data-range'))!.split(' ').map(Number) as [
    number,
    number,
  ];
const widthOf = async (page: Page, name: string) => {
  const [lo, hi] = await rangeOf(page, name);
  return hi - lo;
};

watchErrors();
test.beforeAll(resetDemo);

test('ranges stand beside the figures; a mark that the draws do not share is open, and says what it comes from', async ({
  page,
  request,
}) => {
  await open(page, '/bench/setup-drowned-wall');
  await ready(page);
  const file = await (await request.get('/bench/setup-drowned-wall/setup.json')).text();
  const { figures, words } = compute('ranges', JSON.stringify({ setup: JSON.parse(file) as object })) as {
    figures: { path: string; p5: number; p95: number }[];
    words: { path: string; sure: number }[];
  };
  for (const name of ['throw', 'fall', 'set', 'hold', 'balance']) {
    const { p5, p95 } = figures.find(({ path }) => path === `verdicts.${name}.value`)!;
    const [lo, hi] = await rangeOf(page, name);
    // Two engines round a logarithm's last digit each its own way.
    expect([lo / p5, hi / p95], name).toEqual([expect.closeTo(1, 9), expect.closeTo(1, 9)]);
    const isSure = words.find(({ path }) => path === `verdicts.${name}.mark`)!.sure >= 0.6;
    await expect(verdict(page, name)).toHaveAttribute('data-shown', isSure ? (await mark(page, name))! : 'cant-tell');
  }
  await expect(verdict(page, 'hold')).toContainText("can't tell yet");
  await clean(page);
  await page.getByRole('button', { name: /^Set .*working/ }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('5 to 95 %');
  await expect(dialog).toContainText('256 random draws, seed 20');
  await clean(page);
  const command = await dialog.getByTestId('command').textContent();
  const { stdout } = spawnSync('bash', ['-c', command!], { encoding: 'utf8' });
  expect((JSON.parse(stdout) as { margin: number }).margin).toBeCloseTo(
    Number(await verdict(page, 'set').locator('output').textContent()),
    1,
  );
});

test('a fit from a guide that the Bench sends to narrows the range', async ({ page }) => {
  await open(page, '/bench/setup-drowned-wall');
  await ready(page);
  const before = await widthOf(page, 'throw');
  await verdict(page, 'throw').getByRole('link', { name: 'measure it' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Paddle-tail 125 mm');
  for (const [i, text] of ['15.8', '15.8', '15.9'].entries())
    await dialog.getByLabel(`scale shows ${i + 1}`).fill(text);
  await dialog.getByRole('button', { name: /^save: / }).click();
  await expect(dialog).toContainText('Saved; the value before');
  await open(page, '/bench/setup-drowned-wall');
  await ready(page);
  expect(await widthOf(page, 'throw')).toBeLessThan(0.75 * before);
});

test('what would fix it: the first remedy makes the flawed setup sound; tried on, fitted, taken back, dismissed', async ({
  page,
}) => {
  await open(page, '/bench/setup-lily-bay');
  await page.keyboard.press('f');
  const dialog = page.getByRole('dialog');
  const first = dialog.getByRole('listitem').and(dialog.locator('[data-sound]')).first();
  await expect(first).toHaveAttribute('data-sound', 'true');
  await clean(page);
  await first.getByRole('button', { name: 'try' }).click();
  for (const name of ['throw', 'set', 'hold', 'balance'])
    await expect(verdict(page, name)).toHaveAttribute('data-mark', 'sound');
  await first.getByRole('button', { name: 'fit' }).click();
  await expect(dialog).toContainText('Nothing to fix');
  await dialog.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('u');
  await expect(verdict(page, 'set')).toHaveAttribute('data-mark', 'fails');
  await page.keyboard.press('f');
  const text = await first.textContent();
  await first.getByRole('button', { name: 'not this' }).click();
  await expect(first).not.toHaveText(text!);
  await dialog.getByRole('button', { name: 'bring 1 back' }).click();
  await expect(first).toHaveText(text!);
  const toFind = dialog.locator('[data-sound]').filter({ hasText: 'to look for' }).first();
  await toFind.getByRole('button', { name: 'try' }).click();
  await expect(toFind.getByRole('button', { name: 'fit' })).toHaveCount(0);
});

test('a sweep says what a change by hand then gives; its value is taken over; its table is a file', async ({
  page,
}) => {
  await open(page, '/bench/setup-evening-edge');
  await page.keyboard.press('y');
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Against', { exact: true }).selectOption({ label: 'Drag at full spool' });
  const at = dialog.getByTestId('sweep-at');
  await expect(at).toHaveAttribute('data-value', /\d/);
  const slider = dialog.getByRole('slider');
  await slider.focus();
  for (let i = 0; i < 12; i += 1) await page.keyboard.press('ArrowRight');
  const swept = Number(await at.getAttribute('data-value'));
  await clean(page);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('button', { name: 'as a table (CSV)' }).click(),
  ]);
  expect(
    readFileSync(await download.path(), 'utf8')
      .trim()
      .split('\r\n'),
  ).toHaveLength(42);
  await dialog.getByRole('button', { name: /^use Drag/ }).click();
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(verdict(page, 'set').locator('output')).toHaveText(String(Number(swept.toFixed(2))));
  await page.keyboard.press('u');
  // The same value blind, typed into the presentation.
  await page.keyboard.press('p');
  await page.getByLabel('Distance', { exact: true }).fill('33.6');
  await page.getByRole('button', { name: 'Close' }).click();
  const typed = await verdict(page, 'set').locator('output').textContent();
  await page.keyboard.press('u');
  await page.keyboard.press('y');
  await dialog.getByLabel('Against', { exact: true }).selectOption({ label: 'Distance' });
  await dialog.getByLabel('And').selectOption({ label: 'Slack' });
  await expect(dialog.getByRole('slider')).toHaveCount(2);
  await dialog.getByLabel('And').selectOption({ label: 'nothing else' });
  await expect(dialog.getByRole('slider')).toHaveCount(1);
  // 24 m swept from 9.6 to 48 in forty steps: the twenty-fifth from the left is 33.6.
  await dialog.getByRole('slider').focus();
  await page.keyboard.press('Home');
  for (let i = 0; i < 25; i += 1) await page.keyboard.press('ArrowRight');
  await expect(at).toContainText(`${typed}×`);
});

test('every candidate with every change: sorted by any figure, pinned side by side, tried on', async ({ page }) => {
  await open(page, '/bench/setup-drowned-wall');
  await expect(page.getByRole('listbox').getByRole('option').last()).toContainText('×');
  await page.keyboard.press('e');
  const dialog = page.getByRole('dialog');
  const needed = () => dialog.locator('tr[data-part]').first();
  await dialog.getByRole('button', { name: /^needed/ }).click();
  const most = await needed().getAttribute('data-part');
  await dialog.getByRole('button', { name: /^needed/ }).click();
  expect(await needed().getAttribute('data-part')).not.toBe(most);
  await dialog.getByRole('checkbox', { name: /Wide gap 4\/0/ }).check();
  await dialog
    .getByRole('checkbox', { name: /Offset worm 5\/0/ })
    .first()
    .check();
  await expect(dialog.getByTestId('pinned').getByRole('columnheader')).toHaveCount(3);
  await clean(page);
  await dialog.getByTestId('pinned').getByRole('button', { name: 'try' }).first().click();
  await expect(page.locator('[aria-current="true"]')).toHaveAccessibleName(/Wide gap 4\/0/);
  await page.keyboard.press('Escape');
  // In the drawer itself: any verdict in the column, the list by it.
  await page.getByLabel('Which verdict the column shows').selectOption('hold');
  await page.getByRole('button', { name: /sort by the margin of Hold/ }).click();
  await expect(page.getByRole('listbox').getByRole('option').first()).toContainText(/×/);
});

test('drag and fight of a towed rig and of a canoe, each with its working', async ({ page }) => {
  await open(page, '/bench/setup-char-flasher');
  await page.keyboard.press('r');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('img', { name: /Drag settings/ })).toBeVisible();
  for (const title of [
    'Drop the rod back, or let it load',
    'The rod in its holder at other angles',
    'In your hands',
    'Cranking',
    'The craft: Dunlin',
  ])
    await expect(dialog.getByRole('heading', { name: new RegExp(title) })).toBeVisible();
  await clean(page);
  await dialog
    .getByRole('region', { name: /Drop the rod back/ })
    .getByRole('button', { name: 'working' })
    .click();
  const command = await dialog.getByTestId('command').textContent();
  expect(command).toContain('compute load-up');
  expect(
    (JSON.parse(spawnSync('bash', ['-c', command!], { encoding: 'utf8' }).stdout) as { outcome: string }).outcome,
  ).toBe('buries');
  for (const subject of ['the drag window', 'the load in your hands', 'cranking', 'the small craft']) {
    await dialog.getByRole('button', { name: subject }).click();
    await expect(dialog.getByTestId('command')).toBeVisible();
  }
  await open(page, '/bench/setup-lily-bay');
  await page.keyboard.press('r');
  await expect(dialog).toContainText('A tight drag can capsize a small craft.');
  await open(page, '/bench/setup-long-flat');
  await page.keyboard.press('r');
  await expect(dialog).toContainText('No setting works');
});

test('up to four setups beside each other, by verdict', async ({ page }) => {
  await open(page, '/bench');
  for (const name of ['Drowned-wall zander', 'Lily bay', 'Reef plug'])
    await page.getByRole('checkbox', { name: new RegExp(`compare ${name}`) }).check();
  await page.getByRole('button', { name: 'compare', exact: true }).click();
  await expect(page).toHaveURL(/with=.*with=.*with=/);
  await expect(page.getByRole('columnheader')).toHaveCount(3);
  await expect(page.locator('[data-setup="setup-lily-bay"][data-mark="fails"]')).toHaveCount(1);
  await expect(page.getByText(/of the draws give this verdict/).first()).toBeVisible();
  await clean(page);
  await open(page, '/bench/compare?with=nothing');
  await expect(page.getByText('Tick two to four setups')).toBeVisible();
});
