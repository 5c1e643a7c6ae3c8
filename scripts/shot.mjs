// One picture of a page: node scripts/shot.mjs URL FILE [width] [height] [cookies as a=b;c=d] [keys to press, comma separated]
import { chromium } from '@playwright/test';

const [url, file, width = '1280', height = '800', cookies = '', keys = ''] = process.argv.slice(2);
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', chromiumSandbox: false, args: ['--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
const context = await browser.newContext({ viewport: { width: Number(width), height: Number(height) } });
if (cookies) await context.addCookies(cookies.split(';').map((pair) => ({ name: pair.split('=')[0], value: pair.split('=')[1], url })));
const page = await context.newPage();
page.on('console', (message) => message.type() === 'error' && console.log('console:', message.text()));
page.on('pageerror', (error) => console.log('page error:', error.message));
await page.goto(url, { waitUntil: 'load' });
await page.evaluate(() => document.fonts.ready);
for (const key of keys.split(',').filter(Boolean)) {
  await page.keyboard.press(key);
  await page.waitForTimeout(150);
}
await page.waitForTimeout(900);
await page.screenshot({ path: file });
console.log('scroll height', await page.evaluate(() => document.documentElement.scrollHeight));
await browser.close();
