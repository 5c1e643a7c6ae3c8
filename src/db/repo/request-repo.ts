import { and, eq, lt } from 'drizzle-orm';
import type { BenchId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import { request } from '../schema';

const KEPT_DAYS = 30;
const DAY_MS = 24 * 3600 * 1000;

export interface RequestRow {
  readonly action: string;
  readonly inputHash: string;
  readonly answer: unknown;
}

export type ClaimOutcome = { readonly kind: 'first' } | { readonly kind: 'again'; readonly earlier: RequestRow };

/**
 * Takes the id of a request for this transaction. A second arrival waits here until the first is through, and is then told
 * what that answered; where the first was given up, the second is the first.
 */
export async function claimRequest(
  tx: Tx,
  benchId: BenchId,
  id: string,
  { action, inputHash, at }: { readonly action: string; readonly inputHash: string; readonly at: Date },
): Promise<ClaimOutcome> {
  const [result] = await tx.insert(request).ignore().values({ benchId, id, action, inputHash, answer: null, at });
  if (result.affectedRows === 1) return { kind: 'first' };
  const earlier = await findRequest(tx, benchId, id);
  if (!earlier) throw new Error(`request ${id} was neither taken nor is it there`);
  return { kind: 'again', earlier };
}

export async function findRequest(db: Db | Tx, benchId: BenchId, id: string): Promise<RequestRow | null> {
  const [row] = await db
    .select({ action: request.action, inputHash: request.inputHash, answer: request.answer })
    .from(request)
    .where(and(eq(request.benchId, benchId), eq(request.id, id)))
    .for('update');
  return row ?? null;
}

export async function answerRequest(tx: Tx, benchId: BenchId, id: string, answer: unknown): Promise<void> {
  await tx
    .update(request)
    .set({ answer })
    .where(and(eq(request.benchId, benchId), eq(request.id, id)));
}

/** Forgets what is older than anybody sends again; returns how many. */
export async function forgetOldRequests(db: Db, now: Date): Promise<number> {
  const [{ affectedRows }] = await db
    .delete(request)
    .where(lt(request.at, new Date(now.getTime() - KEPT_DAYS * DAY_MS)));
  return affectedRows;
}
