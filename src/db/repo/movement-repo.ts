import { and, desc, eq } from 'drizzle-orm';
import type { AnglerId, BenchId, PartId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import { movement } from '../schema';
import { inChunks } from './chunks';

export interface Movement {
  readonly id: string;
  readonly partId: PartId;
  /** metres of line, pieces of anything else; negative out */
  readonly amount: number;
  readonly reason: string;
  readonly authorId: AnglerId | null;
  readonly at: Date;
}

const columns = {
  id: movement.id,
  partId: movement.partId,
  amount: movement.amount,
  reason: movement.reason,
  authorId: movement.authorId,
  at: movement.at,
};

export async function insertMovements(db: Db | Tx, benchId: BenchId, rows: readonly Movement[]): Promise<void> {
  await inChunks(rows, (chunk) => db.insert(movement).values(chunk.map((row) => ({ ...row, benchId }))));
}

/** Movements of one part, newest first. */
export async function listMovements(db: Db | Tx, benchId: BenchId, partId: PartId): Promise<Movement[]> {
  return db
    .select(columns)
    .from(movement)
    .where(and(eq(movement.benchId, benchId), eq(movement.partId, partId)))
    .orderBy(desc(movement.at), movement.id);
}

export async function listAllMovements(db: Db | Tx, benchId: BenchId): Promise<Movement[]> {
  return db.select(columns).from(movement).where(eq(movement.benchId, benchId)).orderBy(movement.at, movement.id);
}
