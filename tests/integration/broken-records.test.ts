import { sql } from 'drizzle-orm';
import { demoLeaders, demoPlans, demoSpreads } from '@/db/demo';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { evaluate } from '@/core/judge';
import type { Db } from '@/db/client';
import { demoBenchId } from '@/db/load-demo';
import {
  deckRepo,
  listBox,
  listLeaders,
  listParts,
  listReadings,
  planRepo,
  spreadRepo,
  trialRepo,
  waterRepo,
} from '@/db/repo';
import { transact } from '@/db/transact';
import { partIdSchema, setupIdSchema, type BenchId, type PartId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { changeBox } from '@/server/box/change-box';
import { measurePart } from '@/server/box/measure-part';
import { mendPart } from '@/server/box/mend-part';
import { mergeParts } from '@/server/box/merge-parts';
import { benchToFile } from '@/server/exchange/bench-to-file';
import { workedOut } from '@/server/setups/worked-out';
import { newestSetups } from '@/server/setups/newest-setups';
import { setupPage } from '@/server/setups/setup-page';
import { demoDatabase } from '../helpers/database';
import { demoFile } from '../helpers/demo';
import { savedSetup } from '../helpers/saved-setup';

let db: Db;
let close: () => Promise<void>;
beforeAll(async () => {
  ({ db, close } = await demoDatabase());
});
afterAll(() => close());

const now = new Date('2026-11-27T10:00:00.000Z');
const minnow = setupIdSchema.parse('setup-crimped-minnow');

/** Writes what no way in would let through any more: what an earlier version, or a hand in the database, may have left. */
async function store(benchId: BenchId, id: PartId, document: unknown): Promise<void> {
  await db.execute(
    sql`update part set document = ${JSON.stringify(document)} where bench_id = ${benchId} and id = ${id}`,
  );
}

describe('a part that cannot be read', () => {
  it('stands by name beside the others, and its setups say so in their place', async () => {
    const { benchId, parts, setupId } = await savedSetup(db, demoFile('setup-drowned-wall'), now);
    const bait = parts.find(({ kind }) => kind === 'soft-bait')!;
    await store(benchId, bait.id, { version: 1, data: { ...bait, name: 'my best', massKg: 'heavy' } });
    const box = await listBox(db, benchId);
    expect(box.rows).toHaveLength(parts.length - 1);
    expect(box.broken).toMatchObject([
      { id: bait.id, kind: 'soft-bait', name: 'my best', problems: [{ path: 'massKg' }] },
    ]);
    const { setups, broken } = await newestSetups(db, benchId);
    expect(setups).toEqual([]);
    expect(broken).toMatchObject([{ id: setupId, faults: [{ partId: bait.id, problem: { path: 'massKg' } }] }]);
    expect(await setupPage(db, benchId, setupId)).toMatchObject({
      kind: 'broken',
      parts: [{ id: bait.id, name: 'my best', then: { id: bait.id } }],
      revisions: [{ number: 1, sound: false }],
    });
  });

  it.each([
    ['text that is no document', 'nonsense'],
    ['a later version', { version: 99, data: {} }],
    ['nothing of it', { version: 1, data: null }],
  ])('is mended: %s', async (_, document) => {
    const { benchId, parts, setupId } = await savedSetup(db, demoFile('setup-drowned-wall'), now);
    const hook = parts.find(({ kind }) => kind === 'hook')!;
    await store(benchId, hook.id, document);
    const [row] = (await listBox(db, benchId)).broken;
    const outcome = await transact(db, (tx) =>
      mendPart(tx, benchId, { partId: hook.id, expectedVersion: row!.version }, now),
    );
    expect(outcome).toMatchObject({ kind: 'mended', part: { id: hook.id, kind: 'hook' } });
    expect(await setupPage(db, benchId, setupId)).toMatchObject({ kind: 'whole' });
  });

  it('keeps what can stand when it is mended', async () => {
    const { benchId, parts } = await savedSetup(db, demoFile('setup-drowned-wall'), now);
    const bait = parts.find(({ kind }) => kind === 'soft-bait')!;
    await store(benchId, bait.id, { version: 1, data: { ...bait, words: 'the blue ones', massKg: 'heavy' } });
    const outcome = await transact(db, (tx) => mendPart(tx, benchId, { partId: bait.id, expectedVersion: 1 }, now));
    expect(outcome).toMatchObject({
      part: { words: 'the blue ones', lengthM: 'lengthM' in bait && bait.lengthM, massKg: { provenance: 'class' } },
    });
  });

  it('can be taken out, and does not keep the bench from going out as a file', async () => {
    const { benchId, parts } = await savedSetup(db, demoFile('setup-drowned-wall'), now);
    const bait = parts.find(({ kind }) => kind === 'soft-bait')!;
    await store(benchId, bait.id, 'nonsense');
    const file = (await benchToFile(db, benchId))!;
    expect(file.parts).toHaveLength(parts.length - 1);
    expect(file.unreadable.map(({ record, id }) => [record, id])).toContainEqual(['part', bait.id]);
    const out = [{ id: bait.id, part: null, expectedVersion: 1 }];
    expect(await transact(db, (tx) => changeBox(tx, benchId, out, 'test', now))).toMatchObject({ kind: 'changed' });
    expect((await listBox(db, benchId)).broken).toEqual([]);
  });
});

it('a revision, a deck, a plan, a water, a spread, a trial, a leader and a reading that cannot be read cost nothing but themselves', async () => {
  await db.execute(
    sql`update revision set chain = '{"version":1,"data":[{"kind":"anchor"}]}' where bench_id = ${demoBenchId} and setup_id = 'setup-lily-bay'`,
  );
  await db.execute(sql`insert into deck values (${demoBenchId}, 'deck-x', 0, '"x"', ${now})`);
  await db.execute(sql`insert into plan values (${demoBenchId}, 'plan-x', 0, '{"version":1,"data":{}}', ${now})`);
  await db.execute(sql`insert into water values (${demoBenchId}, 'water-x', 0, '7', ${now})`);
  await db.execute(
    sql`insert into spread values (${demoBenchId}, 'spread-x', 0, '{"version":1,"data":{"lines":7}}', ${now})`,
  );
  await db.execute(
    sql`insert into trial values (${demoBenchId}, 'trial-x', 0, '{"version":1,"data":{"a":7}}', ${now})`,
  );
  await db.execute(
    sql`insert into leader values (${demoBenchId}, 'leader-x', '{"version":1,"data":{"name":"Old"}}', ${now})`,
  );
  await db.execute(
    sql`insert into reading (bench_id, id, part_id, guide, raw, ${sql.raw('`before`')}, after, taken_at) values (${demoBenchId}, 'r', 'rod-heron', 'weigh', '{"version":1,"data":{}}', '{}', '[]', ${now})`,
  );
  const { whole, broken } = workedOut(await newestSetups(db, demoBenchId), ({ file }) => evaluate(file));
  expect(whole).toHaveLength(19);
  expect(broken).toMatchObject([{ id: 'setup-lily-bay', faults: [{ problem: { path: 'chain[0].kind' } }] }]);
  expect(await setupPage(db, demoBenchId, setupIdSchema.parse('setup-lily-bay'))).toMatchObject({ kind: 'broken' });
  expect(await deckRepo.list(db, demoBenchId)).toMatchObject({
    rows: [{ document: { id: 'deck-evening' } }],
    broken: [{ id: 'deck-x' }],
  });
  const plans = await planRepo.list(db, demoBenchId);
  expect(plans.rows).toHaveLength(demoPlans.length);
  expect(plans.broken).toMatchObject([{ id: 'plan-x' }]);
  expect((await waterRepo.list(db, demoBenchId)).broken).toMatchObject([{ id: 'water-x' }]);
  const spreads = await spreadRepo.list(db, demoBenchId);
  expect(spreads.rows).toHaveLength(demoSpreads.length);
  expect(spreads.broken).toMatchObject([{ id: 'spread-x' }]);
  expect((await trialRepo.list(db, demoBenchId)).broken).toMatchObject([{ id: 'trial-x' }]);
  const leaders = await listLeaders(db, demoBenchId);
  expect(leaders.rows).toHaveLength(demoLeaders.length);
  expect(leaders.broken).toMatchObject([{ id: 'leader-x', name: 'Old' }]);
  expect(await listReadings(db, demoBenchId, partIdSchema.parse('rod-heron'))).toMatchObject({ broken: [{ id: 'r' }] });
  expect((await benchToFile(db, demoBenchId))!.unreadable.map(({ record }) => record).sort()).toEqual([
    'deck',
    'leader',
    'plan',
    'reading',
    ...(await revisionsOf('setup-lily-bay')),
    'spread',
    'trial',
    'water',
  ]);
});

const revisionsOf = async (setupId: string): Promise<string[]> => {
  const [rows] = (await db.execute(
    sql`select id from revision where setup_id = ${setupId} and bench_id = ${demoBenchId}`,
  )) as unknown as [unknown[]];
  return rows.map(() => 'revision');
};

describe('a change that would break a setup in use', () => {
  const lureOf = async (): Promise<Extract<Part, { kind: 'hard-lure' }>> =>
    (await listParts(db, demoBenchId)).find((part) => part.kind === 'hard-lure' && part.id === lureId)! as never;
  const lureId = demoFile('setup-crimped-minnow').parts.find(({ kind }) => kind === 'hard-lure')!.id;
  const put = (part: Part, expectedVersion = 1) =>
    transact(db, (tx) => changeBox(tx, demoBenchId, [{ id: part.id, part, expectedVersion }], 'test', now));

  it('is refused and names the setup: a lure that loses its hooks', async () => {
    expect(await put({ ...(await lureOf()), hookStations: 0 })).toMatchObject({
      kind: 'breaks',
      setups: [
        { setupId: minnow, faults: [{ problem: { allowed: { rule: 'a hook behind a lure that carries none' } } }] },
      ],
    });
    expect((await lureOf()).hookStations).toBeGreaterThan(0);
    expect(await setupPage(db, demoBenchId, minnow)).toMatchObject({ kind: 'whole' });
  });

  it('is refused: a part in use that becomes another kind', async () => {
    const weight = (await listParts(db, demoBenchId)).find(({ kind }) => kind === 'weight')!;
    expect(await put({ ...weight, id: lureId })).toMatchObject({
      kind: 'bad-input',
      problems: [{ path: 'changes[0].part.kind', given: 'weight', allowed: { options: ['hard-lure'] } }],
    });
  });

  it('is refused: two entries joined into one that would break', async () => {
    const lure = await lureOf();
    const bare = { ...lure, id: partIdSchema.parse('bare-lure'), hookStations: 0 };
    await transact(db, (tx) =>
      changeBox(tx, demoBenchId, [{ id: bare.id, part: bare, expectedVersion: null }], 'test', now),
    );
    await expect(
      transact(db, (tx) => mergeParts(tx, demoBenchId, { keepId: bare.id, dropId: lure.id }, 'same', now)),
    ).rejects.toMatchObject({ answer: { code: 'breaks', setups: [{ setupId: minnow }] } });
    expect((await listParts(db, demoBenchId)).some(({ id }) => id === lure.id)).toBe(true);
  });

  it('measuring what a guide does not measure is refused at its field', async () => {
    const raw = { rows: [{ readingM: 0.1 }], asked: { path: 'hookStations', stepM: 1e-5 } };
    const measuring = { partId: lureId, expectedVersion: 1, guide: 'calliper', raw } as const;
    expect(await transact(db, (tx) => measurePart(tx, demoBenchId, measuring, now))).toMatchObject({
      kind: 'bad-input',
      problems: [{ path: 'guide' }],
    });
  });
});
