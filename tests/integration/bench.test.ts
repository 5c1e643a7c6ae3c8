import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { DEMO_BENCH, demoParts, demoSetupsOfBench } from '@/db/demo';
import { demoBenchId, loadDemo, resetDemo } from '@/db/load-demo';
import { migrateDatabase } from '@/db/migrate';
import { transact } from '@/db/transact';
import {
  findBench,
  findParts,
  findRevision,
  findSetup,
  insertParts,
  listParts,
  listRevisions,
  listSetups,
  removePart,
  replacePart,
} from '@/db/repo';
import { part as partTable } from '@/db/schema';
import { evaluate } from '@/core/judge';
import { unpacked } from '@/domain/packed';
import { partIdSchema, setupIdSchema, type BenchId, type SetupId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { saveRevisionOf } from '@/server/setups/save-revision';
import { setupPage } from '@/server/setups/setup-page';
import { wholeFile, wholePage, wholeRevision } from '../helpers/setups';
import { aBench, emptyDatabase } from '../helpers/database';
import { demoFile, demoFiles } from '../helpers/demo';
import { savedSetup } from '../helpers/saved-setup';

let db: Db;
let url: string;
let close: () => Promise<void>;
beforeAll(async () => ({ db, url, close } = await emptyDatabase()));
afterAll(() => close());

const now = new Date('2026-11-25T10:00:00.123Z');
const wall = demoFile('setup-drowned-wall');
const aSavedSetup = () => savedSetup(db, wall, now);

const save = (
  benchId: BenchId,
  setupId: SetupId,
  expectedVersion: number,
  chain: typeof wall.chain,
  reason = 'again',
) =>
  transact(db, (tx) =>
    saveRevisionOf(tx, benchId, { setupId, expectedVersion, reason, chain, presentation: wall.presentation }, now),
  );

describe('migrations', () => {
  it('two at once take turns, and a third finds nothing to do', async () => {
    await expect(Promise.all([migrateDatabase(url), migrateDatabase(url)])).resolves.toBeDefined();
    await migrateDatabase(url);
  });
});

describe('demo bench', () => {
  it('loads once, whole, and comes back after a reset', async () => {
    expect(await loadDemo(db)).toBe(true);
    expect(await loadDemo(db)).toBe(false);
    expect(await findBench(db, demoBenchId)).toEqual({ id: demoBenchId, name: DEMO_BENCH.name });
    const byId = (parts: readonly Part[]) => [...parts].sort((a, b) => (a.id < b.id ? -1 : 1));
    expect(byId(await listParts(db, demoBenchId))).toEqual(byId(demoParts));
    expect((await listSetups(db, demoBenchId)).map(({ name }) => name).sort()).toEqual(
      demoSetupsOfBench.map(({ name }) => name).sort(),
    );
    const kinds = new Map<string, number>();
    for (const { kind } of await listParts(db, demoBenchId)) kinds.set(kind, (kinds.get(kind) ?? 0) + 1);
    const count = (...of: readonly string[]) => of.reduce((sum, kind) => sum + (kinds.get(kind) ?? 0), 0);
    const lures = count('hard-lure', 'spoon', 'topwater', 'trolled-fly', 'attractor');
    const large = count('rod', 'reel', 'line');
    expect([kinds.get('rod'), kinds.get('reel'), kinds.get('line'), lures, demoParts.length - large - lures]).toEqual([
      17, 10, 20, 31, 144,
    ]);

    await db.transaction((tx) => removePart(tx, demoBenchId, partIdSchema.parse('reel-small-spin'), now));
    await resetDemo(db);
    expect(await listParts(db, demoBenchId)).toHaveLength(demoParts.length);
  });

  it('reads back every revision as the core was given it, with readings as then and as now', async () => {
    for (const { id, revision, file, fileThen } of demoFiles) {
      const page = await wholePage(db, demoBenchId, id, revision);
      expect(page.evaluation).toEqual(evaluate(file));
      expect([...page.partsThen].sort((a, b) => (a.id < b.id ? -1 : 1))).toEqual(
        [...fileThen.parts].sort((a, b) => (a.id < b.id ? -1 : 1)),
      );
      expect(evaluate(await wholeFile(db, demoBenchId, id, revision))).toEqual(evaluate(file));
    }
  });

  it('names the reading that moved a mark since a revision was saved', async () => {
    const page = await wholePage(db, demoBenchId, 'setup-evening-edge');
    expect(page.moved).toMatchObject([{ verdict: 'set', then: 'sound', now: 'edge', because: [{ path: 'wireM' }] }]);
  });
});

describe('saving a revision', () => {
  it('numbers revisions, keeps each as it was, and opens the newest', async () => {
    const { benchId, setupId, chain, parts } = await aSavedSetup();
    expect(await save(benchId, setupId, 1, chain, 'second')).toEqual({ kind: 'saved', number: 2, version: 2 });
    const bait = parts.find((each) => each.kind === 'soft-bait')!;
    const weighed: Part = { ...bait, massKg: { value: 0.0171, unit: 'kg', provenance: 'measured' } };
    expect(await replacePart(db, benchId, weighed, 1, now)).toEqual({ kind: 'replaced', version: 2 });
    expect(await save(benchId, setupId, 2, chain, 'third')).toMatchObject({ number: 3 });
    expect((await listRevisions(db, benchId, setupId)).map(({ number, reason }) => [number, reason])).toEqual([
      [3, 'third'],
      [2, 'second'],
      [1, 'first'],
    ]);
    const baitIn = async (number?: number) =>
      (await wholeRevision(db, benchId, setupId, number)).partsThen.find(({ kind }) => kind === 'soft-bait');
    expect(await baitIn(1)).toEqual(bait);
    expect(await baitIn()).toEqual(weighed);
    expect((await findRevision(db, benchId, setupId))!.savedAt).toEqual(now);
  });

  it('refuses a save that expected another version, and writes nothing', async () => {
    const { benchId, setupId, chain } = await aSavedSetup();
    expect(await save(benchId, setupId, 1, chain)).toMatchObject({ kind: 'saved' });
    expect(await save(benchId, setupId, 1, chain)).toEqual({ kind: 'stale' });
    expect(await listRevisions(db, benchId, setupId)).toHaveLength(2);
  });

  it('lets one of two saves at the same moment through', async () => {
    const { benchId, setupId, chain } = await aSavedSetup();
    const outcomes = await Promise.all(Array.from({ length: 5 }, () => save(benchId, setupId, 1, chain)));
    expect(outcomes.map(({ kind }) => kind).sort()).toEqual(['saved', 'stale', 'stale', 'stale', 'stale']);
    expect(await listRevisions(db, benchId, setupId)).toHaveLength(2);
  });

  it('refuses a part that is not on the bench, at its path, and a setup that is not', async () => {
    const { benchId, setupId, chain } = await aSavedSetup();
    const stranger = chain.map((joint) =>
      joint.kind === 'bait' ? { ...joint, partId: partIdSchema.parse('nobody') } : joint,
    );
    expect(await save(benchId, setupId, 1, stranger)).toMatchObject({
      kind: 'bad-input',
      problems: [{ path: 'chain[8].partId' }],
    });
    expect(await save(benchId, setupIdSchema.parse('nowhere'), 1, chain)).toEqual({ kind: 'not-found' });
  });
});

describe('benches are apart', () => {
  it('one bench sees and changes nothing of another', async () => {
    const mine = await aSavedSetup();
    const other = await aBench(db);
    expect(await listParts(db, other)).toEqual([]);
    expect(
      await findParts(
        db,
        other,
        mine.parts.map(({ id }) => id),
      ),
    ).toEqual({ rows: [], broken: [] });
    expect(await findSetup(db, other, mine.setupId)).toBeNull();
    expect(await findRevision(db, other, mine.setupId)).toBeNull();
    expect(await listRevisions(db, other, mine.setupId)).toEqual([]);
    expect(await setupPage(db, other, mine.setupId)).toBeNull();
    expect(await save(other, mine.setupId, 1, mine.chain)).toEqual({ kind: 'not-found' });
    expect(await replacePart(db, other, mine.parts[0]!, 1, now)).toEqual({ kind: 'stale' });
    expect(await db.transaction((tx) => removePart(tx, other, mine.parts[0]!.id, now))).toBe('not-found');
  });
});

describe('parts', () => {
  it('that a revision uses are archived and still open with it; others are deleted', async () => {
    const { benchId, setupId, parts } = await aSavedSetup();
    const used = parts.find(({ kind }) => kind === 'hook')!;
    const spare = { ...used, id: partIdSchema.parse(`spare-${benchId}`) };
    await insertParts(db, benchId, [spare], now);
    const remove = (id: Part['id']) => db.transaction((tx) => removePart(tx, benchId, id, now));
    expect(await remove(used.id)).toBe('archived');
    expect(await remove(spare.id)).toBe('deleted');
    expect(await remove(spare.id)).toBe('not-found');
    expect((await listParts(db, benchId)).some(({ id }) => id === used.id)).toBe(false);
    expect(unpacked((await wholePage(db, benchId, setupId)).box).some(({ id }) => id === used.id)).toBe(true);
  });

  it('cannot be deleted behind the repository’s back while a revision uses them', async () => {
    const { parts } = await aSavedSetup();
    await expect(db.delete(partTable).where(eq(partTable.id, parts[0]!.id))).rejects.toMatchObject({
      cause: { errno: 1451 },
    });
  });

  it('are replaced only at the version that was read', async () => {
    const { benchId, parts } = await aSavedSetup();
    expect(await replacePart(db, benchId, parts[0]!, 1, now)).toEqual({ kind: 'replaced', version: 2 });
    expect(await replacePart(db, benchId, parts[0]!, 1, now)).toEqual({ kind: 'stale' });
  });
});
