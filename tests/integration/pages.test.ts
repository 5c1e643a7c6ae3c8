import { sql } from 'drizzle-orm';
import type { Pool } from 'mysql2/promise';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { demoBenchId } from '@/db/load-demo';
import { findKeptMarks, forgetOldMarks, insertSetup, keepMarks, renewBenchState, saveRevision } from '@/db/repo';
import { transact } from '@/db/transact';
import { demoFiles } from '../helpers/demo';
import { evaluate } from '@/core/judge';
import { revisionIdSchema, setupIdSchema } from '@/domain/ids';
import { inBoxOrder } from '@/domain/part-order';
import { marksOf, type Marks } from '@/domain/marks';
import { unpacked } from '@/domain/packed';
import { database } from '@/server/database';
import { getBoxPage } from '@/server/queries/box-page';
import { getComparison } from '@/server/queries/comparison';
import { getHouse } from '@/server/queries/house';
import { getQuiverPage } from '@/server/queries/quiver-page';
import { findByShortCode, getSetupList } from '@/server/queries/setup-list';
import { getSetupPage } from '@/server/queries/setup-page';
import { getTyingPage } from '@/server/queries/tying-page';
import { getWaterPage } from '@/server/queries/water-page';
import { shortCode } from '@/domain/short-code';
import { demoDatabase } from '../helpers/database';

let db: Db;
let close: () => Promise<void>;
const first = { find: '', page: 1 };
const newest = demoFiles.filter((each) => each.newest);

beforeAll(async () => {
  const opened = await demoDatabase();
  ({ db, close } = opened);
  count((database() as Db & { readonly $client: Pool }).$client);
});
afterAll(() => close());

let selects = 0;
/** Counts what leaves through a pool: the database itself would count the questions of others too. */
function count(pool: Pool): void {
  pool.on('connection', (connection) => {
    const query = connection.query.bind(connection) as (...given: readonly unknown[]) => unknown;
    connection.query = ((asked: string | { readonly sql: string }, ...rest: readonly unknown[]) => {
      if (/^\s*\(?select/i.test(typeof asked === 'string' ? asked : asked.sql)) selects += 1;
      return query(asked, ...rest);
    }) as typeof connection.query;
  });
}

/** Questions that went out to the database while something was done. */
async function questions(ask: () => Promise<unknown>): Promise<number> {
  const before = selects;
  await ask();
  return selects - before;
}

const changed = () => transact(db, (tx) => renewBenchState(tx, demoBenchId));

describe('a page asks the database little', () => {
  it.each([
    ['the list', () => getSetupList(first)],
    ['a setup', () => getSetupPage('setup-drowned-wall', undefined)],
    ['the Box', () => getBoxPage()],
    ['the Water', () => getWaterPage([])],
    ['the Quiver', () => getQuiverPage()],
    ['Tying', () => getTyingPage()],
    ['Rules', () => getHouse()],
    ['setups beside each other', () => getComparison(['setup-drowned-wall', 'setup-lily-bay'])],
    ['a short code', () => findByShortCode(shortCode(setupIdSchema.parse('setup-lily-bay')))],
  ] as const)('%s: at most ten questions after a change, one while nothing changed', async (name, ask) => {
    await ask();
    await changed();
    expect(await questions(ask)).toBeLessThanOrEqual(10);
    if (name !== 'a short code') expect(await questions(ask)).toBe(1);
  });
});

describe('marks', () => {
  const hash = 'a'.repeat(64);
  const marks: Marks = { throw: 'sound', fall: 'edge', set: 'fails', hold: 'cant-tell', balance: 'sound' };

  it('in the list are those of the evaluation, whether worked out or kept', async () => {
    const expected = Object.fromEntries(newest.map(({ id, file }) => [id, marksOf(evaluate(file))]));
    for (let round = 0; round < 2; round += 1) {
      await changed();
      const { setups } = await getSetupList(first);
      expect(Object.fromEntries(setups.map((each) => [each.id, each.marks]))).toEqual(expected);
    }
  });
  it('are kept, found again, and forgotten three months after they were worked out', async () => {
    await keepMarks(db, new Map([[hash, marks]]), new Date('2026-01-01T00:00:00Z'));
    await keepMarks(db, new Map([[hash, { ...marks, set: 'sound' }]]), new Date('2026-01-01T00:00:00Z'));
    expect([...(await findKeptMarks(db, [hash, 'b'.repeat(64)]))]).toEqual([[hash, marks]]);
    await forgetOldMarks(db, new Date('2026-02-01T00:00:00Z'));
    expect((await findKeptMarks(db, [hash])).size).toBe(1);
    await forgetOldMarks(db, new Date('2026-05-01T00:00:00Z'));
    expect((await findKeptMarks(db, [hash])).size).toBe(0);
  });
  it('that cannot be read are as good as none', async () => {
    await db.execute(
      sql`insert into kept_evaluation (hash, marks, at) values (${'c'.repeat(64)}, '{"throw":"splendid"}', now(3))`,
    );
    expect((await findKeptMarks(db, ['c'.repeat(64)])).size).toBe(0);
  });
});

describe('a long list', () => {
  beforeAll(async () => {
    const { file } = newest[0]!;
    for (let i = 0; i < 205; i += 1)
      await transact(db, async (tx) => {
        const id = setupIdSchema.parse(`long-${i}`);
        const at = new Date();
        await insertSetup(tx, { id, benchId: demoBenchId, name: `Zulú ${1000 + i}`, version: 0, createdAt: at });
        await saveRevision(tx, demoBenchId, id, 0, {
          id: revisionIdSchema.parse(`long-${i}-1`),
          reason: 'one of many',
          chain: file.chain,
          presentation: file.presentation,
          parts: file.parts,
          authorId: null,
          savedAt: at,
        });
      });
    await changed();
  });
  it('comes a hundred at a time, each setup once', async () => {
    const pages = await Promise.all([1, 2, 3].map((page) => getSetupList({ find: '', page })));
    expect(pages.map(({ setups }) => setups.length)).toEqual([100, 100, 25]);
    expect(new Set(pages.flatMap(({ setups }) => setups.map(({ id }) => id))).size).toBe(225);
    expect(pages[0]).toMatchObject({ page: 1, pages: 3, found: 225 });
    expect(await getSetupList({ find: '', page: 99 })).toMatchObject({ page: 3 });
  });
  it('is searched by words of a name, accents and capitals aside', async () => {
    expect(await getSetupList({ find: 'zulu 1000', page: 1 })).toMatchObject({ found: 1, pages: 1 });
    expect(await getSetupList({ find: 'no such', page: 1 })).toMatchObject({ found: 0, setups: [], page: 1 });
  });
  it('costs no more questions than a short one', async () => {
    await changed();
    expect(await questions(() => getSetupList(first))).toBeLessThanOrEqual(10);
  });
});

it('the Box comes in its order, with what can be measured and where a part is used', async () => {
  const { parts, uses, guidesOf } = await getBoxPage();
  const rows = unpacked(parts);
  expect(rows).toEqual(inBoxOrder(rows, ({ part }) => part));
  expect(guidesOf.rod[0]).toBe('hang-test');
  const wall = newest.find(({ id }) => id === 'setup-drowned-wall')!;
  for (const { partId } of wall.file.chain)
    expect(uses[partId]?.some(({ id }) => id === 'setup-drowned-wall')).toBe(true);
});
