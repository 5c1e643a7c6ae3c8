import { z } from 'zod';
import type { Tx } from '@/db/client';
import { insertMovements, lockParts, replacePart } from '@/db/repo';
import { partIdSchema, type AnglerId, type BenchId } from '@/domain/ids';
import { partSchema, type Part } from '@/domain/parts';
import { stockOf, withStock } from '@/domain/stock';

export const moveStockInput = z.strictObject({
  partId: partIdSchema,
  /** metres of line or pieces; positive in, negative out */
  amount: z
    .number()
    .min(-100_000)
    .max(100_000)
    .refine((amount) => amount !== 0, 'an amount other than 0'),
  reason: z.string().trim().min(1).max(200),
});

export type MoveStockOutcome =
  | { readonly kind: 'moved'; readonly part: Part; readonly version: number }
  | { readonly kind: 'not-found' }
  | { readonly kind: 'not-so-much'; readonly left: number };

/** Writes down that stock came in or went out; more than is there cannot go out. */
export async function moveStock(
  tx: Tx,
  benchId: BenchId,
  { partId, amount, reason }: z.infer<typeof moveStockInput>,
  now: Date,
  authorId: AnglerId | null = null,
): Promise<MoveStockOutcome> {
  const stored = (await lockParts(tx, benchId, [partId])).parts.get(partId);
  if (!stored || stored.archived) return { kind: 'not-found' };
  const left = stockOf(stored.part) ?? 0;
  const parsed = partSchema.safeParse(withStock(stored.part, left + amount));
  if (!parsed.success) return { kind: 'not-so-much', left };
  const outcome = await replacePart(tx, benchId, parsed.data, stored.version, now);
  if (outcome.kind === 'stale') throw new Error(`part ${partId} moved under its own lock`);
  await insertMovements(tx, benchId, [{ id: crypto.randomUUID(), partId, amount, reason, authorId, at: now }]);
  return { kind: 'moved', part: parsed.data, version: outcome.version };
}
