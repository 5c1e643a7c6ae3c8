import { chromium } from '@playwright/test';
const [,, ...jobs] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const W = Number(process.env.W ?? 1280), H = Number(process.env.H ?? 800);
const ctx = await b.newContext({ viewport: { width: W, height: H } });
const p = await ctx.newPage();
p.on('console', m => { if (m.type() === 'error') console.log('CONSOLE', m.text().slice(0, 200)); });
for (const job of jobs) {
  const [name, url, ...steps] = job.split('|');
  await p.goto('http://127.0.0.1:4173' + url, { waitUntil: 'networkidle' });
  await p.waitForTimeout(900);
  for (const s of steps) { if (s.startsWith('key:')) await p.keyboard.press(s.slice(4)); else if (s.startsWith('click:')) await p.getByRole('button', { name: s.slice(6) }).first().click(); else if (s.startsWith('text:')) await p.getByText(s.slice(5)).first().click(); else if (s.startsWith('wait:')) await p.waitForTimeout(Number(s.slice(5))); else if (s.startsWith('scroll:')) await p.evaluate((y) => { for (const d of document.querySelectorAll('[role=dialog], [data-panel], aside')) d.scrollTop = y; window.scrollTo(0, y); }, Number(s.slice(7))); await p.waitForTimeout(500); }
  await p.screenshot({ path: `/tmp/shots/${name}.png` });
}
await b.close();
