import { spawnSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { clean, databaseUrl, errors, open, reload, resetDemo, watchErrors } from './page';

test.beforeAll(resetDemo);
watchErrors();

const WALL = '/bench/setup-drowned-wall';
/** Writes to the database what no way in would let through. */
function store(sql: string): void {
  const url = new URL(databaseUrl());
  const script = `import('mysql2/promise').then(async (m) => { const c = await m.createConnection(process.env.U); await c.query(process.env.Q); await c.end(); })`;
  const { status, stderr } = spawnSync('node', ['-e', script], {
    encoding: 'utf8',
    env: { ...process.env, U: url.href, Q: sql },
  });
  if (status !== 0) throw new Error(stderr);
}

test('a lure in use keeps its hooks: taking them off is refused by name, and every view goes on', async ({ page }) => {
  await open(page, '/box?part=lure-float-110');
  await page.keyboard.press('e');
  const hooks = page.getByLabel('hooks carried');
  await hooks.fill('0');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert')).toContainText('could no longer be worked out');
  await expect(hooks).toHaveValue('0');
});

test('a record that cannot be read stands by name in every view, and is mended in the Box', async ({ page }) => {
  store(
    `update part set document = '{"version":1,"data":{"id":"bait-paddle-tail-125","kind":"soft-bait","words":"my best tail","massKg":"heavy"}}' where bench_id = 'slipway' and id = 'bait-paddle-tail-125'`,
  );
  for (const path of ['/bench', '/water', '/quiver', '/tying', '/quiver/deck', '/today', '/box']) {
    await open(page, path);
    await expect(page.getByText(/massKg/).first(), path).toBeAttached();
  }
  await open(page, '/bench');
  await page.getByRole('link', { name: 'Drowned-wall zander, 12 cm tail' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('cannot be worked out');
  await clean(page);
  await page
    .getByRole('link', { name: /Correct .* in the Box/ })
    .first()
    .click();
  await page
    .getByRole('button', { name: /^Fix it/ })
    .first()
    .click();
  await expect(page.getByText('Fixed. Check what it says now.')).toBeVisible();
  await open(page, WALL);
  await expect(page.getByRole('button', { name: /^Set / })).toBeVisible();
});

test('unsaved work on the Bench is offered again after a reload, and thrown away for good', async ({ page }) => {
  resetDemo();
  await open(page, WALL);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await page.waitForTimeout(600);
  await reload(page);
  await expect(page.getByTestId('draft')).toContainText('Unsaved changes from');
  await page.getByRole('button', { name: 'Continue with them' }).click();
  await expect(page.getByTestId('draft')).toHaveCount(0);
  await page.waitForTimeout(600);
  await page.goto('/bench');
  await open(page, WALL);
  await page.getByRole('button', { name: 'Discard them' }).click();
  await reload(page);
  await page.waitForLoadState('networkidle');
  await expect(page.getByTestId('draft')).toHaveCount(0);
});

test('a save whose answer was lost is sent again by itself, and is one revision', async ({ page }) => {
  resetDemo();
  await open(page, WALL);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  let lost = 0;
  await page.route('**/bench/**', async (route) => {
    if (route.request().method() !== 'POST' || lost > 0) return route.fallback();
    lost += 1;
    await route.fetch();
    await route.abort('connectionreset');
  });
  await page.keyboard.press('s');
  await page.getByLabel('What changed, and why').fill('another hook');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved as revision C.')).toBeVisible();
  expect(lost).toBe(1);
  errors.length = 0;
  await page.unroute('**/bench/**');
  await open(page, WALL);
  await page.keyboard.press('v');
  await expect(page.getByRole('dialog').getByText('another hook')).toHaveCount(1);
});

test('two windows of the rules: the older is told, keeps what was typed, and decides', async ({ browser }) => {
  resetDemo();
  const [one, two] = await Promise.all([browser.newPage(), browser.newPage()]);
  for (const page of [one, two]) {
    await open(page, '/rules');
    await page.getByRole('button', { name: 'Rules sheet' }).click();
  }
  await one.getByLabel('Rods per person').fill('2');
  await expect(one.getByText('Saved.')).toBeVisible();
  await two.getByLabel('Rods per person').fill('4');
  await expect(two.getByText('Rods per person was changed elsewhere to 2 while you typed 4.')).toBeVisible();
  await two.getByRole('button', { name: 'Keep mine' }).click();
  await expect(two.getByText('Saved.')).toBeVisible();
  await reload(one);
  await one.getByRole('button', { name: 'Rules sheet' }).click();
  await expect(one.getByLabel('Rods per person')).toHaveValue('4');
});

test('a tied batch is taken back', async ({ page }) => {
  resetDemo();
  await open(page, '/tying');
  await page.getByLabel('How many of Diving minnow on a crimped leader').fill('2');
  await page.getByRole('button', { name: 'mark as tied' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('The batch was undone')).toBeVisible();
  await expect(page.locator('[data-leader]')).toHaveCount(9);
});

test('a page that leads here by another name reads nothing, and an address that is none gets a sentence', async ({
  page,
  request,
}) => {
  const foreign = await request.get('/bench', { headers: { host: 'evil.example' } });
  expect(foreign.status()).toBe(421);
  expect((await request.get('/health', { headers: { host: 'evil.example' } })).status()).toBe(200);
  const post = await request.post('/files/parts', { headers: { origin: 'null' }, data: {} });
  expect([post.status(), await post.text()]).toEqual([
    403,
    'Changes are taken only from the pages of Ferula itself.\n',
  ]);
  for (const path of ['/files/schema/__proto__', '/bench/__proto__', '/bench/a%2Fb%3Fc%23d'])
    expect((await request.get(path)).status(), path).toBe(404);
  expect((await request.get('/bench/%')).status()).toBe(400);
  await open(page, '/bench');
  const policy = (await page.request.get('/bench')).headers()['content-security-policy'];
  expect(policy).toContain("frame-ancestors 'none'");
  errors.length = 0;
});
