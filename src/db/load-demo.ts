import { benchIdSchema, revisionIdSchema, setupIdSchema, type BenchId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import type { Db, Tx } from './client';
import {
  DEMO_BENCH,
  demoDeck,
  demoHouse,
  demoLeaders,
  demoParts,
  demoPlans,
  demoSetupsOfBench,
  demoHelm,
  demoSpreads,
  demoTrials,
  demoTrips,
  demoWaters,
  type DemoRevision,
  type DemoSetup,
} from './demo';
import {
  addTripEvents,
  clearBench,
  deckRepo,
  FIRST_ANGLER,
  findBench,
  insertBench,
  insertLeaders,
  insertParts,
  insertSetup,
  keepBlock,
  planRepo,
  putAngler,
  putCraft,
  putHouseDocument,
  renewBenchState,
  saveRevision,
  helmRepo,
  spreadRepo,
  trialRepo,
  waterRepo,
} from './repo';
import { giveMembersAnglers } from './give-members-anglers';
import { transact } from './transact';

export const demoBenchId: BenchId = benchIdSchema.parse(DEMO_BENCH.id);

/** Loads the demo into a bench unless it is there; returns whether it did. */
export async function loadDemo(db: Db, benchId: BenchId = demoBenchId): Promise<boolean> {
  return transact(db, async (tx) => {
    if (await findBench(tx, benchId)) return false;
    await writeDemo(tx, benchId);
    return true;
  });
}

/** The demo bench as on the first day, whatever was changed in it; who belongs to it stays. */
export async function resetDemo(db: Db, benchId: BenchId = demoBenchId): Promise<void> {
  await transact(db, async (tx) => {
    if (!(await findBench(tx, benchId))) return writeDemo(tx, benchId);
    await fillWithDemo(tx, benchId);
    await giveMembersAnglers(tx, benchId, START);
  });
}

const START = new Date('2026-07-01T00:00:00Z');

async function writeDemo(tx: Tx, benchId: BenchId): Promise<void> {
  await insertBench(tx, { id: benchId, name: DEMO_BENCH.name, createdAt: START });
  await writeContents(tx, benchId);
}

/** Puts the demo on a bench that is there and empty. */
export async function fillWithDemo(tx: Tx, benchId: BenchId): Promise<void> {
  await clearBench(tx, benchId, DEMO_BENCH.name);
  await writeContents(tx, benchId);
}

async function writeContents(tx: Tx, benchId: BenchId): Promise<void> {
  const { angler, crafts, ...documents } = demoHouse;
  await putAngler(tx, benchId, { id: FIRST_ANGLER, name: DEMO_BENCH.angler, usual: true, entries: angler }, START);
  for (const [position, craft] of crafts.entries()) await putCraft(tx, benchId, craft.id, position, craft, START);
  for (const name of ['schools', 'sheet', 'classes', 'rigWords'] as const)
    await putHouseDocument(tx, benchId, name, documents[name], START);
  await insertParts(tx, benchId, demoParts, START);
  for (const demo of demoSetupsOfBench) await writeSetup(tx, benchId, demo);
  await insertLeaders(tx, benchId, demoLeaders);
  await deckRepo.insert(tx, benchId, demoDeck, START);
  for (const water of demoWaters) await waterRepo.insert(tx, benchId, water, START);
  await helmRepo.insert(tx, benchId, demoHelm, START);
  for (const spread of demoSpreads) await spreadRepo.insert(tx, benchId, spread, START);
  for (const trial of demoTrials) await trialRepo.insert(tx, benchId, trial, START);
  for (const plan of demoPlans) await planRepo.insert(tx, benchId, plan, START);
  for (const { id, events, blocks } of demoTrips()) {
    await addTripEvents(
      tx,
      benchId,
      events.map((event) => ({ tripId: id, event, behindS: 0 })),
    );
    for (const { startS, values } of blocks) await keepBlock(tx, benchId, startS, values);
  }
  await renewBenchState(tx, benchId);
}

async function writeSetup(tx: Tx, benchId: BenchId, demo: DemoSetup): Promise<void> {
  const setupId = setupIdSchema.parse(demo.id);
  const createdAt = new Date(demo.revisions[0]!.savedAt);
  await insertSetup(tx, { id: setupId, benchId, name: demo.name, version: 0, createdAt });
  for (const [index, saved] of demo.revisions.entries()) {
    await saveRevision(tx, benchId, setupId, index, {
      id: revisionIdSchema.parse(`${demo.id}-${index + 1}`),
      reason: saved.reason,
      chain: [...saved.chain],
      presentation: saved.presentation,
      parts: partsThen(saved),
      authorId: FIRST_ANGLER,
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
