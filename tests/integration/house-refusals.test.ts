import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { demoHouse } from '@/db/demo';
import { demoBenchId } from '@/db/load-demo';
import { FIRST_ANGLER, listAnglers, putAngler } from '@/db/repo';
import { transact } from '@/db/transact';
import type { HouseChange } from '@/domain/house-entries';
import { anglerIdSchema, type BenchId } from '@/domain/ids';
import { changeHouse } from '@/server/house/change-house';
import { aBench, demoDatabase } from '../helpers/database';

let db: Db;
let close: () => Promise<void>;
beforeAll(async () => {
  ({ db, close } = await demoDatabase());
});
afterAll(() => close());

const now = new Date('2026-11-25T10:00:00Z');
const make = (benchId: BenchId, ...changes: readonly HouseChange[]) =>
  transact(db, (tx) => changeHouse(tx, benchId, changes, now));
const id = (name: string) => anglerIdSchema.parse(name);
const [boat] = demoHouse.crafts;
const named = (craftId: string) => ({ ...boat!, id: craftId, name: craftId });
/** A bench with one angler, whose turn it is. */
async function manned(): Promise<BenchId> {
  const benchId = await aBench(db);
  await transact(db, (tx) => putAngler(tx, benchId, { id: FIRST_ANGLER, name: 'Mia', usual: true, entries: {} }, now));
  return benchId;
}
const anglers = async (benchId: BenchId) =>
  Object.fromEntries((await listAnglers(db, benchId)).map(({ id: each, name, usual }) => [each, [name, usual]]));

describe('boats', () => {
  it('are added once; another of the same id is told what stands there', async () => {
    const benchId = await aBench(db);
    const add = { kind: 'add-craft', craft: named('raft') } as const;
    expect(await make(benchId, add, add)).toMatchObject({ refused: [], house: { crafts: [{ id: 'raft' }] } });
    const other = { ...named('RAFT'), lengthM: 2 };
    expect((await make(benchId, { kind: 'add-craft', craft: other })).refused).toMatchObject([
      { at: 0, why: 'changed-meanwhile', stands: { id: 'raft' } },
    ]);
  });

  it('are so many at most, and have ids that can be in an address', async () => {
    const benchId = await aBench(db);
    const all = Array.from({ length: 21 }, (_, i): HouseChange => ({ kind: 'add-craft', craft: named(`boat-${i}`) }));
    const { house, refused } = await make(benchId, ...all);
    expect(house.crafts).toHaveLength(20);
    expect(refused).toMatchObject([
      { at: 20, why: 'not-allowed', problems: [{ path: 'crafts', allowed: { bound: 20 } }] },
    ]);
    expect((await make(await aBench(db), { kind: 'add-craft', craft: named('..') })).refused).toMatchObject([
      { why: 'not-allowed', problems: [{ path: 'id', given: '..' }] },
    ]);
  });

  it('that are gone stay gone: a change of one is told, taking it out again is nothing', async () => {
    const benchId = await aBench(db);
    await make(benchId, { kind: 'add-craft', craft: named('raft') });
    const gone = { kind: 'remove-craft', id: 'raft' } as const;
    const longer = {
      kind: 'entry',
      document: 'craft',
      id: 'raft',
      key: 'lengthM',
      from: boat!.lengthM,
      to: 7,
    } as const;
    expect((await make(benchId, gone, longer, gone)).refused).toMatchObject([{ at: 1, why: 'not-there' }]);
  });
});

