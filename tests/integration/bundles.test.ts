import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { demoHouse, demoSpreads } from '@/db/demo';
import { demoBenchId } from '@/db/load-demo';
import { FIRST_ANGLER, insertParts, listParts, putAngler, putCraft, spreadRepo } from '@/db/repo';
import { transact } from '@/db/transact';
import { evaluate } from '@/core/judge';
import { bundleSchema, type Bundle } from '@/domain/exchange/bundle';
import type { BenchId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { bundleOf, takeBundle, type Wanted } from '@/server/exchange/bundles';
import { findHouse } from '@/server/house/house';
import { newestSetups } from '@/server/setups/newest-setups';
import { aBench, demoDatabase } from '../helpers/database';
import { wholeRevision } from '../helpers/setups';

let db: Db;
let close: () => Promise<void>;
beforeAll(async () => {
  ({ db, close } = await demoDatabase());
});
afterAll(() => close());

const now = new Date('2026-11-25T10:00:00.123Z');
const of = async (wanted: Wanted): Promise<Bundle> => {
  const bundle = await bundleOf(db, demoBenchId, wanted);
  if (!bundle) throw new Error('nothing to pass on');
  // As a file is read again by whoever gets it.
  return bundleSchema.parse(JSON.parse(JSON.stringify(bundle)));
};
const take = (benchId: BenchId, bundle: Bundle) =>
  transact(db, (tx) => takeBundle(tx, benchId, bundle, { now, authorId: null, reason: 'from a friend' }));
const sheet: Wanted = { kind: 'sheet', id: 'setup-char-flasher' };
const lake: Wanted = { kind: 'spread', id: 'spread-lake' };

describe('what is passed on', () => {
  it('is a setup with its parts, and no boat', async () => {
    const bundle = await of(sheet);
    expect(bundle.setups.map(({ id }) => id)).toEqual(['setup-char-flasher']);
    expect(new Set(bundle.parts.map(({ id }) => id))).toEqual(
      new Set(bundle.setups[0]!.chain.map(({ partId }) => partId)),
    );
    expect([bundle.spreads, bundle.crafts]).toEqual([[], []]);
  });

  it('is a spread with its setups, their parts, other rods and the boat', async () => {
    const bundle = await of(lake);
    const [spread] = bundle.spreads;
    expect(new Set(bundle.setups.map(({ id }) => id))).toEqual(new Set(spread!.lines.map(({ setupId }) => setupId)));
    const ids = bundle.parts.map(({ id }) => id);
    for (const { rodId } of spread!.lines) if (rodId) expect(ids).toContain(rodId);
    expect(bundle.crafts.map(({ id }) => id)).toContain(spread!.craftId);
  });

  it('is everything where that is asked for', async () => {
    const bundle = await of({ kind: 'all' });
    expect(bundle.parts).toHaveLength((await listParts(db, demoBenchId)).length);
    expect(bundle.spreads).toHaveLength(demoSpreads.length);
  });

  it('is nothing where it is not there', async () => {
    for (const wanted of [
      { kind: 'sheet', id: 'none' },
      { kind: 'spread', id: 'none' },
    ] as const)
      expect(await bundleOf(db, demoBenchId, wanted)).toBeNull();
  });
});

describe('what comes in', () => {
  it('opens and is judged as it was, with the reason that it came for', async () => {
    const benchId = await aBench(db);
    const bundle = await of(sheet);
    const taken = await take(benchId, bundle);
    expect(taken).toMatchObject({ newParts: bundle.parts.length, setups: [{ isNew: true }], spreads: [] });
    const revision = await wholeRevision(db, benchId, taken.setups[0]!.id);
    expect(revision).toMatchObject({ number: 1, reason: 'from a friend', authorId: null });
    const [mine] = (await newestSetups(db, benchId)).setups;
    const theirs = (await newestSetups(db, demoBenchId)).setups.find(({ id }) => id === 'setup-char-flasher')!;
    expect(mine!.name).toBe(theirs.name);
    const from = { ...theirs.file, house: mine!.file.house };
    from.presentation = { ...from.presentation, craftId: null };
    expect(evaluate(mine!.file).verdicts).toEqual(evaluate(from).verdicts);
  });

  it('comes once: taken again it is the same setup, and no part is twice', async () => {
    const benchId = await aBench(db);
    const first = await take(benchId, await of(sheet));
    const before = (await listParts(db, benchId)).length;
    const again = await take(benchId, await of(sheet));
    expect(again).toMatchObject({ newParts: 0, setups: [{ id: first.setups[0]!.id, isNew: false }] });
    expect(await listParts(db, benchId)).toHaveLength(before);
  });

  it('uses what is in the Box already, under whatever id', async () => {
    const benchId = await aBench(db);
    const bundle = await of(sheet);
    const [rod] = bundle.parts.filter(({ kind }) => kind === 'rod');
    const reel = bundle.parts.find(({ kind }) => kind === 'reel')!;
    const mine = { ...rod!, id: 'my-own-rod' } as Part;
    // Another part has the id of their reel.
    const other = { ...reel, name: 'Another reel', gearRatio: { value: 3.3, unit: '1', provenance: 'label' } } as Part;
    await transact(db, (tx) => insertParts(tx, benchId, [mine, other], now));
    const { setups, newParts } = await take(benchId, bundle);
    expect(newParts).toBe(bundle.parts.length - 1);
    const { chain } = await wholeRevision(db, benchId, setups[0]!.id);
    expect(chain.find(({ kind }) => kind === 'rod')!.partId).toBe('my-own-rod');
    expect(chain.find(({ kind }) => kind === 'reel')!.partId).toBe(`${reel.id}-2`);
  });

  it('brings no stock of pieces, and spools as they were bought', async () => {
    const benchId = await aBench(db);
    await take(benchId, await of({ kind: 'all' }));
    for (const part of await listParts(db, benchId))
      if (part.kind === 'line') expect(part.lengthM.value).toBeGreaterThan(0);
      else expect('left' in part && part.left !== undefined, part.id).toBe(false);
  });

  it('a spread stands on its boat, its lines on the setups and rods of this bench', async () => {
    const benchId = await aBench(db);
    const bundle = await of(lake);
    const boat = demoHouse.crafts.find(({ id }) => id === bundle.spreads[0]!.craftId)!;
    await transact(db, (tx) => putCraft(tx, benchId, boat.id, 0, { ...boat, name: 'Another boat of that id' }, now));
    const taken = await take(benchId, bundle);
    const { rows } = await spreadRepo.list(db, benchId);
    const [spread] = rows.map(({ document }) => document);
    expect(taken.spreads).toEqual([{ id: spread!.id, name: bundle.spreads[0]!.name }]);
    expect(spread!.craftId).toBe(`${boat.id}-2`);
    const { crafts } = await findHouse(db, benchId);
    expect(crafts.map(({ name }) => name)).toEqual(expect.arrayContaining(['Another boat of that id', boat.name]));
    const setups = new Set<string>(taken.setups.map(({ id }) => id));
    expect(spread!.lines).toHaveLength(bundle.spreads[0]!.lines.length);
    for (const { setupId } of spread!.lines) expect(setups).toContain(setupId);
    // Setups that were towed by that boat are so here.
    for (const { file } of (await newestSetups(db, benchId)).setups)
      expect([null, `${boat.id}-2`]).toContain(file.presentation.craftId);
  });

  it('is none of a boat that this bench calls by the same id', async () => {
    const benchId = await aBench(db);
    const bundle = await of(sheet);
    const craftId = bundle.setups[0]!.presentation.craftId;
    if (craftId) {
      const boat = demoHouse.crafts.find(({ id }) => id === craftId)!;
      await transact(db, (tx) => putCraft(tx, benchId, craftId, 0, { ...boat, lengthM: 3, name: 'Raft' }, now));
    }
    const { setups } = await take(benchId, bundle);
    expect((await wholeRevision(db, benchId, setups[0]!.id)).presentation.craftId).toBeNull();
  });

  it('is signed by whoever took it', async () => {
    const benchId = await aBench(db);
    await transact(db, (tx) =>
      putAngler(tx, benchId, { id: FIRST_ANGLER, name: 'Mia', usual: true, entries: {} }, now),
    );
    const bundle = await of(sheet);
    const taken = await transact(db, (tx) =>
      takeBundle(tx, benchId, bundle, { now, authorId: FIRST_ANGLER, reason: 'mine now' }),
    );
    expect(await wholeRevision(db, benchId, taken.setups[0]!.id)).toMatchObject({
      authorId: FIRST_ANGLER,
      reason: 'mine now',
    });
  });
});
