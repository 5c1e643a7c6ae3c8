import { spawn, type ChildProcess } from 'node:child_process';
import { expect, test, type Page } from '@playwright/test';
import { sentenceOf } from '@/domain/instruments/nmea';
import { due } from '../helpers/due';
import { RUN } from '../helpers/programs';
import { freePort } from '../helpers/running-ferula';
import { clean, errors, open, resetDemo, watchErrors } from './page';

watchErrors();
test.describe.configure({ mode: 'serial' });

let port = 0;
let boat: ChildProcess | null = null;

/** The simulated boat, faster than life so that a test need not wait for its script. */
async function sail(scenario = 'lake', speed = 1): Promise<void> {
  boat = spawn(RUN, ['cli', 'instrument', scenario, `--port=${port}`, `--speed=${speed}`]);
  await new Promise<void>((sending, failed) => {
    boat!.stdout!.once('data', () => sending());
    boat!.once('exit', () => failed(new Error('the instrument ended')));
  });
}

async function moor(): Promise<void> {
  const ended = boat && new Promise((done) => boat!.once('exit', done));
  boat?.kill('SIGTERM');
  await ended;
  boat = null;
}

test.beforeAll(async () => {
  await resetDemo();
  port = await freePort();
});
test.afterAll(moor);

const dialog = (page: Page) => page.getByRole('dialog');
const digits = (page: Page, channel: string) => page.getByTestId(`digits-${channel}`);
const figure = (page: Page, channel: string) => page.getByTestId(`figure-${channel}`);

async function openHelm(page: Page): Promise<void> {
  await open(page, '/helm');
  await expect(page.getByTestId('helm')).toHaveAttribute('data-state', 'open');
}

test('with nothing connected readings are typed, with the last values ready, and stand with their age', async ({
  page,
}) => {
  await openHelm(page);
  await expect(figure(page, 'probeMps')).toHaveAttribute('data-state', 'none');
  await page.keyboard.press('r');
  await dialog(page).getByLabel('Speed at the lures', { exact: true }).fill('1.2');
  await dialog(page).getByLabel('Water at the probe', { exact: true }).fill('9.4');
  await dialog(page).getByLabel('Probe depth', { exact: true }).fill('60 ft');
  await dialog(page).getByLabel('Speed over ground', { exact: true }).fill('fast');
  await expect(dialog(page).getByText('“fast” is not a number')).toBeVisible();
  await dialog(page).getByLabel('Speed over ground', { exact: true }).fill('');
  await dialog(page).getByRole('button', { name: 'Save 3 readings' }).click();
  await expect(dialog(page)).toHaveCount(0);
  await expect(digits(page, 'probeMps')).toHaveText('1.20');
  await expect(digits(page, 'probeC')).toHaveText('9.4');
  await expect(figure(page, 'probeC')).toContainText('probe set to 18.3 m');
  await expect(figure(page, 'probeC')).toContainText('typed');
  await page.keyboard.press('r');
  // Two touches: a tenth more, and Save.
  await dialog(page).getByRole('button', { name: 'Speed at the lures: a tenth more' }).click();
  await dialog(page).getByRole('button', { name: /^Save/ }).click();
  await expect(digits(page, 'probeMps')).toHaveText('1.30');
});