describe('anglers', () => {
  it('come and are named; a name that somebody else gave meanwhile stands', async () => {
    const benchId = await manned();
    const add = { kind: 'add-angler', id: id('mate'), name: 'Ivo' } as const;
    expect((await make(benchId, add, add)).refused).toEqual([]);
    const name = (from: string, to: string) => ({ kind: 'name-angler', id: id('mate'), from, to }) as const;
    const { refused } = await make(benchId, name('Ivo', 'Iván'), name('Ivo', 'Igor'), name('Ivo', 'Iván'));
    expect(refused).toMatchObject([{ at: 1, why: 'changed-meanwhile', stands: 'Iván' }]);
    expect(await anglers(benchId)).toEqual({ [FIRST_ANGLER]: ['Mia', true], mate: ['Iván', false] });
    expect((await make(benchId, { kind: 'name-angler', id: id('nobody'), from: '', to: 'x' })).refused).toMatchObject([
      { why: 'not-there' },
    ]);
    expect((await make(benchId, { kind: 'add-angler', id: id('..'), name: '' })).refused).toMatchObject([
      { why: 'not-allowed' },
    ]);
  });

  it('the first one of a bench is the one whose turn it is', async () => {
    const benchId = await aBench(db);
    await make(
      benchId,
      { kind: 'add-angler', id: id('one'), name: 'One' },
      { kind: 'add-angler', id: id('two'), name: 'Two' },
    );
    expect(await anglers(benchId)).toEqual({ one: ['One', true], two: ['Two', false] });
  });

  it('take turns, one at a time', async () => {
    const benchId = await manned();
    await make(benchId, { kind: 'add-angler', id: id('mate'), name: 'Ivo' }, { kind: 'usual-angler', id: id('mate') });
    expect(await anglers(benchId)).toEqual({ [FIRST_ANGLER]: ['Mia', false], mate: ['Ivo', true] });
    expect((await make(benchId, { kind: 'usual-angler', id: id('nobody') })).refused).toMatchObject([
      { why: 'not-there' },
    ]);
  });

  it('go, but not the one whose turn it is, nor one who signed something', async () => {
    const benchId = await manned();
    await make(benchId, { kind: 'add-angler', id: id('mate'), name: 'Ivo' });
    const goes = (who: string) => ({ kind: 'remove-angler', id: id(who) }) as const;
    const { refused } = await make(benchId, goes(FIRST_ANGLER), goes('mate'), goes('mate'));
    expect(refused).toMatchObject([{ at: 0, why: 'in-use', stands: 'Mia' }]);
    expect(Object.keys(await anglers(benchId))).toEqual([FIRST_ANGLER]);
    const demo = await anglers(demoBenchId);
    const author = Object.keys(demo).find((each) => demo[each]![1])!;
    await make(
      demoBenchId,
      { kind: 'add-angler', id: id('mate'), name: 'Ivo' },
      { kind: 'usual-angler', id: id('mate') },
    );
    expect((await make(demoBenchId, goes(author))).refused).toMatchObject([{ why: 'in-use' }]);
  });
});

describe('entries', () => {
  it('are what they can be: the others of the same sending are made', async () => {
    const benchId = await manned();
    const entry = (
      document: 'schools' | 'sheet' | 'angler',
      key: string,
      to: unknown,
      from: unknown = null,
    ): HouseChange => ({
      kind: 'entry',
      document,
      id: document === 'angler' ? FIRST_ANGLER : '',
      key,
      from,
      to,
    });
    const { refused, house } = await make(
      benchId,
      entry('schools', 'strike', 'give-line'),
      entry('schools', 'strike', 'sideways', 'give-line'),
      entry('sheet', 'barbless', true),
      entry('sheet', 'hooksPerLine', 900),
      entry('angler', 'reachM', { value: 0.7, unit: 'm', provenance: 'measured' }),
      entry(
        'angler',
        'reachM',
        { value: -1, unit: 'm', provenance: 'measured' },
        { value: 0.7, unit: 'm', provenance: 'measured' },
      ),
    );
    expect(refused.map(({ at, why }) => [at, why])).toEqual([
      [1, 'not-allowed'],
      [3, 'not-allowed'],
      [5, 'not-allowed'],
    ]);
    for (const { problems } of refused) expect(problems.length).toBeGreaterThan(0);
    expect([house.schools, house.sheet]).toEqual([{ strike: 'give-line' }, { barbless: true }]);
    // What is taken out is gone; taken out again it is nothing.
    const out = entry('sheet', 'barbless', null, true);
    expect(await make(benchId, out, out)).toMatchObject({ refused: [], house: { sheet: {} } });
    expect(
      (await make(benchId, { ...entry('angler', 'reachM', null), id: 'nobody' } as HouseChange)).refused,
    ).toMatchObject([{ why: 'not-there' }]);
  });
});
