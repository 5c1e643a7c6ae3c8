import { eq, inArray } from 'drizzle-orm';
import type { BenchId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import { angler, bench, deck, house, leader, movement, part, reading, revision, revisionPart, setup } from '../schema';

export interface Bench {
  readonly id: BenchId;
  readonly name: string;
}

export async function findBench(db: Db | Tx, benchId: BenchId): Promise<Bench | null> {
  const [row] = await db.select({ id: bench.id, name: bench.name }).from(bench).where(eq(bench.id, benchId));
  return row ?? null;
}

export async function insertBench(db: Db | Tx, row: Bench & { readonly createdAt: Date }): Promise<void> {
  await db.insert(bench).values(row);
}

/** Empties a bench and gives it a name; the bench itself stays. */
export async function clearBench(tx: Tx, benchId: BenchId, name: string): Promise<void> {
  const revisions = tx.select({ id: revision.id }).from(revision).where(eq(revision.benchId, benchId));
  await tx.delete(revisionPart).where(inArray(revisionPart.revisionId, revisions));
  for (const table of [revision, setup, reading, movement, part, angler, house, deck, leader])
    await tx.delete(table).where(eq(table.benchId, benchId));
  await tx.update(bench).set({ name }).where(eq(bench.id, benchId));
}
