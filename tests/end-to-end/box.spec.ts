import { expect, test, type Page } from '@playwright/test';
import { clean, errors, open, watchErrors } from './page';

watchErrors();

const row = (page: Page, name: RegExp) => page.getByRole('row', { name });
const notice = (page: Page) => page.locator('footer').getByRole('status');
const card = (page: Page) => page.getByRole('region').filter({ has: page.locator('#part-card') });

async function pick(page: Page, find: string): Promise<void> {
  await page.keyboard.press('/');
  await page.getByRole('searchbox').fill(find);
  await page.keyboard.press('Enter');
  await expect(card(page)).toBeVisible();
}

test('a line becomes a part; undo and redo; it is found by two letters of its own words', async ({ page }) => {
  await open(page, '/box');
  await page.keyboard.press('a');
  await page.keyboard.type('worm 6/0 stout cutting x12 sparkly');
  const read = page.locator('#quick-add-read');
  await expect(read).toContainText('Offset worm 6/0');
  await expect(read).toContainText('not understood: sparkly');
  await page.keyboard.press('Enter');
  await expect(notice(page)).toHaveText('Offset worm 6/0 is in the Box.');
  await expect(card(page)).toContainText('cutting point');
  await page.keyboard.press('Escape');
  await page.keyboard.press('e');
  await page.getByLabel('your own words').fill('zanderklauen');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(card(page)).toContainText('zanderklauen');
  await page.keyboard.press('u');
  await expect(card(page)).not.toContainText('zanderklauen');
  await page.keyboard.press('U');
  await expect(card(page)).toContainText('zanderklauen');
  await pick(page, 'za');
  await expect(card(page)).toContainText('Offset worm 6/0');
  await clean(page);
});

test('Spanish words make the same part', async ({ page }) => {
  await open(page, '/box');
  await page.keyboard.press('a');
  await page.keyboard.type('trenzado 0,19 9 kg 150 m');
  await expect(page.locator('#quick-add-read')).toContainText('Braid 0.19 mm');
});

test('a form refuses what cannot be at its field, and keeps what was typed', async ({ page }) => {
  await open(page, '/box');
  await pick(page, 'heron');
  await page.keyboard.press('e');
  const length = page.getByLabel('length', { exact: true });
  await length.fill('99 ft');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('30.2 m is outside 0.5 m to 15 m.')).toBeVisible();
  await expect(length).toHaveValue('99 ft');
  await length.fill('long');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('“long” is not a number')).toBeVisible();
  await clean(page);
});

test('a hang test changes Throw and Set of the rod’s setups, and says so', async ({ page }) => {
  await open(page, '/box');
  await pick(page, 'tern');
  await page.keyboard.press('m');
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('weight hung 1').fill('100 g');
  await dialog.getByLabel('tip went down by 1').fill('40 cm');
  await dialog.getByLabel('weight hung 2').fill('0.2 kg');
  await dialog.getByLabel('tip went down by 2').fill('300 mm');
  await expect(dialog.getByText('Left out, since it cannot be right')).toBeVisible();
  await expect(dialog.getByText('Add the angle of the tip')).toBeVisible();
  await dialog.getByLabel('tip went down by 2').fill('72 cm');
  await dialog.getByLabel(/tip below level/).fill('55');
  await expect(dialog.getByText('Left out, since it cannot be right')).toHaveCount(0);
  await clean(page);
  await dialog.getByRole('button', { name: /^save/ }).click();
  await expect(dialog.getByRole('listitem').filter({ hasText: 'Lily bay' })).toContainText(/Throw was sound, now/);
  await page.keyboard.press('Escape');
  await expect(card(page)).toContainText('rigidity');
  await page.keyboard.press('h');
  await expect(page.getByRole('dialog')).toContainText('power: was medium-heavy, now –');
  await page.keyboard.press('Escape');
  await page.keyboard.press('u');
  await expect(card(page)).toContainText('medium-heavy');
  await page.keyboard.press('U');
  await expect(card(page)).toContainText('rigidity');
});

