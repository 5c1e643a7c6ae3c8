import { expect, test } from '@playwright/test';
import { due } from '../helpers/due';
import { clean, open, resetDemo, watchErrors } from './page';

watchErrors();
test.beforeAll(resetDemo);

const VIEWS = [
  '/bench',
  '/bench/new',
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
  '/trials?trial=trial-spoon-minnow',
  '/trials/judge',
  '/rules',
] as const;

const PHONE = { width: 390, height: 844 };
const DESK = { width: 1280, height: 800 };

/** Each light with a language, units and a screen of its own, so that together they have met every one. */
const LOOKS = [
  { lighting: 'day', locale: 'es', units: 'customary', screen: PHONE },
  { lighting: 'night', locale: 'en', units: 'customary', screen: DESK },
  { lighting: 'lamp', locale: 'en', units: 'metric', screen: PHONE },
] as const;

// Each day every view is seen in one of them, and in three days in all.
for (const [nth, { lighting, locale, units, screen }] of LOOKS.entries())
  test(`by ${lighting}, ${screen.width} wide, no view has anything for axe to find or scrolls sideways`, async ({
    page,
    context,
    baseURL,
  }) => {
    test.setTimeout(300_000);
    await page.setViewportSize(screen);
    await context.addCookies(
      Object.entries({ lighting, locale, units }).map(([name, value]) => ({ name, value, url: baseURL! })),
    );
    for (const view of due([...VIEWS.slice(nth), ...VIEWS.slice(0, nth)], LOOKS.length))
      await test.step(view, async () => {
        await open(page, view);
        await clean(page);
        expect(await page.evaluate(() => document.documentElement.scrollWidth), view).toBeLessThanOrEqual(screen.width);
      });
  });
