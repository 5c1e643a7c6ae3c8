import { expect, test } from '@playwright/test';
import { clean, errors, open, watchErrors } from './page';

watchErrors();

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
});
