import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import { expect, test } from '@playwright/test';
import { due } from '../helpers/due';
import { clean, open, resetDemo, watchErrors } from './page';

watchErrors();
test.beforeAll(resetDemo);

const VIEWS = [
  '/bench',
  '/bench/new',
  '/bench/setup-drowned-wall',
  '/bench/compare?with=setup-drowned-wall&with=setup-lily-bay',
  '/box',
  '/water?setup=setup-crimped-minnow',
  '/quiver/deck',
  '/tying',
  '/tying/jig',
  '/today?plan=plan-lake',
  '/spread?spread=spread-lake',
  '/helm',
  '/log/trips',
  '/log/day?trip=trip-first-light',
  '/log/ask',
  '/trials?trial=trial-spoon-minnow',
  '/trials/judge',
  '/rules',
  '/crew',
] as const;

/** What opens over a view, by its key. */
const PANELS = [
  ...[...'apwfryesvch'].map((key) => ['/bench/setup-drowned-wall', key] as const),
  ...[...'wlrtsvpfdub'].map((key) => ['/water?setup=setup-char-flasher', key] as const),
  ...[...'ngbxa'].map((key) => ['/spread?spread=spread-lake', key] as const),
  ...[...'ct'].map((key) => ['/quiver', key] as const),
  ...[...'be'].map((key) => ['/today?plan=plan-lake', key] as const),
  ...[...'ms'].map((key) => ['/tying', key] as const),
  ['/box', 'i'],
  ['/trials?trial=trial-spoon-minnow', 'e'],
] as const;

const PHONE = { width: 390, height: 844 };
const DESK = { width: 1280, height: 800 };

/** Each light with a language, units and a screen of its own, so that together they have met every one. */
const LOOKS = [
  { lighting: 'day', locale: 'es', units: 'customary', screen: PHONE },
  { lighting: 'night', locale: 'en', units: 'customary', screen: DESK },
  { lighting: 'lamp', locale: 'en', units: 'metric', screen: PHONE },
] as const;

// In nineteen days every view in every light, in eighteen every panel.
const SEEN = due(
  VIEWS.flatMap((view) => LOOKS.map((look) => ({ view, ...look }))),
  19,
);

test('no view has anything for axe to find or scrolls sideways, in any light', async ({ page, context, baseURL }) => {
  for (const { view, lighting, locale, units, screen } of SEEN)
    await test.step(`${view} by ${lighting}, ${screen.width} wide`, async () => {
      await page.setViewportSize(screen);
      await context.addCookies(
        Object.entries({ lighting, locale, units }).map(([name, value]) => ({ name, value, url: baseURL! })),
      );
      await open(page, view);
      await clean(page);
      expect(await page.evaluate(() => document.documentElement.scrollWidth), view).toBeLessThanOrEqual(screen.width);
    });
});

test('no panel has anything for axe to find', async ({ page }) => {
  for (const [view, key] of due(PANELS, 18))
    await test.step(`${view}, ${key.toUpperCase()}`, async () => {
      await open(page, view);
      // A spread's panels are about what was solved.
      if (view.startsWith('/spread')) await expect(page.getByTestId('spread')).toHaveAttribute('data-state', 'ready');
      await page.keyboard.press(key);
      await expect(page.getByRole('dialog')).toBeVisible();
      await clean(page);
    });
});

test('no view loads more than 250 kB of scripts at first, or 60 kB of HTML', async ({ baseURL }) => {
  const { stdout } = await promisify(execFile)('node', ['scripts/weigh-pages.mjs', baseURL!]);
  const pages = [...stdout.matchAll(/^(\S+)\s+scripts\s+(\d+) kB\s+HTML\s+(\d+) kB/gm)];
  expect(pages.length).toBeGreaterThan(15);
  const heavy = pages.filter(([, , scripts, html]) => Number(scripts) > 250 || Number(html) > 60);
  expect(heavy.map(([line]) => line)).toEqual([]);
});
