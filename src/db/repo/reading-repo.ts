import { and, desc, eq } from 'drizzle-orm';
import { DOCUMENTS, sealed } from '@/domain/documents';
import { openedOnce } from '../read-once';
import type { RawReading } from '@/domain/guides';
import type { AnglerId, BenchId, PartId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import { reading } from '../schema';
import { inChunks } from './chunks';
import type { BrokenRow, Listed } from './listed';

export interface Reading {
  readonly id: string;
  readonly partId: PartId;
  readonly guide: string;
  /** what was read; null for readings from before it was kept */
  readonly raw: RawReading | null;
  /** fields by path */
  readonly before: Record<string, unknown>;
  readonly after: Record<string, unknown>;
  readonly authorId: AnglerId | null;
  readonly takenAt: Date;
}

const columns = {
  id: reading.id,
  partId: reading.partId,
  guide: reading.guide,
  raw: reading.raw,
  before: reading.before,
  after: reading.after,
  authorId: reading.authorId,
  takenAt: reading.takenAt,
};

export async function insertReadings(db: Db | Tx, benchId: BenchId, rows: readonly Reading[]): Promise<void> {
  await inChunks(rows, (chunk) =>
    db.insert(reading).values(
      chunk.map(({ raw, before, after, ...row }) => ({
        ...row,
        benchId,
        raw: raw === null ? null : sealed(DOCUMENTS.raw, raw),
        before: sealed(DOCUMENTS.fields, before),
        after: sealed(DOCUMENTS.fields, after),
      })),
    ),
  );
}

/** Readings of one part, newest first. */
export async function listReadings(db: Db | Tx, benchId: BenchId, partId: PartId): Promise<Listed<Reading>> {
  return read(
    await db
      .select(columns)
      .from(reading)
      .where(and(eq(reading.benchId, benchId), eq(reading.partId, partId)))
      .orderBy(desc(reading.takenAt), reading.id),
  );
}

export async function listAllReadings(db: Db | Tx, benchId: BenchId): Promise<Listed<Reading>> {
  return read(
    await db.select(columns).from(reading).where(eq(reading.benchId, benchId)).orderBy(reading.takenAt, reading.id),
  );
}

type Row = Omit<Reading, 'raw' | 'before' | 'after'> & {
  readonly raw: unknown;
  readonly before: unknown;
  readonly after: unknown;
};

function read(rows: readonly Row[]): Listed<Reading> {
  const good: Reading[] = [];
  const broken: BrokenRow[] = [];
  for (const { raw, before, after, ...row } of rows) {
    const found = {
      raw: raw === null ? ({ ok: true, data: null } as const) : openedOnce(DOCUMENTS.raw, raw),
      before: openedOnce(DOCUMENTS.fields, before),
      after: openedOnce(DOCUMENTS.fields, after),
    };
    if (found.raw.ok && found.before.ok && found.after.ok)
      good.push({ ...row, raw: found.raw.data, before: found.before.data, after: found.after.data });
    else
      broken.push({
        id: row.id,
        name: row.guide,
        problems: Object.values(found).flatMap((each) => (each.ok ? [] : each.problems)),
        stored: { raw, before, after },
      });
  }
  return { rows: good, broken };
}
