import { inArray, lt } from 'drizzle-orm';
import { marksSchema, type Marks } from '@/domain/marks';
import type { Db } from '../client';
import { keptEvaluation } from '../schema';

const KEPT_DAYS = 90;
const DAY_MS = 24 * 3600 * 1000;

/** The marks that are kept under these hashes; a row that cannot be read is as good as none. */
export async function findKeptMarks(db: Db, hashes: readonly string[]): Promise<ReadonlyMap<string, Marks>> {
  if (hashes.length === 0) return new Map();
  const rows = await db
    .select({ hash: keptEvaluation.hash, marks: keptEvaluation.marks })
    .from(keptEvaluation)
    .where(inArray(keptEvaluation.hash, [...hashes]));
  return new Map(
    rows.flatMap(({ hash, marks }) => {
      const read = marksSchema.safeParse(marks);
      return read.success ? [[hash, read.data] as const] : [];
    }),
  );
}

/** Keeps marks; what two pages work out at once is the same, so the second changes nothing. */
export async function keepMarks(db: Db, rows: ReadonlyMap<string, Marks>, at: Date): Promise<void> {
  if (rows.size === 0) return;
  await db
    .insert(keptEvaluation)
    .ignore()
    .values([...rows].map(([hash, marks]) => ({ hash, marks, at })));
}

/** Forgets what was worked out long ago: mostly of setups and cores that are no more. */
export async function forgetOldMarks(db: Db, now: Date): Promise<void> {
  await db.delete(keptEvaluation).where(lt(keptEvaluation.at, new Date(now.getTime() - KEPT_DAYS * DAY_MS)));
}
