import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import type { Evaluation } from '@/core/judge';
import { demoFiles } from '../helpers/demo';
import { clean, errors, open, reload, watchErrors } from './page';

const WALL = '/bench/setup-drowned-wall';
const verdict = (page: Page, name: string) => page.locator(`[data-verdict="${name}"]`);
const candidates = (page: Page) => page.getByRole('listbox').getByRole('option');
const figure = (page: Page, name: string) => verdict(page, name).locator('output');

watchErrors();

test('the list shows the marks of all twenty setups and opens one', async ({ page }) => {
  await open(page, '/');
  await expect(page).toHaveURL('/bench');
  await expect(page.getByRole('row')).toHaveCount(21);
  const row = page.getByRole('row', { name: /Lily bay/ });
  await expect(row.getByRole('cell').nth(6)).toHaveText(/fails/);
  await clean(page);
  await page.getByRole('link', { name: /Lily bay/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lily bay, flick of the wrist');
});

test.describe('before any script runs', () => {
  test.use({ javaScriptEnabled: false });

  test('the drawing stands in the page', async ({ page }) => {
    await page.goto(WALL);
    await expect(page.locator('svg.drawing').first()).toBeVisible();
  });

  for (const { id } of demoFiles.filter(({ newest }) => newest))
    test(`page and shell agree for ${id}`, async ({ page, request }) => {
      await page.goto(`/bench/${id}`);
      const file = await (await request.get(`/bench/${id}/setup.json`)).text();
      const { stdout } = spawnSync('bash', ['ferula', 'compute', 'setup'], { input: file, encoding: 'utf8' });
      const { verdicts } = JSON.parse(stdout) as Evaluation;
      for (const [name, { mark, value, unit }] of Object.entries(verdicts)) {
        await expect(verdict(page, name)).toHaveAttribute('data-mark', mark);
        if (value === null) continue;
        const shown = Number((await figure(page, name).textContent())!.replace('−', '-'));
        const exact = unit === 'kg' ? value * 1e3 : unit === 'rad' ? (value * 180) / Math.PI : value;
        expect(Math.abs(shown - exact), name).toBeLessThanOrEqual(
          unit === 'rad' ? 0.51 : unit === 'm' ? 0.051 : 0.006 * Math.max(1, exact),
        );
      }
    });
});

test('joints and candidates by keys: try on, fit, undo, redo', async ({ page }) => {
  await open(page, WALL);
  const current = page.locator('[aria-current="true"]');
  await expect(current).toHaveAccessibleName(/hook: Offset worm 3\/0/);
  await expect(candidates(page).and(page.locator('[aria-selected="true"]'))).toContainText('Offset worm 3/0');
  const before = await figure(page, 'set').textContent();
  await page.keyboard.press('ArrowDown');
  await expect(current).toHaveAccessibleName(/Offset worm 4\/0/);
  await expect(figure(page, 'set')).not.toHaveText(before!);
  await page.keyboard.press('Escape');
  await expect(figure(page, 'set')).toHaveText(before!);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('revision')).toHaveText('B, not saved');
  await page.keyboard.press('u');
  await expect(page.getByTestId('revision')).toHaveText('B');
  await expect(figure(page, 'set')).toHaveText(before!);
  await page.keyboard.press('Shift+U');
  await expect(page.getByTestId('revision')).toHaveText('B, not saved');
  await page.keyboard.press(']');
  await expect(current).toHaveAccessibleName(/bait: Paddle-tail/);
  await page.keyboard.press('[');
  await page.keyboard.press('[');
  await expect(current).toHaveAccessibleName(/hook knot/);
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

test('a part is found by type, size or weight as it is written', async ({ page }) => {
  await open(page, WALL);
  await expect(candidates(page)).toHaveCount(26);
  await page.keyboard.press('/');
  await page.keyboard.type('5/0 stout');
  await expect(candidates(page)).toHaveCount(2);
  await page.getByRole('button', { name: /^6 weight/ }).click();
  await page.getByRole('searchbox').fill('1/4 oz');
  await expect(candidates(page)).toHaveCount(2);
  await page.getByRole('searchbox').fill('zzz');
  await expect(page.getByText('No part in the Box fits')).toBeVisible();
});

test('the presentation changes every verdict, refuses what it cannot read, and undoes', async ({ page }) => {
  await open(page, WALL);
  await page.keyboard.press('p');
  const distance = page.getByLabel('Distance');
  const set = await figure(page, 'set').textContent();
  await page.getByLabel('Mouth').selectOption('soft');
  await expect(figure(page, 'set')).not.toHaveText(set!);
  await distance.fill('70 ft');
  await expect(page.getByText(/stretches .* at the set/).first()).toContainText('19.3 m of line');
  await distance.fill('9 furlong');
  await expect(page.getByText('“furlong” is not a unit for this')).toBeVisible();
  await expect(distance).toHaveAttribute('aria-invalid', 'true');
  await distance.fill('500');
  await expect(page.getByText('500 m is outside 1 m to 150 m.')).toBeVisible();
  await distance.fill('');
  await expect(page.getByText('Enter a figure from 1 m to 150 m')).toBeVisible();
  await expect(page.getByText(/stretches .* at the set/).first()).toContainText('19.3 m of line');
  await page.getByLabel('Drag at full spool').fill('');
  await expect(verdict(page, 'hold')).toHaveAttribute('data-mark', 'cant-tell');
  await clean(page);
  await page.keyboard.press('Escape');
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('u');
  await expect(page.getByTestId('revision')).toHaveText('B');
  await expect(figure(page, 'set')).toHaveText(set!);
});

test('the working of a figure: equations, inputs with provenance, source; the file gives the same in a shell', async ({
  page,
}) => {
  await open(page, WALL);
  await page.getByRole('button', { name: /^Set 1.49×/ }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.locator('.katex-display')).toHaveCount(4);
  await expect(dialog.getByRole('row', { name: /hook wire · Offset worm 3\/0.*1.19 mm.*± 8%.*class/ })).toBeVisible();
  await expect(dialog.getByText(/Bisshopp and Drucker 1945/)).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('link', { name: 'setup.json' }).click(),
  ]);
  const { status, stdout } = spawnSync('bash', ['ferula', 'compute', 'setup'], {
    input: readFileSync(await download.path(), 'utf8'),
    encoding: 'utf8',
  });
  expect(status).toBe(0);
  expect((JSON.parse(stdout) as Evaluation).verdicts.set.value).toBeCloseTo(1.49, 2);
  for (const name of ['Throw', 'Fall', 'Hold', 'Balance']) {
    await dialog.getByRole('button', { name }).click();
    await expect(dialog.getByRole('heading', { level: 2 })).toContainText(name);
  }
  await dialog.getByRole('button', { name: 'Throw' }).click();
  await clean(page);
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

test('a revision opens with today’s readings; as then is one key away; the reading that moved a mark is named', async ({
  page,
}) => {
  await open(page, '/bench/setup-evening-edge');
  await expect(verdict(page, 'set')).toHaveAttribute('data-mark', 'edge');
  await page.keyboard.press('v');
  await expect(
    page.getByText('Set was sound, now it is edge: the wire of Offset worm 4/0 was 1.17 mm, now it is 1.27 mm.'),
  ).toBeVisible();
  await clean(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('t');
  await expect(verdict(page, 'set')).toHaveAttribute('data-mark', 'sound');
  await expect(page.locator('footer').getByRole('status')).toContainText('readings of Sep 27');
  await page.keyboard.press('t');
  await expect(verdict(page, 'set')).toHaveAttribute('data-mark', 'edge');
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
    await clean(page);
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
  await clean(page);
});

test('the keys are listed, and what is not there says so inside the page', async ({ page }) => {
  await open(page, WALL);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog').getByText('put back')).toBeVisible();
  await page.keyboard.press('Escape');
  const answer = await page.request.get('/bench/no-such-setup/setup.json');
  expect(answer.status()).toBe(404);
  for (const path of ['/bench/no-such-setup', `${WALL}?revision=99`, `${WALL}?revision=x`]) {
    await open(page, path);
    await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible();
    await expect(page.getByRole('navigation')).toBeVisible();
  }
  errors.length = 0; // the browser logs each 404 that was asked for
});
