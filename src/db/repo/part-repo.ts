import { and, eq, inArray, isNull, sql } from 'drizzle-orm';
import type { BenchId, PartId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import type { Db, Tx } from '../client';
import { part, revisionPart } from '../schema';

/** The parts of a bench that are not archived. */
export async function listParts(db: Db | Tx, benchId: BenchId): Promise<Part[]> {
  const rows = await db
    .select({ document: part.document })
    .from(part)
    .where(and(eq(part.benchId, benchId), isNull(part.archivedAt)))
    .orderBy(part.kind, part.id);
  return rows.map((row) => row.document);
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

export async function insertParts(db: Db | Tx, benchId: BenchId, parts: readonly Part[], now: Date): Promise<void> {
  if (parts.length === 0) return;
  await db.insert(part).values(parts.map((document) => ({ id: document.id, benchId, kind: document.kind, document, updatedAt: now })));
}

export type ReplaceOutcome = { readonly kind: 'replaced'; readonly version: number } | { readonly kind: 'stale' };

/** Writes a part's new values if it still stands at `expectedVersion`. */
export async function replacePart(db: Db | Tx, benchId: BenchId, document: Part, expectedVersion: number, now: Date): Promise<ReplaceOutcome> {
  const [result] = await db
    .update(part)
    .set({ document, version: expectedVersion + 1, updatedAt: now })
    .where(and(eq(part.benchId, benchId), eq(part.id, document.id), eq(part.version, expectedVersion)));
  return result.affectedRows === 1 ? { kind: 'replaced', version: expectedVersion + 1 } : { kind: 'stale' };
}

export type RemoveOutcome = 'archived' | 'deleted' | 'not-found';

/** Takes a part out of the Box: archived when a revision uses it, deleted when none does. */
export async function removePart(tx: Tx, benchId: BenchId, partId: PartId, now: Date): Promise<RemoveOutcome> {
  const mine = and(eq(part.benchId, benchId), eq(part.id, partId));
  const [found] = await tx.select({ id: part.id }).from(part).where(mine).for('update');
  if (!found) return 'not-found';
  const [used] = await tx.select({ count: sql<number>`count(*)`.mapWith(Number) }).from(revisionPart).where(eq(revisionPart.partId, partId));
  if (used && used.count > 0) {
    await tx.update(part).set({ archivedAt: now }).where(mine);
    return 'archived';
  }
  await tx.delete(part).where(mine);
  return 'deleted';
}
