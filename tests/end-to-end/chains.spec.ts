import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { clean, open, watchErrors } from './page';

watchErrors();

const verdict = (page: Page, name: string) => page.locator(`[data-verdict="${name}"]`);
const joints = (page: Page) => page.getByRole('region', { name: 'The rig, joint by joint' }).getByRole('listitem');
const remarks = (page: Page) => page.locator('[data-check]');

test('a joint is added, moved and taken out by keys; what would be no rig is refused with its reason', async ({
  page,
}) => {
  await open(page, '/bench/setup-drowned-wall');
  await page.getByRole('button', { name: /^6 weight/ }).click();
  await page.keyboard.press('a');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('radio', { name: 'bait', exact: true })).toBeDisabled();
  await dialog.getByRole('radio', { name: 'hardware' }).click();
  await dialog.getByLabel('Find').fill('bead 6');
  await clean(page);
  await dialog.getByRole('button', { name: /Bead 6 mm/ }).click();
  await expect(joints(page)).toHaveCount(10);
  await expect(joints(page).nth(6)).toContainText('Bead 6 mm');
  await expect(page.locator('.balloon:visible')).toHaveCount(10);
  await page.keyboard.press('{');
  await expect(joints(page).nth(5)).toContainText('Bead 6 mm');
  await page.keyboard.press('}');
  await page.keyboard.press('x');
  await expect(joints(page)).toHaveCount(9);
  await page.getByRole('button', { name: /^2 reel/ }).click();
  await page.keyboard.press('x');
  await expect(page.locator('footer').getByRole('status')).toContainText('Rod, reel and main line come first');
  await expect(joints(page)).toHaveCount(9);
  for (let i = 0; i < 4; i += 1) await page.keyboard.press('u');
  await expect(page.getByTestId('revision')).toHaveText('B');
});

test('a joint is dragged to another place, and the drawing, the strengths and the remarks follow', async ({ page }) => {
  await open(page, '/bench/setup-drowned-wall');
  await expect(page.getByRole('button', { name: 'Drag hook knot' })).toHaveAttribute(
    'aria-roledescription',
    'sortable',
  );
  const from = await page.getByRole('button', { name: 'Drag hook knot' }).boundingBox();
  const knot = await page.getByRole('button', { name: /^Drag leader knot/ }).boundingBox();
  await page.mouse.move(from!.x + 8, from!.y + 8);
  await page.mouse.down();
  await page.mouse.move(knot!.x + 8, knot!.y + 20, { steps: 12 });
  await page.mouse.up();
  await expect(remarks(page).first()).toHaveAttribute('data-check', 'untied');
  await expect(verdict(page, 'hold')).toHaveAttribute('data-mark', 'fails');
  await page.keyboard.press('u');
  await expect(verdict(page, 'hold')).toHaveAttribute('data-mark', 'sound');
});

test('the worst remarks stand first with their reason; the panel says what to do and leads to the joint', async ({
  page,
  request,
}) => {
  await open(page, '/bench/setup-copper-deep');
  await expect(remarks(page).first()).toContainText('cuts into ceramic');
  await expect(verdict(page, 'hold')).toHaveAttribute('data-mark', 'fails');
  await page.keyboard.press('c');
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('What to do: Fish it on steel guides or rollers.');
  await expect(dialog).toContainText('House rule: Tip-top for wire: swivel tip-top.');
  await expect(dialog).toContainText('Ferula does not know the law');
  await clean(page);
  await dialog.getByRole('button', { name: '3 line' }).first().click();
  await expect(page.locator('[aria-current="true"]')).toHaveAccessibleName(/^3 line/);
  const file = await (await request.get('/bench/setup-copper-deep/setup.json')).text();
  const { stdout } = spawnSync('bash', ['ferula', 'compute', 'checks'], { input: file, encoding: 'utf8' });
  const { findings } = JSON.parse(stdout) as { findings: { id: string; severity: string; joints: string[] }[] };
  expect(findings[0]).toMatchObject({ id: 'guide-material', severity: 'fails', joints: ['rod', 'line'] });
});

