import { and, eq, inArray, isNull, sql } from 'drizzle-orm';
import { DOCUMENTS, sealed } from '@/domain/documents';
import type { BenchId, PartId } from '@/domain/ids';
import { inBoxOrder } from '@/domain/part-order';
import type { Part } from '@/domain/parts';
import type { Db, Tx } from '../client';
import { part, revisionPart } from '../schema';
import { inChunks } from './chunks';
import { listedBy, type BrokenRow, type Listed } from './listed';

/** A part as it stands in the Box; a save names the version it started from. */
export interface BoxPart {
  readonly part: Part;
  readonly version: number;
}

export interface BrokenPart extends BrokenRow {
  readonly kind: string;
  readonly version: number;
}

export interface StoredPart extends BoxPart {
  readonly archived: boolean;
}

const columns = {
  id: part.id,
  kind: part.kind,
  document: part.document,
  version: part.version,
  updatedAt: part.updatedAt,
  archivedAt: part.archivedAt,
};
type Row = {
  readonly id: PartId;
  readonly kind: string;
  readonly document: unknown;
  readonly version: number;
  readonly updatedAt: Date;
  readonly archivedAt: Date | null;
};

function listed<T>(rows: readonly Row[], whole: (document: Part, row: Row) => T): Listed<T, BrokenPart> {
  const { rows: good, broken } = listedBy(DOCUMENTS.part, rows, whole);
  return { rows: good, broken: broken.map(({ row, ...rest }) => ({ ...rest, kind: row.kind, version: row.version })) };
}

/** The parts of a bench that are not archived and can be read. */
export async function listParts(db: Db | Tx, benchId: BenchId): Promise<Part[]> {
  return (await listBox(db, benchId)).rows.map((row) => row.part);
}

/** The Box as it lies, rods first. */
export async function listBox(db: Db | Tx, benchId: BenchId): Promise<Listed<BoxPart, BrokenPart>> {
  const rows = await db
    .select(columns)
    .from(part)
    .where(and(eq(part.benchId, benchId), isNull(part.archivedAt)))
    .orderBy(part.id);
  const box = listed(rows, (document, { version }): BoxPart => ({ part: document, version }));
  return { ...box, rows: inBoxOrder(box.rows, (each) => each.part) };
}

/** Parts by id, archived ones too: a revision may use them. */
export async function findParts(
  db: Db | Tx,
  benchId: BenchId,
  ids: readonly PartId[],
): Promise<Listed<Part, BrokenPart>> {
  if (ids.length === 0) return { rows: [], broken: [] };
  const rows = await db
    .select(columns)
    .from(part)
    .where(and(eq(part.benchId, benchId), inArray(part.id, [...new Set(ids)])));
  return listed(rows, (document) => document);
}

/** What is locked: parts by id as they stand, and those that cannot be read. */
export interface LockedParts {
  readonly parts: ReadonlyMap<PartId, StoredPart>;
  readonly broken: ReadonlyMap<PartId, BrokenPart & { readonly archived: boolean }>;
}

/** Parts by id as they stand, locked until the transaction ends, in the order of their ids so that two never wait in a ring. */
export async function lockParts(tx: Tx, benchId: BenchId, ids: readonly PartId[]): Promise<LockedParts> {
  const parts = new Map<PartId, StoredPart>();
  const broken = new Map<PartId, BrokenPart & { archived: boolean }>();
  const sorted = [...new Set(ids)].sort();
  await inChunks(sorted, async (chunk) => {
    const rows = await tx
      .select(columns)
      .from(part)
      .where(and(eq(part.benchId, benchId), inArray(part.id, chunk)))
      .orderBy(part.id)
      .for('update');
    const archived = new Map(rows.map((row) => [row.id, row.archivedAt !== null]));
    const read = listed(rows, (document, { id, version }) => ({ id, part: document, version }));
    for (const { id, ...rest } of read.rows) parts.set(id, { ...rest, archived: archived.get(id)! });
    for (const row of read.broken) broken.set(row.id as PartId, { ...row, archived: archived.get(row.id as PartId)! });
  });
  return { parts, broken };
}

/** Puts new parts in. */
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
    .set({
      document: sealed(DOCUMENTS.part, document),
      kind: document.kind,
      version: expectedVersion + 1,
      updatedAt: now,
      archivedAt: null,
    })
    .where(and(eq(part.benchId, benchId), eq(part.id, document.id), eq(part.version, expectedVersion)));
  return result.affectedRows === 1 ? { kind: 'replaced', version: expectedVersion + 1 } : { kind: 'stale' };
}

export type RemoveOutcome = 'archived' | 'deleted' | 'not-found';

/** Those of the ids that any revision uses. */
export async function usedInRevisions(
  db: Db | Tx,
  benchId: BenchId,
  ids: readonly PartId[],
): Promise<ReadonlySet<PartId>> {
  const used = new Set<PartId>();
  await inChunks([...new Set(ids)], async (chunk) => {
    const rows = await db
      .selectDistinct({ partId: revisionPart.partId })
      .from(revisionPart)
      .where(and(eq(revisionPart.benchId, benchId), inArray(revisionPart.partId, chunk)));
    for (const { partId } of rows) used.add(partId);
  });
  return used;
}

/** Takes a part out of the Box: archived when a revision uses it, deleted when none does. */
export async function removePart(tx: Tx, benchId: BenchId, partId: PartId, now: Date): Promise<RemoveOutcome> {
  const mine = and(eq(part.benchId, benchId), eq(part.id, partId));
  const [found] = await tx.select({ id: part.id }).from(part).where(mine).for('update');
  if (!found) return 'not-found';
  if ((await usedInRevisions(tx, benchId, [partId])).size > 0) {
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
export async function listAllParts(db: Db | Tx, benchId: BenchId): Promise<Listed<PartRow, BrokenPart>> {
  const rows = await db.select(columns).from(part).where(eq(part.benchId, benchId)).orderBy(part.kind, part.id);
  return listed(rows, (document, { updatedAt, archivedAt }) => ({ part: document, updatedAt, archivedAt }));
}

export async function insertAllParts(db: Db | Tx, benchId: BenchId, rows: readonly PartRow[]): Promise<void> {
  await inChunks(rows, (chunk) =>
    db.insert(part).values(
      chunk.map(({ part: document, updatedAt, archivedAt }) => ({
        id: document.id,
        benchId,
        kind: document.kind,
        document: sealed(DOCUMENTS.part, document),
        updatedAt,
        archivedAt,
      })),
    ),
  );
}
