import { eq } from 'drizzle-orm';
import { benchIdSchema, revisionIdSchema, setupIdSchema, type BenchId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import type { Db, Tx } from './client';
import { DEMO_BENCH, demoHouse, demoParts, demoSetupsOfBench, type DemoRevision, type DemoSetup } from './demo';
import {
  clearBench,
  findBench,
  insertBench,
  insertParts,
  insertSetup,
  putAngler,
  putHouse,
  saveRevision,
} from './repo';
import { bench } from './schema';

export const demoBenchId: BenchId = benchIdSchema.parse(DEMO_BENCH.id);

/** Loads the demo bench unless it is there; returns whether it did. */
export async function loadDemo(db: Db): Promise<boolean> {
  return db.transaction(async (tx) => {
    if (await findBench(tx, demoBenchId)) return false;
    await writeDemo(tx);
    return true;
  });
}

/** Throws the demo bench away, with all that was changed in it, and loads it anew. */
export async function resetDemo(db: Db): Promise<void> {
  await db.transaction(async (tx) => {
    await clearBench(tx, demoBenchId, DEMO_BENCH.name);
    await tx.delete(bench).where(eq(bench.id, demoBenchId));
    await writeDemo(tx);
  });
}

async function writeDemo(tx: Tx): Promise<void> {
  const start = new Date('2026-07-01T00:00:00Z');
  await insertBench(tx, { id: demoBenchId, name: DEMO_BENCH.name, createdAt: start });
  const { angler, ...document } = demoHouse;
  await putAngler(tx, demoBenchId, angler, start);
  await putHouse(tx, demoBenchId, document, start);
  await insertParts(tx, demoBenchId, demoParts, start);
  for (const demo of demoSetupsOfBench) await writeSetup(tx, demo);
}

async function writeSetup(tx: Tx, demo: DemoSetup): Promise<void> {
  const setupId = setupIdSchema.parse(demo.id);
  const createdAt = new Date(demo.revisions[0]!.savedAt);
  await insertSetup(tx, { id: setupId, benchId: demoBenchId, name: demo.name, version: 0, createdAt });
  for (const [index, saved] of demo.revisions.entries()) {
    await saveRevision(tx, demoBenchId, setupId, index, {
      id: revisionIdSchema.parse(`${demo.id}-${index + 1}`),
      reason: saved.reason,
      chain: [...saved.chain],
      presentation: saved.presentation,
      parts: partsThen(saved),
      savedAt: new Date(saved.savedAt),
    });
  }
}

/** The parts of a revision as they were when it was saved. */
function partsThen(saved: DemoRevision): Part[] {
  const ids = new Set(saved.chain.map((joint) => joint.partId));
  const other = new Map((saved.partsThen ?? []).map((each) => [each.id, each]));
  return demoParts.filter((each) => ids.has(each.id)).map((each) => other.get(each.id) ?? each);
}
