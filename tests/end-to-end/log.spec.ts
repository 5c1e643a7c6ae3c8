import { expect, test, type BrowserContext, type Page } from '@playwright/test';
import { due } from '../helpers/due';
import { clean, open } from './page';

const PHONE = { width: 390, height: 844 };

async function openTrip(page: Page, name: string): Promise<void> {
  await open(page, '/log');
  await page.getByRole('button', { name: /^Open a trip/ }).click();
  const panel = page.getByTestId('open-trip');
  await panel.getByLabel('Spread').selectOption({ label: 'Lake eight, two planers wide' });
  await panel.getByLabel('Name').fill(name);
  await panel.getByLabel('Crew, in the order of their turns').fill('Ana, Bo');
  await panel.getByRole('button', { name: /^Open it/ }).click();
  await expect(page.getByTestId('tiles')).toBeVisible();
}

const allBack = async (page: Page) => {
  await page.getByRole('button', { name: /^Lines/ }).click();
  await page.getByRole('button', { name: 'All back' }).click();
  await page.getByRole('button', { name: /^Lines/ }).click();
  await expect(page.locator('[data-line][data-state=fishing]')).toHaveCount(8);
};
/** Hands that slide are left out: a touch elsewhere comes later than that. */
const touch = async (page: Page, nth: number) => {
  await page.waitForTimeout(350);
  await page.locator('[data-line]').nth(nth).click();
};
const sent = (page: Page) => expect(page.getByTestId('unsent')).toBeHidden();
const phone = (browser: { newContext: (options: object) => Promise<BrowserContext> }) =>
  browser.newContext({ viewport: PHONE, serviceWorkers: 'allow' });

test('a day on a phone, without signal for its middle third, and a second phone of the crew', async ({ browser }) => {
  const first = await phone(browser);
  const page = await first.newPage();
  await openTrip(page, 'Two phones');
  await expect(page.getByTestId('offline')).toHaveAttribute('data-state', 'ready');
  await allBack(page);
  await touch(page, 1);
  await expect(page.getByTestId('so-far')).toContainText('1 strike');
  await expect(page.getByTestId('strike')).toContainText('Ana');
  await sent(page);

  await first.setOffline(true);
  await touch(page, 2);
  await expect(page.getByTestId('unsent')).toHaveAttribute('data-count', '1');
  await page.reload();
  await expect(page.getByTestId('so-far')).toContainText('2 strikes');
  await expect(page.getByTestId('strike')).toContainText('Bo');
  await page.getByRole('button', { name: /^Landed/ }).click();
  await page.getByRole('button', { name: 'Tail' }).click();
  await page.getByRole('button', { name: '30 s before' }).click();
  await expect(page.getByRole('button', { name: '30 s before' })).toHaveAttribute('aria-pressed', 'true');
  await page.goto('/helm');
  await expect(page.getByTestId('helm')).toBeVisible();
  await open(page, '/log');
  await expect(page.getByTestId('unsent')).toHaveAttribute('data-count', '4');
  await first.setOffline(false);
  await sent(page);

  const second = await phone(browser);
  const other = await second.newPage();
  await open(other, '/log');
  await other.getByRole('button', { name: /^Open a trip/ }).click();
  await other.getByRole('button', { name: /^Join: Two phones/ }).click();
  await expect(other.getByTestId('so-far')).toContainText('2 strikes, 1 landed');
  await touch(other, 4);
  await expect(other.getByTestId('so-far')).toContainText('3 strikes');
  await sent(other);
  await expect(page.getByTestId('so-far')).toContainText('3 strikes');
  await first.close();
  await second.close();
});

