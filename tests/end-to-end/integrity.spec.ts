import { expect, test } from '@playwright/test';
import { errors, open, resetDemo, watchErrors } from './page';

test.beforeAll(resetDemo);
watchErrors();

const WALL = '/bench/setup-drowned-wall';
test('a save whose answer was lost is sent again by itself, and is one revision', async ({ page }) => {
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
