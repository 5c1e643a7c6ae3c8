import { z } from 'zod';
import { evaluate } from '@/core/judge';
import { findRequest, insertLeaders, listParts, lockLeaders, lockParts, removeLeaders } from '@/db/repo';
import type { Tx } from '@/db/client';
import { allowancesSchema } from '@/domain/contract/tying';
import {
  leaderIdSchema,
  partIdSchema,
  requestIdSchema,
  setupIdSchema,
  type AnglerId,
  type BenchId,
} from '@/domain/ids';
import type { Leader } from '@/domain/leader';
import { movementsOf, planBatch } from '@/domain/tying/plan';
import { moveStock } from '../box/move-stock';
import { TakenBack } from '../once';
import { newestSetups } from '../setups/newest-setups';

export const tieBatchInput = z.strictObject({
  items: z
    .array(z.strictObject({ setupId: setupIdSchema, count: z.number().int().min(1).max(500) }))
    .min(1)
    .max(40),
  allowances: allowancesSchema.default({}),
  /** the swivel or snap stays on the main line */
  sharesLink: z.boolean().default(false),
  reason: z.string().trim().min(1).max(200),
});

/** What tying a batch did, as far as taking it back needs it. */
const tiedSchema = z.strictObject({
  leaderIds: z.array(leaderIdSchema),
  movements: z.array(z.strictObject({ partId: partIdSchema, amount: z.number() })),
});

export type Tied = z.infer<typeof tiedSchema>;

export type TieBatchOutcome =
  { readonly kind: 'tied'; readonly tied: Tied } | { readonly kind: 'not-found' } | { readonly kind: 'short' };

const SHORT = { ok: false, code: 'short', fields: [] } as const;

/**
 * Writes a batch down as tied: line and pieces go out of stock, and each leader is listed. All or nothing. The solver
 * must be loaded before.
 */
export async function tieBatch(
  tx: Tx,
  benchId: BenchId,
  { items, allowances, sharesLink, reason }: z.infer<typeof tieBatchInput>,
  now: Date,
  authorId: AnglerId | null = null,
): Promise<TieBatchOutcome> {
  const wanted = new Set(items.map(({ setupId }) => setupId));
  const { setups } = await newestSetups(tx, benchId, [...wanted]);
  const batch = items.flatMap(({ setupId, count }) => {
    const found = setups.find(({ id }) => id === setupId);
    return found ? [{ setupId, count, file: found.file, number: found.number }] : [];
  });
  if (batch.length < items.length) return { kind: 'not-found' };
  const box = await listParts(tx, benchId);
  const plan = planBatch(
    batch.map(({ file, count }) => ({ setup: file, count, sharesLink })),
    box,
    allowances,
  );
  if (plan.outcome === 'short') return { kind: 'short' };
  const movements = movementsOf(plan).map(({ partId, amount }) => ({ partId: partIdSchema.parse(partId), amount }));
  // Locked in one order first, so that two batches never wait for each other in a ring.
  await lockParts(
    tx,
    benchId,
    movements.map(({ partId }) => partId),
  );
  for (const movement of movements) {
    const outcome = await moveStock(tx, benchId, { ...movement, reason }, now, authorId);
    // Another took it between the plan and now.
    if (outcome.kind !== 'moved') throw new TakenBack(SHORT);
  }
  const leaders = batch.flatMap(({ setupId, count, file, number }, item): Leader[] => {
    const own = plan.pieces.filter((piece) => piece.item === item);
    if (own.length === 0) return [];
    const { strengthN } = evaluate(file).figures.hold.chain;
    return Array.from({ length: count }, () => ({
      id: leaderIdSchema.parse(`leader-${crypto.randomUUID()}`),
      setupId,
      name: file.name,
      number,
      lengthM: own.reduce((sum, { lengthM }) => sum + lengthM, 0),
      linePartId: partIdSchema.parse(own[0]!.partId),
      breaksN: strengthN,
      state: 'tied',
      tiedAt: now.toISOString(),
    }));
  });
  await insertLeaders(tx, benchId, leaders);
  return { kind: 'tied', tied: { leaderIds: leaders.map(({ id }) => id), movements } };
}

export const untieBatchInput = z.strictObject({
  /** under which the batch was sent */
  tieRequestId: requestIdSchema,
  reason: z.string().trim().min(1).max(200),
});

export type UntieOutcome = { readonly kind: 'taken-back' } | { readonly kind: 'not-found' | 'used' };

/** Takes a tied batch back: its leaders are gone and its stock is there again. Once one of them was used, it stays. */
export async function untieBatch(
  tx: Tx,
  benchId: BenchId,
  { tieRequestId, reason }: z.infer<typeof untieBatchInput>,
  now: Date,
  authorId: AnglerId | null = null,
): Promise<UntieOutcome> {
  const request = await findRequest(tx, benchId, tieRequestId);
  const answer = z.object({ ok: z.literal(true), data: tiedSchema }).safeParse(request?.answer);
  if (request?.action !== 'tie-batch' || !answer.success) return { kind: 'not-found' };
  const { leaderIds, movements } = answer.data.data;
  const leaders = await lockLeaders(tx, benchId, leaderIds);
  if (leaders.length < leaderIds.length || leaders.some(({ state }) => state !== 'tied')) return { kind: 'used' };
  await removeLeaders(tx, benchId, leaderIds);
  await lockParts(
    tx,
    benchId,
    movements.map(({ partId }) => partId),
  );
  for (const { partId, amount } of movements) {
    const outcome = await moveStock(tx, benchId, { partId, amount: -amount, reason }, now, authorId);
    if (outcome.kind !== 'moved') throw new TakenBack({ ok: false, code: 'not-found', fields: [] });
  }
  return { kind: 'taken-back' };
}
