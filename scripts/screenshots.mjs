// The pictures in docs/screenshots, one for each main view, from a running Ferula with the demo bench:
//   node scripts/screenshots.mjs [http://127.0.0.1:4173 [only files that begin so]]
import { chromium } from '@playwright/test';

const at = process.argv[2] ?? 'http://127.0.0.1:4173';
const WALL = '/bench/setup-drowned-wall';
const PICTURES = [
  { file: 'box.png', path: '/box', find: 'offset worm', typed: '7\'2" MH fast 3/8-1 oz cast' },
  { file: 'new-setup.png', path: '/bench/new' },
  { file: 'bench.png', path: WALL, wait: 2500 },
  { file: 'bench-lamp-es.png', path: '/bench/setup-lily-bay', cookies: { lighting: 'lamp', locale: 'es' }, wait: 2500 },
  {
    file: 'bench-phone-night.png',
    path: WALL,
    width: 390,
    height: 844,
    cookies: { lighting: 'night', units: 'customary' },
    wait: 2500,
  },
  { file: 'working.png', path: WALL, click: /^Set /, wait: 2500 },
  {
    file: 'today.png',
    path: '/today?plan=plan-lake',
    wait: 4500,
  },
  { file: 'fight.png', path: '/bench/setup-char-flasher', keys: ['r'], wait: 1500 },
  {
    file: 'water.png',
    path: '/water?setup=setup-crimped-minnow&setup=setup-char-flasher&setup=setup-copper-deep',
    wait: 2500,
  },
  { file: 'spread.png', path: '/spread?spread=spread-lake', wait: 2500 },
  { file: 'quiver.png', path: '/quiver', wait: 6000 },
  {
    file: 'tying.png',
    path: '/tying',
    fill: [
      ['How many of Drowned-wall zander, 12 cm tail', '4'],
      ['How many of Diving minnow on a crimped leader', '3'],
      ['How many of Whitefish over the ledge, weight below', '2'],
    ],
    wait: 2500,
  },
  // With ./ferula instrument running for four minutes: then the boat has changed its speed.
  { file: 'helm.png', path: '/helm', cookies: { lighting: 'night', speedUnit: 'km/h' }, wait: 3000 },
  {
    file: 'helm-phone-lamp-es.png',
    path: '/helm',
    width: 390,
    height: 844,
    cookies: { lighting: 'lamp', locale: 'es', speedUnit: 'kn' },
    wait: 3000,
  },
  { file: 'rules.png', path: '/rules' },
  // With ./ferula instrument running: a strike is filled with what it says.
  { file: 'log.png', path: '/log', width: 390, height: 844, during: aStrike, wait: 800 },
  { file: 'trials.png', path: '/trials?trial=trial-spoon-minnow', wait: 1500 },
  // With ./ferula crew on: PASSWORD is that of Marta, who owns the bench.
  ...(process.env['PASSWORD'] ? [{ file: 'crew.png', path: '/crew/sign-in', during: aCrew, wait: 1200 }] : []),
  { file: 'log-day.png', path: '/log/day?trip=trip-first-light', height: 1100, wait: 1200 },
];

/** A trip is opened, all lines go out, and one is touched. */
async function aStrike(page) {
  await page.getByRole('button', { name: /^Open a trip/ }).click();
  const panel = page.getByTestId('open-trip');
  await panel.getByLabel('Water').fill('Lake Ostrey');
  await panel.getByRole('button', { name: /^Open it/ }).click();
  await page.getByRole('button', { name: /^Lines/ }).click();
  await page.getByRole('button', { name: 'All back' }).click();
  await page.getByRole('button', { name: /^Lines/ }).click();
  await page.waitForTimeout(3000);
  await page.locator('[data-line][data-state=fishing]').nth(5).click();
  await page.waitForTimeout(21_000);
}

/** The owner signs in and opens the page of the crew. */
async function aCrew(page) {
  await page.getByLabel('Name').fill('Marta');
  await page.getByLabel('Password').fill(process.env['PASSWORD']);
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await page.waitForURL('**/bench');
  await page.goto(`${at}/crew`, { waitUntil: 'load' });
}

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium-headless-shell',
  chromiumSandbox: false,
  args: [
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    // Letters at their own distances, as in a browser with a window.
    '--font-render-hinting=none',
  ],
});
for (const {
  file,
  path,
  width = 1280,
  height = 800,
  cookies = {},
  click,
  find,
  typed,
  keys = [],
  fill = [],
  later = [],
  press,
  choose,
  during,
  wait = 600,
} of PICTURES.filter(({ file: own }) => !process.argv[3] || own.startsWith(process.argv[3]))) {
  const context = await browser.newContext({ viewport: { width, height } });
  await context.addCookies(Object.entries(cookies).map(([name, value]) => ({ name, value, url: at })));
  const page = await context.newPage();
  await page.goto(at + path, {
    waitUntil: path.startsWith('/log') || path.startsWith('/helm') ? 'load' : 'networkidle',
  });
  // A key pressed before the page is alive is lost.
  await page.waitForFunction(() =>
    Object.keys(document.querySelector('main') ?? {}).some((key) => key.startsWith('__reactProps')),
  );
  await page.waitForTimeout(300);
  if (click) await page.getByRole('button', { name: click }).first().click();
  if (find) {
    await page.getByRole('searchbox').fill(find);
    await page.waitForTimeout(400);
    await page.getByRole('searchbox').press('Enter');
    await page.waitForTimeout(400);
  }
  if (typed) await page.locator('#quick-add').fill(typed);
  for (const key of keys) {
    await page.keyboard.press(key);
    await page.waitForTimeout(300);
  }
  if (press) await page.getByRole('button', { name: press }).first().click();
  for (const [label, text] of fill) await page.getByLabel(label).fill(text);
  if (choose) await page.getByLabel(choose[0], { exact: true }).selectOption({ label: choose[1] });
  if (during) await during(page);
  await page.waitForTimeout(wait);
  for (const key of later) await page.keyboard.press(key);
  if (later.length > 0) await page.waitForTimeout(1500);
  await page.screenshot({ path: `docs/screenshots/${file}` });
  await context.close();
}
await browser.close();