test('a part that is tried on shows in one row what it changes; strengths stand joint by joint', async ({ page }) => {
  await open(page, '/bench/setup-reef-plug');
  await page.getByRole('button', { name: /^10 hook/ }).click();
  await page.getByRole('option', { name: /In-line single 2\/0/ }).click();
  const row = page.getByTestId('effect');
  for (const name of ['beyond the tip', 'in water', 'pitch', 'needed', 'opens at', 'points exposed', 'price'])
    await expect(row).toContainText(name);
  await expect(row.locator('[data-changed="true"]').filter({ hasText: 'opens at' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(row).toHaveCount(0);
  await page.keyboard.press('h');
  const dialog = page.getByRole('dialog');
  await expect(dialog.locator('[data-weakest="true"]')).toContainText('gives first');
  await expect(dialog).toContainText('Nothing stays in the water');
  await clean(page);
});

test('two revisions are laid over each other, with what changed, what it did, and why', async ({ page }) => {
  await open(page, '/bench/setup-bladed');
  await page.keyboard.press('v');
  await page.getByRole('button', { name: 'overlay' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('heading', { level: 2 })).toHaveText('What changed from A to B');
  await expect(dialog).toContainText('Why: four segments off the trailer');
  await expect(dialog).toContainText('trailer, segments off: – → 4');
  await expect(dialog.getByRole('row', { name: /^Fall/ })).toContainText('sound');
  await expect(page.locator('g.ghost:visible path').first()).toBeAttached();
  await clean(page);
  await dialog.getByRole('button', { name: 'remove the overlay' }).click();
  await expect(page.locator('g.ghost')).toHaveCount(0);
});

test('a cast rig is towed instead, with its own figures, conditions and cautions', async ({ page }) => {
  await open(page, '/bench/setup-bladed');
  await page.keyboard.press('p');
  await page.getByLabel('Fished').selectOption('trolled');
  await expect(verdict(page, 'throw').locator('h2')).toHaveText(/Carry/);
  await expect(verdict(page, 'fall').locator('h2')).toHaveText(/Depth/);
  await expect(verdict(page, 'fall')).toContainText('behind the tip');
  await expect(verdict(page, 'balance')).not.toHaveAttribute('data-mark', 'cant-tell');
  await page.getByLabel('Line out').fill('25');
  await page.getByLabel('Mood of the fish').selectOption('wary');
  await page.getByLabel('Works from').fill('2 m/s');
  await expect(remarks(page).filter({ hasText: 'your own window' })).toBeVisible();
  await page.getByLabel('From', { exact: true }).selectOption('canoe');
  await expect(page.getByText('A tight drag in a small craft')).toBeVisible();
  await clean(page);
  await page.getByLabel('Fished').selectOption('cast');
  await expect(verdict(page, 'throw').locator('h2')).toHaveText(/Throw/);
  await expect(verdict(page, 'throw').locator('output')).toHaveText(/^\d/);
});

test('house rules, rules sheet and class values change what the checks say, and go back', async ({ page }) => {
  await open(page, '/rules');
  await clean(page);
  await page
    .getByRole('group', { name: 'Weight ahead of a weedless bait' })
    .getByRole('radio', { name: /^sliding/ })
    .check();
  await page.getByRole('button', { name: 'Rules sheet' }).click();
  await page.getByRole('checkbox', { name: 'Barbless only' }).check();
  await page.getByLabel('Hooks per line').fill('');
  await clean(page);
  await page.getByRole('button', { name: 'Class values' }).click();
  await page.getByText('Mouths', { exact: true }).click();
  const bony = page.getByLabel('tears out at, per millimetre of wire').nth(2);
  await bony.fill('12');
  await clean(page);
  for (const section of ['Anglers', 'Craft', 'Knots']) {
    await page.getByRole('button', { name: section, exact: true }).click();
    await clean(page);
  }
  await expect(page.getByRole('status')).toHaveText('Saved.');
  await open(page, '/bench/setup-drowned-wall');
  await expect(remarks(page).first()).toContainText('your sheet wants them barbless');
  await expect(remarks(page).filter({ hasText: 'your house rule is sliding' })).toBeVisible();
  await open(page, '/rules');
  await page
    .getByRole('group', { name: 'Weight ahead of a weedless bait' })
    .getByRole('radio', { name: /^pegged/ })
    .check();
  await page.getByRole('button', { name: 'Rules sheet' }).click();
  await page.getByRole('checkbox', { name: 'Barbless only' }).uncheck();
  await page.getByRole('button', { name: 'Class values' }).click();
  await page
    .getByText(/^Mouths/)
    .first()
    .click();
  await page.getByRole('button', { name: /reset to/ }).click();
  await expect(page.getByText('none changed')).toBeVisible();
  await expect(page.getByRole('status')).toHaveText('Saved.');
  await open(page, '/bench/setup-drowned-wall');
  await expect(page.getByText('No remarks.')).toBeVisible();
});

test('the drawing is made larger by wheel and keys, moved, saved as SVG, and printed on one page of A5, A4 and letter', async ({
  page,
}) => {
  await open(page, '/bench/setup-drowned-wall');
  const drawing = page.locator('svg.drawing:visible').first();
  const box = (await drawing.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.wheel(0, -600);
  await expect(drawing).not.toHaveAttribute('data-zoom', '1');
  await page.keyboard.press('0');
  await expect(drawing).toHaveAttribute('data-zoom', '1');
  await page.keyboard.press('+');
  await page.keyboard.press('ArrowRight');
  await expect(drawing.locator('> g').first()).toHaveAttribute(
    'transform',
    /translate\(-[\d.]+ -[\d.]+\) scale\(1\.3\)/,
  );
  await page.keyboard.press('0');
  const [download] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('g')]);
  const svg = readFileSync(await download.path(), 'utf8');
  expect(svg).toMatch(/^<\?xml/);
  expect(svg).toContain('width="259');
  expect(svg).toContain('stroke-width');
  expect(svg).not.toContain('class=');
  for (const format of ['A5', 'A4', 'Letter'] as const) {
    const pdf = (await page.pdf({ format, landscape: true })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b(?!s)/g), format).toHaveLength(1);
  }
});
