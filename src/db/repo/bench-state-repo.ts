import { eq } from 'drizzle-orm';
import type { BenchId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import { benchState } from '../schema';

/** What the bench's contents are known by until they change; null: nothing was changed since the bench was made. */
export async function findBenchState(db: Db, benchId: BenchId): Promise<string | null> {
  const [row] = await db.select({ state: benchState.state }).from(benchState).where(eq(benchState.benchId, benchId));
  return row?.state ?? null;
}

/** Belongs at the end of every transaction that changes a bench: the row stays locked until it ends. */
export async function renewBenchState(tx: Tx, benchId: BenchId): Promise<void> {
  const state = crypto.randomUUID();
  await tx.insert(benchState).values({ benchId, state }).onDuplicateKeyUpdate({ set: { state } });
}

export async function removeBenchState(tx: Tx, benchId: BenchId): Promise<void> {
  await tx.delete(benchState).where(eq(benchState.benchId, benchId));
}
