import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { transact } from '@/db/transact';
import { FIRST_ANGLER, listAnglers, listBox, listMovements, listReadings, putAngler } from '@/db/repo';
import { partIdSchema, type BenchId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { completePart } from '@/domain/parts/class-part';
import type { Guide, RawReading } from '@/domain/guides';
import { changeBox, type BoxChange } from '@/server/box/change-box';
import { measureAngler, measurePart } from '@/server/box/measure-part';
import { mergeParts } from '@/server/box/merge-parts';
import { moveStock } from '@/server/box/move-stock';
import { aBench, emptyDatabase } from '../helpers/database';
import { demoFile } from '../helpers/demo';
import { savedSetup } from '../helpers/saved-setup';
import { wholeRevision } from '../helpers/setups';

let db: Db;
let close: () => Promise<void>;
beforeAll(async () => ({ db, close } = await emptyDatabase()));
afterAll(() => close());

const now = new Date('2026-11-25T10:00:00.123Z');
let made = 0;

function aPart(kind: Part['kind'], given: object = {}): Part {
  made += 1;
  const result = completePart({ id: `${kind}-${made}`, kind, ...given });
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.data;
}
const changed = (benchId: BenchId, changes: readonly BoxChange[], reason: string, at: Date) =>
  transact(db, (tx) => changeBox(tx, benchId, changes, reason, at));
const measured = (...[benchId, ...rest]: Tail<typeof measurePart>) =>
  transact(db, (tx) => measurePart(tx, benchId, ...rest));
const moved = (...[benchId, ...rest]: Tail<typeof moveStock>) => transact(db, (tx) => moveStock(tx, benchId, ...rest));
const merged = (...[benchId, ...rest]: Tail<typeof mergeParts>) =>
  transact(db, (tx) => mergeParts(tx, benchId, ...rest));
type Tail<F extends (first: never, ...rest: never[]) => unknown> = F extends (first: never, ...rest: infer R) => unknown
  ? R
  : never;
const put = (benchId: BenchId, part: Part, expectedVersion: number | null) =>
  changed(benchId, [{ id: part.id, part, expectedVersion }], 'test', now);
const box = async (benchId: BenchId) =>
  new Map((await listBox(db, benchId)).rows.map(({ part, version }) => [part.id, { part, version }]));

describe('changing the Box', () => {
  it('puts in, changes and takes out; each answer is what undo needs', async () => {
    const benchId = await aBench(db);
    const hook = aPart('hook');
    expect(await put(benchId, hook, null)).toEqual({
      kind: 'changed',
      parts: [{ id: hook.id, version: 1, before: null }],
    });
    const renamed = { ...hook, words: 'the red ones' };
    expect(await put(benchId, renamed, 1)).toEqual({
      kind: 'changed',
      parts: [{ id: hook.id, version: 2, before: hook }],
    });
    expect(await changed(benchId, [{ id: hook.id, part: null, expectedVersion: 2 }], 'test', now)).toMatchObject({
      parts: [{ version: null, before: renamed }],
    });
    expect((await box(benchId)).size).toBe(0);
    expect(await put(benchId, renamed, null)).toMatchObject({ kind: 'changed' });
    expect((await box(benchId)).get(hook.id)?.part).toEqual(renamed);
  });

  it('does all or nothing: one stale part stops the rest', async () => {
    const benchId = await aBench(db);
    const [old, fresh] = [aPart('hook'), aPart('rod')];
    await put(benchId, old, null);
    const outcome = await changed(
      benchId,
      [
        { id: fresh.id, part: fresh, expectedVersion: null },
        { id: old.id, part: old, expectedVersion: 7 },
      ],
      'test',
      now,
    );
    expect(outcome).toEqual({ kind: 'stale', ids: [old.id] });
    expect([...(await box(benchId)).keys()]).toEqual([old.id]);
  });

  it('archives a part that a revision uses, and puts it back', async () => {
    const { benchId, parts, setupId } = await savedSetup(db, demoFile('setup-drowned-wall'), now);
    const bait = parts.find((part) => part.kind === 'soft-bait')!;
    await changed(benchId, [{ id: bait.id, part: null, expectedVersion: 1 }], 'test', now);
    expect((await box(benchId)).has(bait.id)).toBe(false);
    expect((await wholeRevision(db, benchId, setupId)).partsThen).toHaveLength(parts.length);
    await put(benchId, bait, null);
    expect((await box(benchId)).get(bait.id)?.part).toEqual(bait);
  });

  it('knows no part of another bench', async () => {
    const [mine, theirs] = [await aBench(db), await aBench(db)];
    const hook = aPart('hook');
    await put(mine, hook, null);
    expect(await put(theirs, hook, 1)).toEqual({ kind: 'stale', ids: [hook.id] });
  });
});

const calliper = (path: string, ...readings: readonly number[]): RawReading => ({
  rows: readings.map((readingM) => ({ readingM })),
  asked: { path, stepM: 1e-5 },
});

describe('measuring a part', () => {
  it('replaces class by measured, keeps the old values, and says which marks moved', async () => {
    const { benchId, parts, setupId } = await savedSetup(db, demoFile('setup-drowned-wall'), now);
    const hook = parts.find((part) => part.kind === 'hook')!;
    const wireM = { value: hook.wireM.value * 1.12, unit: 'm', provenance: 'measured' };
    const raw = calliper('wireM', wireM.value, wireM.value, wireM.value);
    const outcome = await measured(benchId, { partId: hook.id, expectedVersion: 1, guide: 'calliper', raw }, now);
    expect(outcome).toMatchObject({
      kind: 'measured',
      version: 2,
      part: { wireM },
      setups: [{ setupId, marks: [{ verdict: 'set', then: 'sound' }] }],
    });
    expect((await listReadings(db, benchId, hook.id)).rows).toMatchObject([
      { guide: 'calliper', raw, before: { wireM: hook.wireM }, after: { wireM }, takenAt: now },
    ]);
  });

  it('writes a hung rod’s stiffness over its words', async () => {
    const { benchId, parts } = await savedSetup(db, demoFile('setup-lily-bay'), now);
    const rod = parts.find((part) => part.kind === 'rod')!;
    const raw = {
      rows: [
        { massKg: 0.2, dropM: 0.2 },
        { massKg: 0.4, dropM: 0.36 },
      ],
      asked: { tipAngleRad: 0.7 },
    };
    const outcome = await measured(benchId, { partId: rod.id, expectedVersion: 1, guide: 'hang-test', raw }, now);
    expect(outcome).toMatchObject({
      kind: 'measured',
      part: { stiffness: { kind: 'taper', buttEiNm2: { unit: 'N·m²', provenance: 'measured' } } },
    });
    expect((await listReadings(db, benchId, rod.id)).rows[0]).toMatchObject({ raw });
    expect((await listReadings(db, benchId, rod.id)).rows[0]?.before).toEqual({
      stiffness: rod.kind === 'rod' && rod.stiffness,
    });
  });

  it('refuses what cannot be, a stale version, and a part that is not there; nothing changes', async () => {
    const benchId = await aBench(db);
    const hook = aPart('hook');
    await put(benchId, hook, null);
    const measure = (raw: RawReading, expectedVersion = 1, partId = hook.id, guide: Guide = 'calliper') =>
      measured(benchId, { partId, expectedVersion, guide, raw }, now);
    const good = calliper('wireM', 1e-3);
    expect(await measure(calliper('wireM', -1))).toMatchObject({
      kind: 'bad-input',
      problems: [{ path: 'wireM.value', given: -1 }],
    });
    expect(await measure(calliper('massKg', 1e-3))).toMatchObject({ problems: [{ path: 'asked.path' }] });
    expect(await measure({ ...good, rows: [{ colour: 1 }] })).toMatchObject({
      problems: [{ path: 'rows[0].readingM' }],
    });
    expect(await measure(good, 1, hook.id, 'hang-test')).toMatchObject({ problems: [{ path: 'guide' }] });
    expect(await measure(good, 5)).toEqual({ kind: 'stale' });
    expect(await measure(good, 1, partIdSchema.parse('nowhere'))).toEqual({ kind: 'not-found' });
    expect((await box(benchId)).get(hook.id)).toEqual({ part: hook, version: 1 });
    expect((await listReadings(db, benchId, hook.id)).rows).toEqual([]);
  });
});

describe('stock', () => {
  it('moves by movements, for line in metres and for others in pieces', async () => {
    const benchId = await aBench(db);
    const [line, hook] = [
      aPart('line', { lengthM: { value: 150, unit: 'm', provenance: 'label' } }),
      aPart('hook', { left: 5 }),
    ];
    await put(benchId, line, null);
    await put(benchId, hook, null);
    expect(await moved(benchId, { partId: line.id, amount: -30, reason: 'two leaders' }, now)).toMatchObject({
      kind: 'moved',
      part: { lengthM: { value: 120 } },
    });
    expect(await moved(benchId, { partId: hook.id, amount: -6, reason: 'lost' }, now)).toEqual({
      kind: 'not-so-much',
      left: 5,
    });
    expect(await moved(benchId, { partId: hook.id, amount: 20, reason: 'bought' }, now)).toMatchObject({
      part: { left: 25 },
    });
    expect((await listMovements(db, benchId, line.id)).map(({ amount, reason }) => [amount, reason]).sort()).toEqual([
      [-30, 'two leaders'],
      [150, 'test'],
    ]);
  });

  it('an edit that changes the count is a movement too', async () => {
    const benchId = await aBench(db);
    const hook = aPart('hook', { left: 5 });
    await put(benchId, hook, null);
    await changed(benchId, [{ id: hook.id, part: { ...hook, left: 3 }, expectedVersion: 1 }], 'counted', now);
    expect((await listMovements(db, benchId, hook.id)).map(({ amount }) => amount).sort()).toEqual([-2, 5]);
  });
});

describe('merging two entries', () => {
  it('gives the setups of the one a revision with the other, and adds the stocks up', async () => {
    const { benchId, parts, setupId } = await savedSetup(db, demoFile('setup-drowned-wall'), now);
    const drop = parts.find((part) => part.kind === 'hook')!;
    const keep = { ...drop, id: partIdSchema.parse(`keep-${benchId}`), left: 4 };
    await put(benchId, keep, null);
    await put(benchId, { ...drop, left: 3 }, 1);
    expect(await merged(benchId, { keepId: keep.id, dropId: drop.id }, 'the same hook', now)).toMatchObject({
      kind: 'merged',
      merged: { setups: [{ name: 'Test', version: 2, number: 1 }] },
    });
    const revision = await wholeRevision(db, benchId, setupId);
    expect(revision).toMatchObject({ number: 2, reason: 'the same hook' });
    expect(revision.chain.map((joint) => joint.partId)).toContain(keep.id);
    expect(revision.chain.map((joint) => joint.partId)).not.toContain(drop.id);
    expect((await box(benchId)).get(keep.id)?.part.left).toBe(7);
    expect((await box(benchId)).has(drop.id)).toBe(false);
  });

  it('does not mix kinds', async () => {
    const benchId = await aBench(db);
    const [hook, rod] = [aPart('hook'), aPart('rod')];
    await put(benchId, hook, null);
    await put(benchId, rod, null);
    expect(await merged(benchId, { keepId: hook.id, dropId: rod.id }, 'x', now)).toEqual({
      kind: 'other-kind',
    });
  });
});

describe('measuring the angler', () => {
  const sets = (partId: Part['id'], peaksN: readonly number[]) => ({
    partId,
    guide: 'set-test' as const,
    raw: { rows: peaksN.map((peakN) => ({ peakN })), asked: { material: 'braid' } },
  });
  const setBy = (...[benchId, ...rest]: Tail<typeof measureAngler>) =>
    transact(db, (tx) => measureAngler(tx, benchId, ...rest));
  const withRod = async () => {
    const [benchId, rod] = [await aBench(db), aPart('rod')];
    await put(benchId, rod, null);
    return { benchId, rod };
  };

  it('makes a first angler, and keeps with the figures what was read and what stood before', async () => {
    const { benchId, rod } = await withRod();
    const found = await setBy(benchId, sets(rod.id, [38, 41, 39]), now);
    if (found.kind !== 'measured') throw new Error(JSON.stringify(found));
    const [angler, ...others] = await listAnglers(db, benchId);
    expect(others).toEqual([]);
    expect(angler).toMatchObject({ usual: true, entries: found.figures });
    const [reading] = (await listReadings(db, benchId, rod.id)).rows;
    expect(reading).toMatchObject({
      guide: 'set-test',
      authorId: angler!.id,
      before: { 'angler.peakMomentNm': null },
      after: { 'angler.peakMomentNm': found.figures.peakMomentNm },
    });
  });

  it('leaves the angler’s other figures, and finds more of a harder set', async () => {
    const { benchId, rod } = await withRod();
    await transact(db, (tx) =>
      putAngler(
        tx,
        benchId,
        {
          id: FIRST_ANGLER,
          name: 'Ilse',
          usual: true,
          entries: { heightM: { value: 1.7, unit: 'm', provenance: 'measured' } },
        },
        now,
      ),
    );
    const moment = async (peaksN: readonly number[]) => {
      const found = await setBy(benchId, sets(rod.id, peaksN), now);
      return found.kind === 'measured' ? found.figures.peakMomentNm!.value : 0;
    };
    expect(await moment([40, 41])).toBeGreaterThan(await moment([20, 21]));
    const [angler] = await listAnglers(db, benchId);
    expect(angler).toMatchObject({ name: 'Ilse', entries: { heightM: { value: 1.7 } } });
  });

  it('refuses what tells nothing, and a rod that is not there or was put away', async () => {
    const { benchId, rod } = await withRod();
    expect(await setBy(benchId, sets('part-nobody' as never, [40]), now)).toEqual({ kind: 'not-found' });
    const hook = aPart('hook');
    await put(benchId, hook, null);
    expect(await setBy(benchId, sets(hook.id, [40]), now)).toMatchObject({ kind: 'bad-input' });
    expect(
      await setBy(
        benchId,
        { ...sets(rod.id, [40]), raw: { rows: [{ peakN: -4 }], asked: { material: 'braid' } } },
        now,
      ),
    ).toMatchObject({ kind: 'bad-input' });
    await changed(benchId, [{ id: rod.id, part: null, expectedVersion: 1 }], 'sold', now);
    expect(await setBy(benchId, sets(rod.id, [40]), now)).toEqual({ kind: 'not-found' });
    expect(await listAnglers(db, benchId)).toEqual([]);
  });
});
