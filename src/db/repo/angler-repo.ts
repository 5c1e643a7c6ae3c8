import { eq } from 'drizzle-orm';
import type { Angler } from '@/domain/angler';
import type { BenchId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import { angler } from '../schema';

/** What is known of the bench's angler; empty while nothing was measured. */
export async function findAngler(db: Db | Tx, benchId: BenchId): Promise<Angler> {
  const [row] = await db.select({ document: angler.document }).from(angler).where(eq(angler.benchId, benchId));
  return row?.document ?? {};
}

export async function putAngler(db: Db | Tx, benchId: BenchId, document: Angler, now: Date): Promise<void> {
  await db
    .insert(angler)
    .values({ benchId, document, updatedAt: now })
    .onDuplicateKeyUpdate({ set: { document, updatedAt: now } });
}