test('the stopwatch fills a sink test; a fall of no time is refused while the others stay', async ({ page }) => {
  await open(page, '/box');
  await pick(page, 'paddle-tail 125');
  await page.getByRole('button', { name: 'Sink test' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('depth of fall 1').fill('1.2 m');
  await dialog.getByLabel('time 1').fill('3.1');
  const before = Date.now();
  await dialog.getByRole('button', { name: /^start/ }).click();
  await page.waitForTimeout(2500);
  await dialog.getByRole('button', { name: /^it has landed/ }).click();
  const most = (Date.now() - before) / 1000;
  await expect(dialog.getByLabel('time 2')).toHaveValue(/^\d/);
  const fell = Number(await dialog.getByLabel('time 2').inputValue());
  // As long as it was waited, and no longer than all of it took, however busy the machine is.
  expect(fell).toBeGreaterThan(2.4);
  expect(fell).toBeLessThan(most + 0.05);
  await dialog.getByLabel('depth of fall 3').fill('1.2 m');
  await dialog.getByLabel('time 3').fill('0.1');
  await expect(dialog.getByText('Left out, since it cannot be right')).toBeVisible();
  await expect(dialog.getByText('drag area', { exact: true })).toBeVisible();
});

test('stock moves by reason; more than is there cannot go out', async ({ page }) => {
  await open(page, '/box');
  await pick(page, 'braid 0.28');
  await page.keyboard.press('n');
  await page.getByLabel('How much line').fill('500');
  await page.getByLabel('What for').fill('respooled');
  await page.getByRole('button', { name: 'take out', exact: true }).click();
  await expect(page.getByText('Not done: there is not that much left.')).toBeVisible();
  await page.getByLabel('How much line').fill('20 m');
  await page.getByRole('button', { name: 'take out', exact: true }).click();
  await expect(card(page)).toContainText('110 m');
});

test('a part goes only after its setups were named, and comes back', async ({ page }) => {
  await open(page, '/box');
  await pick(page, 'heron');
  await page.keyboard.press('x');
  await expect(page.getByRole('dialog')).toContainText('Drowned-wall zander');
  await page.getByRole('dialog').getByRole('button', { name: 'remove' }).click();
  await expect(notice(page)).toHaveText('Removed; U brings it back.');
  await expect(row(page, /Heron/)).toHaveCount(0);
  await page.keyboard.press('u');
  await expect(row(page, /Heron/)).toHaveCount(1);
});

test('a table is shown line by line and written only when confirmed', async ({ page }) => {
  await open(page, '/box');
  const before = await page.getByRole('button', { name: /^Everything/ }).textContent();
  await page.keyboard.press('i');
  const dialog = page.getByRole('dialog');
  const csv = 'mass [oz],kind,shape\r\n1/2,weight,bullet\r\n0.5,weight,cone\r\n0.25,wight,cone\r\n';
  await dialog
    .getByLabel('Choose a file')
    .setInputFiles({ name: 'new.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(dialog.getByRole('button', { name: 'refused 2' })).toHaveAttribute('aria-pressed', 'true');
  await expect(dialog).toContainText('mass: “1/2” is not a number.');
  await expect(dialog).toContainText('There is no kind “wight”');
  await clean(page);
  await expect(page.getByText(before!, { exact: true })).toHaveCount(1);
  await dialog.getByRole('button', { name: 'write 1 part' }).click();
  await expect(dialog).toContainText('1 part written.');
  for (const [name, bytes, says] of [
    ['a.zip', Buffer.from('PK\u0003\u0004rest'), 'This is an archive'],
    ['a.csv', Buffer.from([1, 0, 2, 0]), 'This is not a text file'],
    ['b.csv', Buffer.from('date,place\n1,2\n'), 'This is another table'],
    ['c.csv', Buffer.from(''), 'The file is empty'],
    ['d.json', Buffer.from('{"version":1}'), 'This is not a bench file'],
    ['e.json', Buffer.from('{'), 'This is not JSON'],
  ] as const) {
    await dialog
      .getByLabel('Choose a file')
      .setInputFiles({ name, mimeType: 'application/octet-stream', buffer: bytes });
    await expect(dialog).toContainText(says);
  }
  errors.length = 0; // the browser logs the two answers of the server that refused
});

test('the bench goes out as a file and comes in again after a look', async ({ page, request }) => {
  const file = await (await request.get('/files/bench.json')).body();
  await open(page, '/box');
  await page.keyboard.press('i');
  const dialog = page.getByRole('dialog');
  await dialog
    .getByLabel('Choose a file')
    .setInputFiles({ name: 'bench.json', mimeType: 'application/json', buffer: file });
  await expect(dialog).toContainText('0 new, 0 changed');
  await dialog.getByRole('button', { name: 'put this bench in place' }).click();
  await expect(dialog).toContainText('The bench of the file is in place.');
  expect(JSON.parse(await (await request.get('/files/bench.json', { maxRetries: 2 })).text())).toEqual(
    JSON.parse(file.toString()),
  );
  const csv = await (await request.get('/files/parts.csv')).text();
  expect(csv.split('\r\n')[0]).toContain('kind,id');
});

test('a setup from an empty sheet says what is missing and opens on the Bench; copy, rename, put away', async ({
  page,
}) => {
  await open(page, '/bench');
  await page.getByRole('link', { name: 'new setup' }).click();
  await clean(page);
  await page.getByLabel('Find a rig').fill('pegged');
  await page.getByRole('button', { name: /Weedless soft bait, pegged weight/ }).click();
  await expect(page.getByText('Still missing: rod, reel, line, leader, weight, hook, bait.')).toBeVisible();
  await page.getByLabel('Your own words for it').fill('plomo clavado');
  await page.getByRole('button', { name: 'another rig' }).click();
  await page.getByLabel('Find a rig').fill('PLOMO');
  await page.getByRole('button', { name: /Weedless soft bait, pegged weight/ }).click();
  await clean(page);
  for (const [slot, words, choice] of [
    ['rod', 'heron', /Heron/],
    ['reel', 'multiplier 6.3', /Conventional reel, 6.3/],
    ['line', 'braid 0.28', /Braid 0.28/],
    ['leader', '0.37', /Fluorocarbon 0.37/],
    ['weight', 'tungsten 10 g', /Bullet, tungsten 10 g/],
    ['hook', 'offset 3/0', /Offset worm 3\/0/],
    ['bait', 'paddle 125', /Paddle-tail 125/],
  ] as const) {
    await page.getByRole('combobox', { name: slot, exact: true }).fill(words);
    await page.getByRole('listbox', { name: slot, exact: true }).getByRole('option', { name: choice }).first().click();
  }
  await expect(page.getByRole('status').getByText('Throw')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('From nothing');
  await page.getByRole('button', { name: 'open on the Bench' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('From nothing');
  await open(page, '/bench');
  await page.getByRole('button', { name: 'Copy From nothing' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Second try');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Second try');
  await open(page, '/bench');
  await page.getByRole('button', { name: 'Rename Second try' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Third name');
  await page.getByRole('button', { name: 'Save' }).click();
  for (const name of ['From nothing', 'Third name']) {
    await page.getByRole('button', { name: `Put ${name} away` }).click();
    await expect(page.getByRole('button', { name: `Bring ${name} back` })).toBeVisible();
  }
});

test('a set test is kept with the angler, and a setup takes it', async ({ page }) => {
  await open(page, '/box');
  await pick(page, 'heron');
  await page.getByRole('button', { name: 'Hookset test' }).click();
  const dialog = page.getByRole('dialog');
  for (const [i, pull] of ['2.1 kg', '2.3 kg', '1.9 kg'].entries())
    await dialog.getByLabel(`peak on the scale ${i + 1}`).fill(pull);
  await dialog.getByRole('button', { name: 'save with the angler' }).click();
  await expect(dialog.getByText('Saved; the presentation of a setup can use it.')).toBeVisible();
  await open(page, '/bench/setup-drowned-wall');
  const set = page.locator('[data-verdict="set"] output');
  const before = await set.textContent();
  await page.keyboard.press('p');
  await page.getByRole('button', { name: /^as measured/ }).click();
  await expect(page.getByLabel('Moment of your own')).not.toHaveValue('');
  await expect(set).not.toHaveText(before!);
});

test('a setup comes in as a file and opens', async ({ page, request }) => {
  const file = JSON.parse(await (await request.get('/bench/setup-long-flat/setup.json')).text()) as {
    name: string;
    parts: { id: string }[];
    chain: { partId: string }[];
  };
  const bait = file.chain.at(-1)!;
  for (const part of file.parts) if (part.id === bait.partId) part.id = 'brought-along';
  bait.partId = 'brought-along';
  await open(page, '/box');
  await page.keyboard.press('i');
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Choose a file').setInputFiles({
    name: 'lent.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...file, name: 'Lent by a friend' })),
  });
  await expect(dialog).toContainText('A setup: Lent by a friend. 1 of its parts is new to the Box.');
  await dialog.getByRole('button', { name: 'make this setup' }).click();
  await dialog.getByRole('link', { name: 'Open it on the Bench' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lent by a friend');
});

test('hooks stand on a sheet in their true millimetres', async ({ page }) => {
  await open(page, '/box/true-scale');
  const rule = page.locator('main svg').first();
  const [perMm, box] = await Promise.all([page.evaluate(() => 96 / 25.4), rule.boundingBox()]);
  expect(box!.width / perMm).toBeCloseTo(102, 0);
  await clean(page);
});

test('fits a desk without scrolling and a phone without sideways scrolling', async ({ page }) => {
  await open(page, '/box');
  const size = () => page.evaluate(() => [document.documentElement.scrollWidth, document.documentElement.scrollHeight]);
  expect(await size()).toEqual([1280, 800]);
  await page.setViewportSize({ width: 360, height: 740 });
  expect((await size())[0]).toBe(360);
  await clean(page);
});
