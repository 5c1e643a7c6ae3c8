import { and, desc, eq, inArray, isNull, max } from 'drizzle-orm';
import { alias } from 'drizzle-orm/mysql-core';
import { DOCUMENTS, sealed } from '@/domain/documents';
import { openedOnce } from '../read-once';
import type { AnglerId, BenchId, PartId, RevisionId, SetupId } from '@/domain/ids';
import type { Joint } from '@/domain/joint';
import type { Part } from '@/domain/parts';
import type { Presentation } from '@/domain/presentation';
import type { Problem, Result } from '@/domain/problems';
import type { Db, Tx } from '../client';
import { revision, revisionPart, setup } from '../schema';
import { inChunks } from './chunks';
import { listedBy, type BrokenRow } from './listed';

export interface SetupHead {
  readonly id: SetupId;
  readonly name: string;
  readonly version: number;
}

export interface RevisionHead {
  readonly id: RevisionId;
  readonly number: number;
  readonly reason: string;
  readonly authorId: AnglerId | null;
  readonly savedAt: Date;
}

export interface Revision extends RevisionHead {
  readonly chain: readonly Joint[];
  readonly presentation: Presentation;
}

/** A revision as stored: its head can always be told, its chain and presentation where they can be read. */
export interface ReadRevision extends RevisionHead {
  readonly whole: Result<Revision>;
}

const headColumns = { id: setup.id, name: setup.name, version: setup.version };
const revisionHeadColumns = {
  id: revision.id,
  number: revision.number,
  reason: revision.reason,
  authorId: revision.authorId,
  savedAt: revision.savedAt,
};
const revisionColumns = { ...revisionHeadColumns, chain: revision.chain, presentation: revision.presentation };

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
export async function listRevisions(db: Db | Tx, benchId: BenchId, setupId: SetupId): Promise<ReadRevision[]> {
  const rows = await db
    .select(revisionColumns)
    .from(revision)
    .where(and(eq(revision.benchId, benchId), eq(revision.setupId, setupId)))
    .orderBy(desc(revision.number));
  return rows.map(readRevision);
}

/** One revision by its number, or the newest. */
export async function findRevision(
  db: Db | Tx,
  benchId: BenchId,
  setupId: SetupId,
  number?: number,
): Promise<ReadRevision | null> {
  const [row] = await db
    .select(revisionColumns)
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
  return row ? readRevision(row) : null;
}

/** Every setup that is not put away with its newest revision, in one question, by name. */
export async function listNewest(
  db: Db | Tx,
  benchId: BenchId,
  only?: readonly SetupId[],
): Promise<(SetupHead & { readonly revision: ReadRevision })[]> {
  const last = lastRevisions(db, benchId);
  const newest = alias(revision, 'newest');
  const rows = await db
    .select({
      setupId: setup.id,
      name: setup.name,
      version: setup.version,
      id: newest.id,
      number: newest.number,
      reason: newest.reason,
      authorId: newest.authorId,
      savedAt: newest.savedAt,
      chain: newest.chain,
      presentation: newest.presentation,
    })
    .from(setup)
    .innerJoin(last, eq(last.setupId, setup.id))
    .innerJoin(
      newest,
      and(eq(newest.benchId, setup.benchId), eq(newest.setupId, setup.id), eq(newest.number, last.number)),
    )
    .where(and(eq(setup.benchId, benchId), isNull(setup.archivedAt), only && inArray(setup.id, [...only])))
    .orderBy(setup.name, setup.id);
  return rows.map(({ setupId, name, version, ...row }) => ({
    id: setupId,
    name,
    version,
    revision: readRevision(row),
  }));
}

/** Which setups that are not put away use a part in their newest revision. */
export async function listPartUses(
  db: Db | Tx,
  benchId: BenchId,
): Promise<readonly { readonly partId: PartId; readonly setupId: SetupId; readonly name: string }[]> {
  const last = lastRevisions(db, benchId);
  return db
    .selectDistinct({ partId: revisionPart.partId, setupId: setup.id, name: setup.name })
    .from(setup)
    .innerJoin(last, eq(last.setupId, setup.id))
    .innerJoin(
      revision,
      and(eq(revision.benchId, setup.benchId), eq(revision.setupId, setup.id), eq(revision.number, last.number)),
    )
    .innerJoin(revisionPart, and(eq(revisionPart.benchId, revision.benchId), eq(revisionPart.revisionId, revision.id)))
    .where(and(eq(setup.benchId, benchId), isNull(setup.archivedAt)))
    .orderBy(setup.name, setup.id);
}

export interface PartsThen {
  readonly parts: readonly Part[];
  readonly broken: readonly BrokenRow[];
}

/** The parts of revisions as they were when each was saved, by revision. */
export async function findPartsThen(
  db: Db | Tx,
  benchId: BenchId,
  revisionIds: readonly RevisionId[],
): Promise<ReadonlyMap<RevisionId, PartsThen>> {
  const found = new Map<RevisionId, PartsThen>();
  await inChunks(revisionIds, async (chunk) => {
    const rows = await db
      .select({ revisionId: revisionPart.revisionId, id: revisionPart.partId, document: revisionPart.document })
      .from(revisionPart)
      .where(and(eq(revisionPart.benchId, benchId), inArray(revisionPart.revisionId, chunk)))
      .orderBy(revisionPart.revisionId, revisionPart.partId);
    for (const id of chunk) {
      const { rows: parts, broken } = listedBy(
        DOCUMENTS.part,
        rows.filter(({ revisionId }) => revisionId === id),
        (part) => part,
      );
      found.set(id, { parts, broken });
    }
  });
  return found;
}

function readRevision({
  chain,
  presentation,
  ...head
}: RevisionHead & { chain: unknown; presentation: unknown }): ReadRevision {
  const [joints, situation] = [openedOnce(DOCUMENTS.chain, chain), openedOnce(DOCUMENTS.presentation, presentation)];
  if (joints.ok && situation.ok)
    return { ...head, whole: { ok: true, data: { ...head, chain: joints.data, presentation: situation.data } } };
  const problems = [...under('chain', joints), ...under('presentation', situation)];
  return { ...head, whole: { ok: false, problems } };
}

const under = (field: string, result: Result<unknown>): Problem[] =>
  result.ok
    ? []
    : result.problems.map((problem) => ({
        ...problem,
        path:
          problem.path === '$'
            ? field
            : problem.path.startsWith('[')
              ? field + problem.path
              : `${field}.${problem.path}`,
      }));

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
  readonly authorId: AnglerId | null;
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
  const { parts, chain, presentation, ...row } = saved;
  await tx.insert(revision).values({
    ...row,
    benchId,
    setupId,
    number,
    chain: sealed(DOCUMENTS.chain, chain),
    presentation: sealed(DOCUMENTS.presentation, presentation),
  });
  await inChunks(parts, (chunk) =>
    tx.insert(revisionPart).values(
      chunk.map((part) => ({
        benchId,
        revisionId: saved.id,
        partId: part.id,
        document: sealed(DOCUMENTS.part, part),
      })),
    ),
  );
  const version = expectedVersion + 1;
  await tx.update(setup).set({ version }).where(mine);
  return { kind: 'saved', number, version };
}

/** The number of the newest revision of each setup. */
const lastRevisions = (db: Db | Tx, benchId: BenchId) =>
  db
    .select({ setupId: revision.setupId, number: max(revision.number).as('last_number') })
    .from(revision)
    .where(eq(revision.benchId, benchId))
    .groupBy(revision.setupId)
    .as('last_revision');
