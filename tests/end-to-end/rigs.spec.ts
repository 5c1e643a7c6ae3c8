import { expect, test, type Locator, type Page } from '@playwright/test';
import { due } from '../helpers/due';
import { clean, errors, open, resetDemo, watchErrors } from './page';

watchErrors();
test.beforeAll(() => resetDemo());

const CAST = [`7'1" MH fast 3/8-1 oz spinning`, 'spinning reel 6.1:1 11 lb drag', 'braid 22 lb 140 yd'];
const TOWED = [`8'6" downrigger rod 10-20 lb moderate`, 'conventional reel 20 lb drag', 'mono 17 lb 330 yd'];
const BIG = [`7'6" XH fast 4-9 oz casting big lure`, 'baitcasting reel 5.2:1 26 lb drag', 'braid 70 lb 150 yd'];
const FLUORO = 'fluoro leader 17 lb 30 yd';
const STOUT = 'fluoro leader 66 lb 25 yd';
const SWIVEL = 'swivel 50 lb';
const SNAP = 'snap 45 lb';

/** Every rig by what its packets say, place by place; knots tie themselves. */
const RIGS: readonly (readonly [name: string, lines: readonly string[]])[] = [
  ['Weedless soft bait, no weight', [...CAST, FLUORO, 'wide gap 4/0', 'stick worm 5 inch']],
  [
    'Weedless soft bait, sliding weight',
    [...CAST, FLUORO, 'tungsten bullet 3/8 oz', 'offset 3/0', 'finesse worm 6 inch'],
  ],
  ['Weedless soft bait, pegged weight', [...CAST, FLUORO, 'tungsten worm weight 1/2 oz', 'offset 4/0', 'craw 4 inch']],
  [
    'Weedless soft bait, weight on the shank',
    [...CAST, FLUORO, 'wide gap 5/0 weighted 1/4 oz', 'paddle tail swimbait 5 inch'],
  ],
  ['Prawn body with a slot', [...CAST, FLUORO, 'wide gap 3/0', 'soft prawn 90 mm']],
  ['Split shot on a continuous line', [...CAST, 'split shot 1/16 oz', 'bait hook #6', 'nightcrawler 4 inch']],
  [
    'Dragged rig with a split leader',
    [...CAST, 'lead egg sinker 1/2 oz', 'bead 6 mm', SWIVEL, FLUORO, 'offset 3/0', 'lizard 6 inch'],
  ],
  [
    'Two baits on one leader',
    [
      ...CAST,
      FLUORO,
      'ball jig head 1/8 oz 1/0',
      'paddle tail 3 inch',
      FLUORO,
      'ball jig head 1/4 oz 2/0',
      'paddle tail 3 inch',
    ],
  ],
  [
    'Two baits from one swivel',
    [
      ...CAST,
      'lead egg sinker 1 oz',
      'bead 6 mm',
      SWIVEL,
      FLUORO,
      'bait hook 2',
      'nightcrawler 4 inch',
      FLUORO,
      'bait hook 2',
      'nightcrawler 5 inch',
    ],
  ],
  ['Jig head with soft bait', [...CAST, FLUORO, 'ball jig head 3/8 oz 3/0', 'paddle tail 4 inch']],
  ['Bladed jig with a trailer', [...CAST, FLUORO, SNAP, 'bladed jig 1/2 oz 5/0', 'craw trailer 3 inch']],
  ['Skirted jig with a trailer', [...CAST, FLUORO, 'flipping jig 1/2 oz 5/0', 'craw trailer 4 inch']],
  [
    'Big soft bait with a stinger',
    [...BIG, STOUT, 'bullet jig head 2 oz 7/0', 'paddle tail swimbait 9 inch', 'treble 1/0'],
  ],
  [
    'Hard lure with changed hooks',
    [
      ...CAST,
      FLUORO,
      SNAP,
      'floating crankbait medium lip 3.5 inch 1/2 oz two hooks treble',
      'split ring #4',
      'inline single 1',
    ],
  ],
  ['Spoon, bare', [...CAST, SWIVEL, FLUORO, SNAP, 'casting spoon 3/4 oz']],
  ['Spoon behind an attractor', [...TOWED, SWIVEL, 'flasher 8 inch', SWIVEL, FLUORO, SNAP, 'trolling spoon 3.5 inch']],
  [
    'Trolled fly with a wobble disc',
    [...TOWED, SWIVEL, 'dodger 8 inch', SWIVEL, FLUORO, 'wobble disc 24 mm', 'trolling fly 3 inch #1'],
  ],
  ['Trolled fly with a disc, no attractor', [...TOWED, SWIVEL, FLUORO, 'wobble disc 24 mm', 'trolling fly 3 inch #1']],
  ['Bait strip held by a tube', [...TOWED, SWIVEL, FLUORO, 'bait hook 2/0', 'bait strip 4 inch', 'tube 5 mm']],
  [
    'Bait in a head behind an attractor',
    [...TOWED, SWIVEL, 'flasher 11 inch', SWIVEL, STOUT, 'bait head 22 mm', 'bait hook 4/0', 'herring 6 inch'],
  ],
  [
    'Live bait on a snell',
    [...TOWED, 'lead egg sinker 1 oz', 'bead 6 mm', SWIVEL, 'snelled hooks two hook #1 no blade', 'live minnow 4 inch'],
  ],
  [
    'Live bait on a sliding snell',
    [...TOWED, 'lead egg sinker 1 oz', 'bead 6 mm', SWIVEL, 'snelled hooks two hook 1/0 no blade', 'live shad 5 inch'],
  ],
  ['Two-hook worm harness, plain', [...TOWED, 'split shot 1/8 oz', SWIVEL, 'snell two hook #4', 'nightcrawler 5 inch']],
  [
    'Bottom bouncer with a harness',
    [...TOWED, 'bottom bouncer 2 oz', SWIVEL, 'crawler harness two hook #4', 'nightcrawler 5 inch'],
  ],
  [
    'Weight below the hook',
    [...CAST, FLUORO, 'bait hook 1', 'straight tail 3 inch', FLUORO, 'lead bell sinker 3/8 oz'],
  ],
  [
    'Diving minnow on a crimped leader',
    [...TOWED, SWIVEL, 'crimp 1.6 mm', STOUT, 'crimp 1.6 mm', 'floating minnow deep lip 4.5 inch two hooks treble'],
  ],
  ['Wind-on leader', [...TOWED, STOUT, SNAP, 'sinking lipless crankbait 5 inch two hooks treble']],
  [
    'Bridled live bait',
    [...BIG, SWIVEL, 'crimp 1.6 mm', STOUT, 'crimp 1.6 mm', 'circle 5/0', 'bridle 25 mm', 'live bait 6 inch'],
  ],
  ['Hollow topwater bait', [...CAST, 'frog 1/2 oz 2.5 inch']],
  [
    'Large jerkbait or glide bait',
    [...BIG, STOUT, 'wire trace 60 lb', SNAP, 'glide bait 8 inch 5 oz two hooks treble'],
  ],
  [
    'Skirted trolling head on wire',
    [
      ...TOWED,
      SWIVEL,
      'crimp 2 mm',
      'seven strand 90 lb 30 ft',
      'steel cone 6 oz',
      'skirt 6 inch vinyl',
      'crimp 2 mm',
      'bait hook 8/0 stout',
    ],
  ],
];

