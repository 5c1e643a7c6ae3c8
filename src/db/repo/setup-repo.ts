import { and, desc, eq, isNull } from 'drizzle-orm';
import type { BenchId, RevisionId, SetupId } from '@/domain/ids';
import type { Joint } from '@/domain/joint';
import type { Part } from '@/domain/parts';
import type { Presentation } from '@/domain/presentation';
import type { Db, Tx } from '../client';
import { revision, revisionPart, setup } from '../schema';

export interface SetupHead {
  readonly id: SetupId;
  readonly name: string;
  readonly version: number;
}

export interface RevisionHead {
  readonly id: RevisionId;
  readonly number: number;
  readonly reason: string;
  readonly savedAt: Date;
}

export interface Revision extends RevisionHead {
  readonly chain: readonly Joint[];
  readonly presentation: Presentation;
  /** the parts as they were when it was saved */
  readonly partsThen: readonly Part[];
}

const headColumns = { id: setup.id, name: setup.name, version: setup.version };
const revisionColumns = {
  id: revision.id,
  number: revision.number,
  reason: revision.reason,
  savedAt: revision.savedAt,
};

export async function listSetups(db: Db | Tx, benchId: BenchId): Promise<SetupHead[]> {
  return db
    .select(headColumns)
    .from(setup)
    .where(and(eq(setup.benchId, benchId), isNull(setup.archivedAt)))
    .orderBy(setup.name);
}

/** Archived ones too, in the order of their ids; for a whole bench as a file. */
export async function listAllSetups(db: Db | Tx, benchId: BenchId) {
  return db
    .select({ ...headColumns, createdAt: setup.createdAt, archivedAt: setup.archivedAt })
    .from(setup)
    .where(eq(setup.benchId, benchId))
    .orderBy(setup.id);
}

export async function findSetup(db: Db | Tx, benchId: BenchId, setupId: SetupId): Promise<SetupHead | null> {
  const [row] = await db
    .select(headColumns)
    .from(setup)
    .where(and(eq(setup.benchId, benchId), eq(setup.id, setupId)));
  return row ?? null;
}

export type ChangeOutcome = 'changed' | 'not-found';

const changed = ([result]: readonly [{ readonly affectedRows: number }, ...unknown[]]): ChangeOutcome =>
  result.affectedRows === 1 ? 'changed' : 'not-found';

export async function renameSetup(
  db: Db | Tx,
  benchId: BenchId,
  setupId: SetupId,
  name: string,
): Promise<ChangeOutcome> {
  return changed(
    await db
      .update(setup)
      .set({ name })
      .where(and(eq(setup.benchId, benchId), eq(setup.id, setupId))),
  );
}

/** Puts a setup away, or back with `at` null. */
export async function setArchived(
  db: Db | Tx,
  benchId: BenchId,
  setupId: SetupId,
  at: Date | null,
): Promise<ChangeOutcome> {
  return changed(
    await db
      .update(setup)
      .set({ archivedAt: at })
      .where(and(eq(setup.benchId, benchId), eq(setup.id, setupId))),
  );
}

/** Newest first. */
export async function listRevisions(db: Db | Tx, benchId: BenchId, setupId: SetupId): Promise<RevisionHead[]> {
  return db
    .select(revisionColumns)
    .from(revision)
    .where(and(eq(revision.benchId, benchId), eq(revision.setupId, setupId)))
    .orderBy(desc(revision.number));
}

/** One revision by its number, or the newest. */
export async function findRevision(
  db: Db | Tx,
  benchId: BenchId,
  setupId: SetupId,
  number?: number,
): Promise<Revision | null> {
  const [row] = await db
    .select({ ...revisionColumns, chain: revision.chain, presentation: revision.presentation })
    .from(revision)
    .where(
      and(
        eq(revision.benchId, benchId),
        eq(revision.setupId, setupId),
        number === undefined ? undefined : eq(revision.number, number),
      ),
    )
    .orderBy(desc(revision.number))
    .limit(1);
  if (!row) return null;
  const parts = await db
    .select({ document: revisionPart.document })
    .from(revisionPart)
    .where(eq(revisionPart.revisionId, row.id));
  return { ...row, partsThen: parts.map((part) => part.document) };
}

export async function insertSetup(
  tx: Tx,
  row: SetupHead & { readonly benchId: BenchId; readonly createdAt: Date },
): Promise<void> {
  await tx.insert(setup).values(row);
}

export interface NewRevision {
  readonly id: RevisionId;
  readonly reason: string;
  readonly chain: Joint[];
  readonly presentation: Presentation;
  readonly parts: readonly Part[];
  readonly savedAt: Date;
}

export type SaveOutcome =
  | { readonly kind: 'saved'; readonly number: number; readonly version: number }
  | { readonly kind: 'stale' | 'not-found' };

/**
 * Adds a revision if the setup still stands at `expectedVersion`. The setup's row is locked first, so that of two saves
 * at once the second sees the first's version and is refused.
 */
export async function saveRevision(
  tx: Tx,
  benchId: BenchId,
  setupId: SetupId,
  expectedVersion: number,
  saved: NewRevision,
): Promise<SaveOutcome> {
  const mine = and(eq(setup.benchId, benchId), eq(setup.id, setupId));
  const [found] = await tx.select({ version: setup.version }).from(setup).where(mine).for('update');
  if (!found) return { kind: 'not-found' };
  if (found.version !== expectedVersion) return { kind: 'stale' };
  const [last] = await tx
    .select({ number: revision.number })
    .from(revision)
    .where(and(eq(revision.benchId, benchId), eq(revision.setupId, setupId)))
    .orderBy(desc(revision.number))
    .limit(1);
  const number = (last?.number ?? 0) + 1;
  const { parts, ...row } = saved;
  await tx.insert(revision).values({ ...row, benchId, setupId, number });
  await tx
    .insert(revisionPart)
    .values(parts.map((document) => ({ revisionId: saved.id, partId: document.id, document })));
  const version = expectedVersion + 1;
  await tx.update(setup).set({ version }).where(mine);
  return { kind: 'saved', number, version };
}
