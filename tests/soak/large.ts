import { chromium } from '@playwright/test';
import { connect } from '@/db/client';
import { demoBenchId } from '@/db/load-demo';
import { insertParts, insertSetup, saveRevision } from '@/db/repo';
import { transact } from '@/db/transact';
import { demoParts, demoSetupsOfBench } from '@/db/demo';
import { partIdSchema, revisionIdSchema, setupIdSchema } from '@/domain/ids';
import { RunningFerula } from '../helpers/running-ferula';

/** A bench with a thousand setups and ten thousand parts: how long its list and its Box take, cold and with what is kept. */
const SETUPS = 1000;
const PARTS = 10_000;

const ferula = await RunningFerula.begin();
const { db, pool } = connect(ferula.databaseUrl());
try {
  const at = new Date();
  await transact(db, async (tx) => {
    const copies = Array.from({ length: PARTS }, (_, i) => {
      const part = demoParts[i % demoParts.length]!;
      return { ...part, id: partIdSchema.parse(`copy-${i}-${part.id}`.slice(0, 64)) };
    });
    await insertParts(tx, demoBenchId, copies, at);
  });
  for (let i = 0; i < SETUPS; i += 1) {
    const demo = demoSetupsOfBench[i % demoSetupsOfBench.length]!;
    const { chain, presentation } = demo.revisions.at(-1)!;
    const setupId = setupIdSchema.parse(`copy-${i}`);
    await transact(db, async (tx) => {
      await insertSetup(tx, {
        id: setupId,
        benchId: demoBenchId,
        name: `${demo.name} ${i}`,
        version: 0,
        createdAt: at,
      });
      await saveRevision(tx, demoBenchId, setupId, 0, {
        id: revisionIdSchema.parse(`copy-${i}-1`),
        reason: 'copied',
        chain: [...chain],
        // Each throws a little further, so that each is worked out for itself.
        presentation:
          presentation.kind === 'cast'
            ? { ...presentation, distanceM: presentation.distanceM + i * 1e-4 }
            : presentation,
        parts: demoParts.filter(({ id }) => chain.some(({ partId }) => partId === id)),
        authorId: null,
        savedAt: at,
      });
    });
  }
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', chromiumSandbox: false });
  for (const [path, sign] of [
    ['/bench', 'table tbody tr'],
    ['/bench?page=5', 'table tbody tr'],
    ['/box', '[role="row"]'],
    ['/water', 'svg'],
    ['/quiver', 'main'],
    ['/tying', 'main'],
  ] as const) {
    const server: number[] = [];
    for (const _ of [1, 2, 3]) {
      const start = performance.now();
      const answer = await fetch(ferula.url + path);
      await answer.text();
      server.push(performance.now() - start);
    }
    const page = await browser.newPage();
    const start = performance.now();
    await page.goto(ferula.url + path, { waitUntil: 'commit' });
    await page.locator(sign).first().waitFor();
    await page.waitForFunction(() =>
      Object.keys(document.querySelector('main') ?? {}).some((key) => key.startsWith('__reactProps')),
    );
    const shown = performance.now() - start;
    await page.close();
    console.log(
      `${path.padEnd(14)} server ${server.map((ms) => `${ms.toFixed(0)} ms`).join(', ')}   in the browser, alive ${shown.toFixed(0)} ms`,
    );
  }
  await browser.close();
} finally {
  await pool.end();
  await ferula.end();
}