test('one touch, taken back; a sliding hand; weed, a colour and a reading; hours, and the trip is closed', async ({
  page,
  context,
  baseURL,
}) => {
  await page.setViewportSize(PHONE);
  for (const lighting of due(['day', 'night', 'lamp'], 3))
    await context.addCookies([{ name: 'lighting', value: lighting, url: baseURL! }]);
  await openTrip(page, 'One hand');
  await allBack(page);
  await page.waitForTimeout(350);
  // The second touch is the same hand sliding: at once, and elsewhere.
  await page.evaluate(() => {
    const lines = document.querySelectorAll('[data-line]');
    for (const at of [0, 5]) lines[at]!.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true, button: 0 }));
  });
  await expect(page.getByTestId('so-far')).toContainText('1 strike');
  await expect(page.locator('[data-line][data-state=fought]')).toHaveCount(1);
  await page.getByTestId('undo').click();
  await expect(page.getByTestId('so-far')).toContainText('0 strikes');
  await expect(page.locator('[data-line][data-state=fishing]')).toHaveCount(8);

  await page.getByRole('button', { name: /^Weed/ }).click();
  await touch(page, 1);
  await expect(page.locator('[data-line][data-state=fouled]')).toHaveCount(1);
  await touch(page, 1);
  await expect(page.locator('[data-line][data-state=fishing]')).toHaveCount(8);

  await page.getByRole('button', { name: /^Lines/ }).click();
  await page.getByRole('button', { name: 'Change a line' }).click();
  await touch(page, 2);
  await page.getByTestId('change-line').getByLabel('Colour in your words').fill('copper');
  await page.getByTestId('change-line').getByRole('button', { name: 'Save' }).click();
  await expect(page.getByTestId('tiles')).toContainText('copper');

  await page.getByRole('button', { name: /^Reading/ }).click();
  // Where another test's instruments were heard lately their reading is kept at once; else it is typed.
  const typed = page.getByLabel('Probe temperature');
  await expect(typed.or(page.getByTestId('undo').filter({ hasText: 'Reading saved' }))).toBeVisible();
  if (await typed.isVisible()) {
    await typed.fill('8.4');
    await page.getByRole('button', { name: 'Save it' }).click();
  }
  await touch(page, 3);
  await expect(page.getByTestId('so-far')).toContainText('1 strike');
  await clean(page);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(PHONE.width);
  await page.getByRole('button', { name: /^Missed, still out/ }).click();
  await expect(page.locator('[data-line][data-state=fishing]')).toHaveCount(8);
  await expect(page.getByTestId('strike').getByRole('button', { name: 'Missed', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );

  await page.getByRole('button', { name: /Dunlin/ }).click();
  await page.getByRole('button', { name: /^Close the trip/ }).click();
  await page.getByRole('button', { name: /^Close it now/ }).click();
  await expect(page.getByTestId('no-trip')).toHaveText('This trip is closed');
});

test('the demo’s trips: the day, questions that know how little they know, files in and out', async ({ page }) => {
  await page.goto('/log/trips');
  await page.getByRole('link', { name: 'First light over the basin' }).click();
  await expect(page.getByTestId('track')).toBeVisible();
  await expect(page.getByTestId('strikes').getByRole('row')).toHaveCount(24);
  await page.getByTestId('strikes').getByRole('button').nth(4).click();
  await page.getByLabel('Coloured by').selectOption('Probe temp.');
  const [csv] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Strikes (CSV)' }).click(),
  ]);
  expect(csv.suggestedFilename()).toBe('2026-06-14-trip-first-light.csv');

  await open(page, '/log/ask?by=depth');
  await expect(page.getByTestId('rates').getByRole('row')).not.toHaveCount(1);
  await page.getByLabel('Only where').selectOption('Water');
  await expect(page).toHaveURL(/water=/);
  await page.goto('/log/ask?by=lure&water=nowhere');
  await expect(page.getByTestId('answer')).toHaveText('This was never fished, so nothing can be said about it.');

  await open(page, '/log/trips');
  const track =
    '<gpx version="1.1"><trk><trkseg><trkpt lat="46.5" lon="-38"><time>2026-06-01T06:00:00Z</time></trkpt><trkpt lat="91" lon="0"><time>2026-06-01T06:00:10Z</time></trkpt><trkpt lat="46.501" lon="-38"><time>2026-06-01T06:01:00Z</time></trkpt></trkseg></trk></gpx>';
  await page
    .getByLabel(/^Import/)
    .setInputFiles({ name: 'drift.gpx', mimeType: 'application/gpx+xml', buffer: Buffer.from(track) });
  await expect(page.getByTestId('taken')).toContainText('drift.gpx would add 2 lines');
  await expect(page.getByTestId('trips')).not.toContainText('drift');
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await expect(page.getByTestId('trips')).toContainText('drift');
});
