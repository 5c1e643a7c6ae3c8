import { and, eq, inArray, isNull, sql } from 'drizzle-orm';
import type { BenchId, PartId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import type { Db, Tx } from '../client';
import { part, revisionPart } from '../schema';

/** Rows a statement: more would pass the server's packet limit with long documents. */
const CHUNK = 500;

/** A part as it stands in the Box; a save names the version it started from. */
export interface BoxPart {
  readonly part: Part;
  readonly version: number;
}

/** The parts of a bench that are not archived. */
export async function listParts(db: Db | Tx, benchId: BenchId): Promise<Part[]> {
  return (await listBox(db, benchId)).map((row) => row.part);
}

export async function listBox(db: Db | Tx, benchId: BenchId): Promise<BoxPart[]> {
  return db
    .select({ part: part.document, version: part.version })
    .from(part)
    .where(and(eq(part.benchId, benchId), isNull(part.archivedAt)))
    .orderBy(part.kind, part.id);
}

/** Parts by id, archived ones too: a revision may use them. */
export async function findParts(db: Db | Tx, benchId: BenchId, ids: readonly PartId[]): Promise<Part[]> {
  if (ids.length === 0) return [];
  const rows = await db
    .select({ document: part.document })
    .from(part)
    .where(and(eq(part.benchId, benchId), inArray(part.id, [...ids])));
  return rows.map((row) => row.document);
}

export interface StoredPart extends BoxPart {
  readonly archived: boolean;
}

/** Parts by id as they stand, locked until the transaction ends. */
export async function lockParts(tx: Tx, benchId: BenchId, ids: readonly PartId[]): Promise<Map<PartId, StoredPart>> {
  if (ids.length === 0) return new Map();
  const rows = await tx
    .select({ id: part.id, part: part.document, version: part.version, archivedAt: part.archivedAt })
    .from(part)
    .where(and(eq(part.benchId, benchId), inArray(part.id, [...ids])))
    .for('update');
  return new Map(rows.map(({ id, archivedAt, ...row }) => [id, { ...row, archived: archivedAt !== null }]));
}

export async function insertParts(db: Db | Tx, benchId: BenchId, parts: readonly Part[], now: Date): Promise<void> {
  await insertAllParts(
    db,
    benchId,
    parts.map((each) => ({ part: each, updatedAt: now, archivedAt: null })),
  );
}

export type ReplaceOutcome = { readonly kind: 'replaced'; readonly version: number } | { readonly kind: 'stale' };

/** Writes a part's new values if it still stands at `expectedVersion`; an archived part is back in the Box. */
export async function replacePart(
  db: Db | Tx,
  benchId: BenchId,
  document: Part,
  expectedVersion: number,
  now: Date,
): Promise<ReplaceOutcome> {
  const [result] = await db
    .update(part)
    .set({ document, kind: document.kind, version: expectedVersion + 1, updatedAt: now, archivedAt: null })
    .where(and(eq(part.benchId, benchId), eq(part.id, document.id), eq(part.version, expectedVersion)));
  return result.affectedRows === 1 ? { kind: 'replaced', version: expectedVersion + 1 } : { kind: 'stale' };
}

export type RemoveOutcome = 'archived' | 'deleted' | 'not-found';

/** Takes a part out of the Box: archived when a revision uses it, deleted when none does. */
export async function removePart(tx: Tx, benchId: BenchId, partId: PartId, now: Date): Promise<RemoveOutcome> {
  const mine = and(eq(part.benchId, benchId), eq(part.id, partId));
  const [found] = await tx.select({ id: part.id }).from(part).where(mine).for('update');
  if (!found) return 'not-found';
  const [used] = await tx
    .select({ count: sql<number>`count(*)`.mapWith(Number) })
    .from(revisionPart)
    .where(eq(revisionPart.partId, partId));
  if (used && used.count > 0) {
    await tx
      .update(part)
      .set({ archivedAt: now, version: sql`${part.version} + 1` })
      .where(mine);
    return 'archived';
  }
  await tx.delete(part).where(mine);
  return 'deleted';
}

export interface PartRow {
  readonly part: Part;
  readonly updatedAt: Date;
  readonly archivedAt: Date | null;
}

/** Every part of a bench with its state, archived ones too; for a whole bench as a file. */
export async function listAllParts(db: Db | Tx, benchId: BenchId): Promise<PartRow[]> {
  return db
    .select({ part: part.document, updatedAt: part.updatedAt, archivedAt: part.archivedAt })
    .from(part)
    .where(eq(part.benchId, benchId))
    .orderBy(part.kind, part.id);
}

export async function insertAllParts(db: Db | Tx, benchId: BenchId, rows: readonly PartRow[]): Promise<void> {
  for (let from = 0; from < rows.length; from += CHUNK) {
    await db
      .insert(part)
      .values(
        rows
          .slice(from, from + CHUNK)
          .map(({ part: document, updatedAt, archivedAt }) => ({
            id: document.id,
            benchId,
            kind: document.kind,
            document,
            updatedAt,
            archivedAt,
          })),
      );
  }
}
