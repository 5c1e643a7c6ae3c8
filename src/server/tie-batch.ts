import { z } from 'zod';
import { evaluate } from '@/core/evaluate';
import { loadMixedInteger } from '@/core/numeric';
import { findRevision, insertLeaders, listParts } from '@/db/repo';
import type { Db } from '@/db/client';
import { allowancesSchema } from '@/domain/contract/tying';
import { leaderIdSchema, partIdSchema, setupIdSchema, type BenchId } from '@/domain/ids';
import type { Leader } from '@/domain/leader';
import { movementsOf, planBatch } from '@/domain/tying/plan';
import { moveStockWithin } from './box/move-stock';
import { setupFileOf } from './setup-page';

export const tieBatchInput = z.strictObject({
  items: z
    .array(z.strictObject({ setupId: setupIdSchema, count: z.number().int().min(1).max(500) }))
    .min(1)
    .max(40),
  allowances: allowancesSchema.default({}),
  reason: z.string().trim().min(1).max(200),
});

export type TieBatchOutcome =
  { readonly kind: 'tied'; readonly leaders: number } | { readonly kind: 'not-found' } | { readonly kind: 'short' };

/** Writes a batch down as tied: line and pieces go out of stock, and each leader hangs on its winder. All or nothing. */
export async function tieBatch(
  db: Db,
  benchId: BenchId,
  { items, allowances, reason }: z.infer<typeof tieBatchInput>,
  now: Date,
): Promise<TieBatchOutcome> {
  await loadMixedInteger();
  const files = await Promise.all(
    items.map(async ({ setupId, count }) => ({
      setupId,
      count,
      file: await setupFileOf(db, benchId, setupId),
      revision: await findRevision(db, benchId, setupId),
    })),
  );
  const written = db.transaction(async (tx): Promise<TieBatchOutcome> => {
    const batch = files.flatMap(({ file, revision, ...item }) =>
      file && revision ? [{ ...item, file, revision }] : [],
    );
    if (batch.length < items.length) return { kind: 'not-found' };
    const box = await listParts(tx, benchId);
    const plan = planBatch(
      batch.map(({ file, count }) => ({ setup: file, count })),
      box,
      allowances,
    );
    if (plan.outcome === 'short') return { kind: 'short' };
    for (const { partId, amount } of movementsOf(plan)) {
      const outcome = await moveStockWithin(tx, benchId, { partId: partIdSchema.parse(partId), amount, reason }, now);
      // Another took it between the plan and now: what was written of this batch is taken back with the transaction.
      if (outcome.kind !== 'moved') throw new ShortError();
    }
    const leaders = batch.flatMap(({ setupId, count, file, revision }, item): Leader[] => {
      const own = plan.pieces.filter((piece) => piece.item === item);
      if (own.length === 0) return [];
      const { strengthN } = evaluate(file).figures.hold.chain;
      return Array.from({ length: count }, () => ({
        id: leaderIdSchema.parse(`leader-${crypto.randomUUID()}`),
        setupId,
        name: file.name,
        number: revision.number,
        lengthM: own.reduce((sum, { lengthM }) => sum + lengthM, 0),
        linePartId: partIdSchema.parse(own[0]!.partId),
        breaksN: strengthN,
        state: 'tied',
        tiedAt: now.toISOString(),
      }));
    });
    await insertLeaders(tx, benchId, leaders);
    return { kind: 'tied', leaders: leaders.length };
  });
  return written.catch((error: unknown): TieBatchOutcome => {
    if (error instanceof ShortError) return { kind: 'short' };
    throw error;
  });
}

class ShortError extends Error {
  override readonly name = 'ShortError';
}
