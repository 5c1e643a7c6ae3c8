import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { loadMixedInteger } from '@/core/base/numeric';
import type { Db } from '@/db/client';
import { transact } from '@/db/transact';
import { demoBenchId } from '@/db/load-demo';
import { listLeaders, listMovements, listParts, setLeaderState } from '@/db/repo';
import { leaderIdSchema, partIdSchema, setupIdSchema } from '@/domain/ids';
import type { Leader } from '@/domain/leader';
import { stockOf } from '@/domain/stock';
import { tieBatch } from '@/server/tying/tie-batch';
import { demoDatabase } from '../helpers/database';

let db: Db;
let close: () => Promise<void>;
beforeAll(async () => {
  ({ db, close } = await demoDatabase());
  await loadMixedInteger();
});
afterAll(() => close());

const now = new Date('2026-11-26T19:30:00.000Z');
const minnow = setupIdSchema.parse('setup-crimped-minnow');
const spool = partIdSchema.parse('line-fluorocarbon-37');
const stock = async (id: string) => stockOf((await listParts(db, demoBenchId)).find((part) => part.id === id)!);
const tied = (input: Parameters<typeof tieBatch>[2]) => transact(db, (tx) => tieBatch(tx, demoBenchId, input, now));
/** Those of this evening: the demo has others. */
const leadersNow = async () =>
  (await listLeaders(db, demoBenchId)).rows.filter(({ tiedAt }) => tiedAt === now.toISOString());
const tie = (count: number) =>
  tied({ items: [{ setupId: minnow, count }], allowances: {}, sharesLink: false, reason: 'tied' });

describe('a batch that was tied', () => {
  it('goes out of stock with its movements, and is listed', async () => {
    const before = await stock(spool);
    expect(await tie(3)).toMatchObject({
      kind: 'tied',
      tied: { leaderIds: [{}, {}, {}].map(() => expect.any(String)) },
    });
    expect(await stock(spool)).toBeCloseTo(before! - 3 * 1.34, 6);
    expect(await stock('crimp-1_6')).toBe(19);
    expect((await listMovements(db, demoBenchId, spool))[0]).toMatchObject({
      amount: expect.closeTo(-4.02, 6) as number,
      reason: 'tied',
    });
    const leaders = await leadersNow();
    expect(leaders).toHaveLength(3);
    expect(leaders[0]).toMatchObject({
      setupId: minnow,
      number: 2,
      state: 'tied',
      lengthM: 1.2,
      tiedAt: now.toISOString(),
    });
  });

  it('changes nothing when something runs short, or a setup is not there', async () => {
    const before = await stock(spool);
    expect(await tie(100)).toEqual({ kind: 'short' });
    expect(
      await tied({
        items: [{ setupId: setupIdSchema.parse('setup-nobody'), count: 1 }],
        allowances: {},
        sharesLink: false,
        reason: 'tied',
      }),
    ).toEqual({ kind: 'not-found' });
    expect(await stock(spool)).toBe(before);
    expect(await leadersNow()).toHaveLength(3);
  });

  it('frays and is retired', async () => {
    const [first] = await leadersNow();
    const set = (id: Leader['id'], state: Leader['state']) =>
      transact(db, (tx) => setLeaderState(tx, demoBenchId, id, state));
    expect(await set(first!.id, 'frayed')).toBe('changed');
    expect((await leadersNow()).map(({ state }) => state).sort()).toEqual(['frayed', 'tied', 'tied']);
    expect(await set(leaderIdSchema.parse('nobody'), 'frayed')).toBe('not-found');
  });
});
