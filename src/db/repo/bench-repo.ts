import { eq } from 'drizzle-orm';
import type { BenchId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import { bench } from '../schema';

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