test('an instrument is connected at its port, and both screens show it', async ({ page, context, baseURL }) => {
  await sail();
  await openHelm(page);
  const second = await context.newPage();
  await openHelm(second);
  await page.keyboard.press('i');
  const connection = dialog(page).getByTestId('connection-simulated');
  await connection.getByLabel('Port').fill('99999');
  await expect(connection.getByText('A number, 1 to 65535')).toBeVisible();
  await connection.getByLabel('Port').fill(String(port));
  await connection.getByRole('button', { name: 'Save' }).click();
  await expect(dialog(page).getByTestId('link-simulated')).toHaveAttribute('data-state', 'open');
  await expect(dialog(page).getByTestId('routes')).toContainText('XDR.PROBE_T');
  await page.keyboard.press('Escape');
  for (const each of [page, second]) {
    await expect(figure(each, 'sogMps')).toHaveAttribute('data-state', /fresh|in|below|above/);
    await expect(each.getByTestId('beside-headingRad')).toContainText('02');
    await expect(each.getByTestId('lures-sentence')).toContainText(/run|runs/);
  }
  // A third of the way across the boat: a digit takes a fifth of the screen's height at least.
  const height = await digits(page, 'probeMps').evaluate((element) => parseFloat(getComputedStyle(element).fontSize));
  expect((0.703 * height) / 800).toBeGreaterThan(0.2);
  await page.close();

  await second.setViewportSize({ width: 390, height: 844 });
  for (const lighting of due(['day', 'night', 'lamp'], 3)) {
    await context.addCookies([{ name: 'lighting', value: lighting, url: baseURL! }]);
    await openHelm(second);
    await clean(second);
  }
  expect(await second.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('out of the window it sounds until it is silenced, on every screen', async ({ page, context }) => {
  await openHelm(page);
  await page.keyboard.press('f');
  const large = dialog(page).getByTestId('figures');
  await large.getByLabel('Wanted from').first().fill('2');
  await large.getByLabel('to', { exact: true }).first().fill('2.4');
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('alarms')).toContainText('Speed at the lures is below your range.');
  await expect(figure(page, 'probeMps')).toHaveAttribute('data-state', 'below');
  const second = await context.newPage();
  await openHelm(second);
  await expect(second.getByTestId('alarms')).toContainText('below your range');
  await page.keyboard.press('s');
  for (const each of [page, second]) {
    await expect(each.getByTestId('alarms')).toContainText('(silenced)');
    await expect(each.getByTestId('silence')).toHaveCount(0);
  }
  await second.close();
});

test('the plug pulled makes readings stale, and put back heals without a touch', async ({ page }) => {
  await openHelm(page);
  await expect(figure(page, 'sogMps')).not.toHaveAttribute('data-state', 'stale');
  await moor();
  await expect(figure(page, 'sogMps')).toHaveAttribute('data-state', 'stale');
  await expect(page.getByTestId('alarms')).toContainText('Speed over ground is lost');
  await sail();
  await expect(figure(page, 'sogMps')).toHaveAttribute('data-state', 'fresh');
});

test('a recorded file plays, its bad sentences are named, and nonsense is refused', async ({ page, request }) => {
  await moor();
  await openHelm(page);
  await page.keyboard.press('i');
  const choose = (name: string, text: string) =>
    dialog(page)
      .getByLabel('Play a file')
      .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
  await choose('empty.txt', '\n\n');
  await expect(dialog(page).getByText('There are no sentences in this file')).toBeVisible();
  // The browser says so too.
  errors.length = 0;
  const good = [sentenceOf('IIMTW', ['4.5', 'C']), sentenceOf('GPGSV', ['1', '1', '00'])];
  await choose('trip.txt', [...good, 'hello', '$IIMTW,9.9,C*00'].join('\r\n'));
  const link = dialog(page).getByTestId('link-recording');
  await expect(link).toContainText('one sentence read');
  await expect(link).toContainText('not-a-sentence 1');
  await expect(link).toContainText('GSV 1');
  await expect(page.getByTestId('beside-surfaceC')).toHaveAttribute('data-state', 'fresh');
  for (const path of ['/live/readings?from=9&to=3', '/live/readings?from=x&to=y', '/live/readings?from=0&to=999999999'])
    expect((await request.get(path)).status()).toBe(422);
  for (const data of ['{', '{}', '{"kind":"moved"}', 'null'])
    expect(
      (await request.post('/live/events', { data, headers: { 'content-type': 'application/json' } })).status(),
    ).toBe(422);
  expect(
    (await request.post('/live/phone', { data: { readings: [{ channel: 'currentMps', value: 1 }] } })).status(),
  ).toBe(422);
});

test('a drop, a run and the water against time by hand and by instrument', async ({ page }) => {
  test.slow();
  await sail('lake', 5);
  await openHelm(page);
  await expect(figure(page, 'probeMps')).not.toHaveAttribute('data-state', 'stale');
  await page.keyboard.press('c');
  await dialog(page).getByRole('button', { name: 'Start a run' }).click();
  await expect(dialog(page).getByTestId('current')).toContainText('One course only');
  await dialog(page)
    .getByRole('button', { name: /^End the run/ })
    .click();
  await expect(dialog(page).getByText('Too short: half a minute at least.')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('d');
  await dialog(page).getByRole('button', { name: 'Start the drop' }).click();
  await dialog(page).getByRole('button', { name: /^Stop/ }).click();
  await expect(dialog(page).getByText('Too little was read')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('o');
  await expect(dialog(page).getByTestId('other')).toContainText('Your probe’s reading now');
  await dialog(page).getByLabel('What you know of the other boat').selectOption('scales');
  await dialog(page).getByLabel('Their probe reads').fill('1.2');
  await dialog(page).getByLabel('Scale of their probe').fill('0.9');
  await expect(dialog(page).getByTestId('translated')).toContainText('Their lures go 1.08 m/s through the water');
  await page.keyboard.press('Escape');
  await page.keyboard.press('b');
  await expect(dialog(page).getByTestId('history').getByRole('img')).toBeVisible();
});
