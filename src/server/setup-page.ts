import { evaluate, whatMoved, type Evaluation, type MovedMark } from '@/core/evaluate';
import { findHouse, findParts, findRevision, findSetup, listParts, listRevisions, type Revision } from '@/db/repo';
import type { Db } from '@/db/client';
import type { House } from '@/domain/house';
import type { BenchId, SetupId } from '@/domain/ids';
import type { Joint } from '@/domain/joint';
import type { Part } from '@/domain/parts';
import type { Presentation } from '@/domain/presentation';
import { setupFileSchema, type SetupFile } from '@/domain/setup';

export interface RevisionLine {
  readonly number: number;
  readonly reason: string;
  /** ISO 8601 */
  readonly savedAt: string;
}

/** All that the Bench shows of one revision of one setup. */
export interface SetupPage {
  readonly setup: { readonly id: SetupId; readonly name: string; readonly version: number };
  readonly revision: RevisionLine;
  readonly revisions: readonly RevisionLine[];
  /** the Box, with archived parts that this revision uses */
  readonly box: readonly Part[];
  readonly partsThen: readonly Part[];
  readonly chain: readonly Joint[];
  readonly presentation: Presentation;
  readonly evaluation: Evaluation;
  readonly moved: readonly MovedMark[];
  readonly house: House;
}

export async function setupPage(
  db: Db,
  benchId: BenchId,
  setupId: SetupId,
  number?: number,
): Promise<SetupPage | null> {
  const [setup, revision] = await Promise.all([
    findSetup(db, benchId, setupId),
    findRevision(db, benchId, setupId, number),
  ]);
  if (!setup || !revision) return null;
  const [revisions, box, used, house] = await Promise.all([
    listRevisions(db, benchId, setupId),
    listParts(db, benchId),
    findParts(
      db,
      benchId,
      revision.chain.map((joint) => joint.partId),
    ),
    findHouse(db, benchId),
  ]);
  const boxIds = new Set(box.map((part) => part.id));
  const file = setupFile(setup.name, revision, used, house);
  return {
    setup,
    revision: line(revision),
    revisions: revisions.map(line),
    box: [...box, ...used.filter((part) => !boxIds.has(part.id))],
    partsThen: revision.partsThen,
    chain: file.chain,
    presentation: file.presentation,
    evaluation: evaluate(file),
    moved: whatMoved(file, revision.partsThen),
    house,
  };
}

/** One revision as a setup file, with today's readings. */
export async function setupFileOf(
  db: Db,
  benchId: BenchId,
  setupId: SetupId,
  number?: number,
): Promise<SetupFile | null> {
  const [setup, revision] = await Promise.all([
    findSetup(db, benchId, setupId),
    findRevision(db, benchId, setupId, number),
  ]);
  if (!setup || !revision) return null;
  const [parts, house] = await Promise.all([
    findParts(
      db,
      benchId,
      revision.chain.map((joint) => joint.partId),
    ),
    findHouse(db, benchId),
  ]);
  return setupFile(setup.name, revision, parts, house);
}

/** Parsed like a file from outside: a stored revision whose parts no longer fit fails here and not in a view. */
const setupFile = (name: string, revision: Revision, parts: readonly Part[], house: House): SetupFile =>
  setupFileSchema.parse({ version: 1, name, parts, chain: revision.chain, presentation: revision.presentation, house });

const line = ({ number, reason, savedAt }: { number: number; reason: string; savedAt: Date }): RevisionLine => ({
  number,
  reason,
  savedAt: savedAt.toISOString(),
});
