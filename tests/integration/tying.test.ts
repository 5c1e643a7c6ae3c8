import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { demoBenchId, loadDemo } from '@/db/load-demo';
import { listLeaders, listMovements, listParts, setLeaderState } from '@/db/repo';
import { leaderIdSchema, partIdSchema, setupIdSchema } from '@/domain/ids';
import { stockOf } from '@/domain/stock';
import { tieBatch } from '@/server/tie-batch';
import { emptyDatabase } from '../helpers/database';

let db: Db;
let close: () => Promise<void>;
beforeAll(async () => {
  ({ db, close } = await emptyDatabase());
  await loadDemo(db);
});
afterAll(() => close());

const now = new Date('2026-11-26T19:30:00.000Z');
const minnow = setupIdSchema.parse('setup-crimped-minnow');
const spool = partIdSchema.parse('line-fluorocarbon-37');
const stock = async (id: string) => stockOf((await listParts(db, demoBenchId)).find((part) => part.id === id)!);
const tie = (count: number) =>
  tieBatch(db, demoBenchId, { items: [{ setupId: minnow, count }], allowances: {}, reason: 'tied' }, now);

describe('a batch that was tied', () => {
  it('goes out of stock with its movements, and hangs on the winder', async () => {
    const before = await stock(spool);
    expect(await tie(3)).toEqual({ kind: 'tied', leaders: 3 });
    expect(await stock(spool)).toBeCloseTo(before! - 3 * 1.34, 6);
    expect(await stock('crimp-1_6')).toBe(19);
    expect((await listMovements(db, demoBenchId, spool))[0]).toMatchObject({
      amount: expect.closeTo(-4.02, 6) as number,
      reason: 'tied',
    });
    const leaders = await listLeaders(db, demoBenchId);
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
      await tieBatch(
        db,
        demoBenchId,
        { items: [{ setupId: setupIdSchema.parse('setup-nobody'), count: 1 }], allowances: {}, reason: 'tied' },
        now,
      ),
    ).toEqual({ kind: 'not-found' });
    expect(await stock(spool)).toBe(before);
    expect(await listLeaders(db, demoBenchId)).toHaveLength(3);
  });

  it('frays and is retired', async () => {
    const [first] = await listLeaders(db, demoBenchId);
    expect(await setLeaderState(db, demoBenchId, first!.id, 'frayed')).toBe('changed');
    expect((await listLeaders(db, demoBenchId)).map(({ state }) => state).sort()).toEqual(['frayed', 'tied', 'tied']);
    expect(await setLeaderState(db, demoBenchId, leaderIdSchema.parse('nobody'), 'frayed')).toBe('not-found');
  });
});
