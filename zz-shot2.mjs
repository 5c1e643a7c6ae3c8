import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const p = await (await b.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
await p.goto('http://127.0.0.1:4173/spread?spread=spread-lake', { waitUntil: 'networkidle' });
await p.waitForTimeout(1500);
const times = await p.evaluate(async () => {
  const handle = document.querySelector('[data-testid="above"] [role="slider"][aria-label="line 4"]');
  const cell = document.querySelector('[data-testid="above"] [data-line="d"]');
  const out = [];
  for (let i = 0; i < 25; i += 1) {
    const t = performance.now();
    await new Promise((done) => {
      const o = new MutationObserver(() => { o.disconnect(); done(); });
      o.observe(cell, { subtree: true, attributes: true }); setTimeout(done, 1500);
      handle.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true, cancelable: true }));
    });
    out.push(performance.now() - t);
    await new Promise((r) => setTimeout(r, 60));
  }
  return out;
});
console.log('drag ms', times.map((t) => t.toFixed(0)).join(' '));
await b.close();
