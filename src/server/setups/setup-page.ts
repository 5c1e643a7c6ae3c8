import { whatMoved, type Evaluation, type MovedMark } from '@/core/judge';
import {
  findParts,
  findPartsThen,
  findRevision,
  findSetup,
  listParts,
  listRevisions,
  type PartsThen,
  type ReadRevision,
  type RevisionHead,
} from '@/db/repo';
import type { AnglerLine } from '@/domain/house-difference';
import type { Db } from '@/db/client';
import type { House } from '@/domain/house';
import type { BenchId, PartId, SetupId } from '@/domain/ids';
import type { Joint } from '@/domain/joint';
import { packedList, type Packed } from '@/domain/packed';
import { inBoxOrder } from '@/domain/part-order';
import type { Part } from '@/domain/parts';
import type { Presentation } from '@/domain/presentation';
import type { RevisionLine } from '@/domain/revision-line';
import type { SetupFile } from '@/domain/setup';
import { findHouse, readHouse } from '../house/house';
import { logFailure } from '../log';
import { partIdsOf } from './newest-setups';
import { evaluated } from './evaluated';
import { setupFileFrom, type Fault, type SetupFileOutcome } from './setup-file';

/** All that the Bench shows of one revision of one setup. */
export interface SetupPage {
  readonly kind: 'whole';
  readonly setup: { readonly id: SetupId; readonly name: string; readonly version: number };
  readonly revision: RevisionLine;
  readonly revisions: readonly RevisionLine[];
  /** the Box, with archived parts that this revision uses */
  readonly box: Packed<readonly Part[]>;
  readonly partsThen: readonly Part[];
  readonly chain: readonly Joint[];
  readonly presentation: Presentation;
  readonly evaluation: Evaluation;
  readonly moved: readonly MovedMark[];
  readonly house: House;
}

/** A revision that cannot be worked out: what is wrong, and what would mend it. */
export interface BrokenSetupPage {
  readonly kind: 'broken';
  readonly setup: SetupPage['setup'];
  readonly revision: RevisionLine;
  readonly faults: readonly Fault[];
  /** parts that the faults name, as far as they can be told; `then` is the part as it was when the revision was saved */
  readonly parts: readonly {
    readonly id: PartId;
    readonly name: string;
    readonly version: number | null;
    readonly then: Part | null;
  }[];
  /** each with whether it can be worked out with today's readings */
  readonly revisions: readonly (RevisionLine & { readonly sound: boolean })[];
}

export async function setupPage(
  db: Db,
  benchId: BenchId,
  setupId: SetupId,
  number?: number,
): Promise<SetupPage | BrokenSetupPage | null> {
  const [setup, revision] = await Promise.all([
    findSetup(db, benchId, setupId),
    findRevision(db, benchId, setupId, number),
  ]);
  if (!setup || !revision) return null;
  const [revisions, box, used, { house, anglers }, then] = await Promise.all([
    listRevisions(db, benchId, setupId),
    listParts(db, benchId),
    findParts(db, benchId, partIdsOf(revision)),
    readHouse(db, benchId),
    findPartsThen(db, benchId, [revision.id]),
  ]);
  const line = lineOf(anglers);
  const partsThen = then.get(revision.id) ?? { parts: [], broken: [] };
  const outcome = worked(setupFileFrom(setup.name, revision, used, house), partsThen);
  if (outcome.kind === 'broken')
    return brokenPage(db, benchId, setup, revision, outcome.faults, partsThen, revisions, house, line);
  const boxIds = new Set(box.map((part) => part.id));
  return {
    kind: 'whole',
    setup,
    revision: line(revision),
    revisions: revisions.map(line),
    box: packedList(inBoxOrder([...box, ...used.rows.filter((part) => !boxIds.has(part.id))], (part) => part)),
    partsThen: partsThen.parts,
    chain: outcome.file.chain,
    presentation: outcome.file.presentation,
    evaluation: outcome.evaluation,
    moved: outcome.moved,
    house,
  };
}

/** One revision as a setup file, with today's readings. */
export async function setupFileOf(
  db: Db,
  benchId: BenchId,
  setupId: SetupId,
  number?: number,
): Promise<SetupFileOutcome | null> {
  const [setup, revision] = await Promise.all([
    findSetup(db, benchId, setupId),
    findRevision(db, benchId, setupId, number),
  ]);
  if (!setup || !revision) return null;
  const [parts, house] = await Promise.all([findParts(db, benchId, partIdsOf(revision)), findHouse(db, benchId)]);
  return setupFileFrom(setup.name, revision, parts, house);
}

type Worked =
  | {
      readonly kind: 'whole';
      readonly file: SetupFile;
      readonly evaluation: Evaluation;
      readonly moved: readonly MovedMark[];
    }
  | { readonly kind: 'broken'; readonly faults: readonly Fault[] };

/** A setup that the core cannot work out is broken like one that cannot be read; that it was the core is logged. */
function worked(outcome: SetupFileOutcome, { parts }: PartsThen): Worked {
  if (outcome.kind === 'broken') return outcome;
  try {
    const { file } = outcome;
    return { kind: 'whole', file, evaluation: evaluated(file), moved: whatMoved(file, parts) };
  } catch (error) {
    logFailure(error);
    return { kind: 'broken', faults: [NOT_WORKED_OUT] };
  }
}

/** What is said of a setup that can be read and still not be computed. */
export const NOT_WORKED_OUT: Fault = {
  partId: null,
  partName: null,
  problem: { path: '$', given: undefined, allowed: { kind: 'rule', rule: 'a setup that can be worked out' } },
};

async function brokenPage(
  db: Db,
  benchId: BenchId,
  setup: SetupPage['setup'],
  revision: ReadRevision,
  faults: readonly Fault[],
  { parts: then }: PartsThen,
  revisions: readonly ReadRevision[],
  house: House,
  line: ReturnType<typeof lineOf>,
): Promise<BrokenSetupPage> {
  const ids = [...new Set([...faults.flatMap(({ partId }) => (partId ? [partId] : [])), ...partIdsOf(revision)])];
  const all = await findParts(db, benchId, [...ids, ...revisions.flatMap(partIdsOf)]);
  const blamed = new Set(faults.map(({ partId }) => partId));
  return {
    kind: 'broken',
    setup,
    revision: line(revision),
    faults,
    parts: ids
      .filter((id) => blamed.has(id))
      .map((id) => {
        const bad = all.broken.find((part) => part.id === id);
        return {
          id,
          name: bad?.name || id,
          version: bad?.version ?? null,
          then: then.find((part) => part.id === id) ?? null,
        };
      }),
    revisions: revisions.map((each) => ({
      ...line(each),
      sound: worked(setupFileFrom(setup.name, each, all, house), { parts: [], broken: [] }).kind === 'whole',
    })),
  };
}

const lineOf =
  (anglers: readonly AnglerLine[]) =>
  ({ number, reason, savedAt, authorId }: RevisionHead): RevisionLine => ({
    number,
    reason,
    savedAt: savedAt.toISOString(),
    by: anglers.find(({ id }) => id === authorId)?.name || null,
  });
