import { and, desc, eq } from 'drizzle-orm';
import type { BenchId, PartId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import { reading } from '../schema';

export interface Reading {
  readonly id: string;
  readonly partId: PartId;
  readonly guide: string;
  /** fields by path */
  readonly before: Record<string, unknown>;
  readonly after: Record<string, unknown>;
  readonly takenAt: Date;
}

const columns = {
  id: reading.id,
  partId: reading.partId,
  guide: reading.guide,
  before: reading.before,
  after: reading.after,
  takenAt: reading.takenAt,
};

export async function insertReadings(db: Db | Tx, benchId: BenchId, rows: readonly Reading[]): Promise<void> {
  if (rows.length > 0) await db.insert(reading).values(rows.map((row) => ({ ...row, benchId })));
}

/** Readings of one part, newest first. */
export async function listReadings(db: Db | Tx, benchId: BenchId, partId: PartId): Promise<Reading[]> {
  return db
    .select(columns)
    .from(reading)
    .where(and(eq(reading.benchId, benchId), eq(reading.partId, partId)))
    .orderBy(desc(reading.takenAt), reading.id);
}

export async function listAllReadings(db: Db | Tx, benchId: BenchId): Promise<Reading[]> {
  return db.select(columns).from(reading).where(eq(reading.benchId, benchId)).orderBy(reading.takenAt, reading.id);
}