/** Types a line into a place, takes it as a new part and says yes to what it guesses. */
async function typeIn(place: Locator, line: string): Promise<void> {
  const field = place.getByRole('combobox');
  await field.fill(line);
  const make = place.getByRole('option', { name: /^New part/ });
  await expect(make, line).toBeVisible();
  await make.click();
  const yes = place.getByRole('button', { name: 'yes, that is right' });
  await expect(
    field
      .or(yes)
      .or(place.getByText('new', { exact: true }))
      .first(),
  ).toBeVisible();
  if (await yes.isVisible()) await yes.click();
  await expect(place.getByText('new', { exact: true }), line).toBeVisible();
}

async function build(page: Page, rig: string, lines: readonly string[]): Promise<void> {
  await open(page, '/bench/new');
  await page.getByRole('button', { name: new RegExp(`^${rig}`) }).click();
  const places = page.locator('form ol > li');
  const toFill = await places.evaluateAll((all) =>
    all.flatMap((place, i) => (place.querySelector('[role="combobox"]') ? [i] : [])),
  );
  expect(toFill).toHaveLength(lines.length);
  for (const [i, line] of lines.entries()) await typeIn(places.nth(toFill[i]!), line);
  await expect(
    page.getByRole('status').getByText('Throw').or(page.getByRole('status').getByText('Carry')),
  ).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill(`Typed: ${rig}`);
  await page.getByRole('button', { name: 'open on the Bench' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(`Typed: ${rig}`);
  await expect(page.locator('[data-state="waiting"]')).toHaveCount(0);
}

test('rigs are built from typed lines only, drawn with all their joints, and printed', async ({ page }) => {
  test.setTimeout(900_000);
  for (const [rig, lines] of due(RIGS, 6)) {
    await test.step(rig, async () => {
      await build(page, rig, lines);
      const joints = page.getByRole('region', { name: 'The rig, joint by joint' }).getByRole('listitem');
      await expect(page.locator('.balloon:visible')).toHaveCount(await joints.count());
      await expect(page.locator('[data-verdict="hold"]')).toHaveAttribute('data-mark', /sound|edge|fails|cant-tell/);
      expect((await page.pdf({ format: 'A4', landscape: true })).byteLength).toBeGreaterThan(20_000);
    });
  }
});

test('what a line leaves open is asked once, can be changed, and is not added before', async ({ page }) => {
  await open(page, '/bench/new');
  await page.getByRole('button', { name: /^Hard lure with changed hooks/ }).click();
  const place = page.locator('form ol > li').filter({ has: page.getByRole('combobox', { name: 'lure', exact: true }) });
  await place.getByRole('combobox').fill('crankbait 99 mm');
  await place.getByRole('option', { name: /^New part/ }).click();
  await expect(place).toContainText('Is that right?');
  await place.getByLabel('buoyancy').selectOption('sinks');
  await clean(page);
  await place.getByRole('button', { name: 'yes, that is right' }).click();
  await expect(page.locator('form ol > li').filter({ hasText: 'Sinking lure 99 mm' })).toContainText('new');
});

test('a new setup starts from a lure, from a question and as a copy', async ({ page }) => {
  await open(page, '/bench/new');
  await page.getByRole('radio', { name: 'a lure or bait' }).click();
  await page.getByRole('combobox', { name: 'Lure or bait' }).fill('floating 110');
  await page
    .getByRole('option', { name: /Floating lure 110 mm/ })
    .first()
    .click();
  await page.getByRole('button', { name: /^Hard lure with changed hooks/ }).click();
  await expect(page.locator('form')).toContainText('Floating lure 110 mm');

  await open(page, '/bench/new');
  await page.getByRole('radio', { name: 'a question' }).click();
  await page.getByLabel('Way of fishing').selectOption('trolled');
  await page.getByLabel('At a depth of').fill('8');
  await clean(page);
  await expect(page.locator('[data-rig="towed-minnow"]')).toBeVisible();
  await expect(page.locator('[data-rig="jig-head"]')).toHaveCount(0);

  await page.getByRole('radio', { name: 'a copy' }).click();
  await page.getByRole('button', { name: /^Copy Lily bay/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Lily bay.*, copy$/);
});

test('a part is made where it is needed on the Bench, and tried on at once', async ({ page }) => {
  await open(page, '/bench/setup-drowned-wall');
  await page.getByRole('button', { name: /^8 hook/ }).click();
  await page.getByRole('searchbox', { name: 'Find' }).fill('wide gap 6/0 stout');
  await page.getByRole('button', { name: 'New part: Wide gap 6/0' }).click();
  await expect(page.locator('[role="option"][aria-selected="true"]')).toContainText('Wide gap 6/0');
  expect(errors).toEqual([]);
});
