import { evaluate, VERDICT_NAMES, type Mark, type VerdictName } from '@/core/judge';
import type { Db, Tx } from '@/db/client';
import { findParts, listNewest, type BrokenPart, type Listed, type ReadRevision } from '@/db/repo';
import type { House } from '@/domain/house';
import type { BenchId, PartId, SetupId } from '@/domain/ids';
import type { Presentation } from '@/domain/presentation';
import type { Part } from '@/domain/parts';
import { findHouse } from '../house/house';
import { logFailure } from '../log';
import { partIdsOf } from '../setups/newest-setups';
import { setupFileFrom, type Fault } from '../setups/setup-file';

export interface SetupUse {
  readonly setupId: SetupId;
  readonly name: string;
  readonly version: number;
  readonly revision: ReadRevision;
}

/** Every setup that is not put away, with its newest revision. */
export async function newestRevisions(db: Db | Tx, benchId: BenchId): Promise<SetupUse[]> {
  return (await listNewest(db, benchId)).map(({ id, ...rest }) => ({ setupId: id, ...rest }));
}

export const usesPart = ({ revision }: SetupUse, id: PartId): boolean => partIdsOf(revision).includes(id);

/** The setups that use one of some parts, with the parts that each would be judged with before and after a change of these. */
async function usesOf(db: Db | Tx, benchId: BenchId, changed: ReadonlyMap<PartId, Part>) {
  const uses = (await newestRevisions(db, benchId)).filter(({ revision }) =>
    partIdsOf(revision).some((id) => changed.has(id)),
  );
  const before = await findParts(
    db,
    benchId,
    uses.flatMap(({ revision }) => partIdsOf(revision)),
  );
  const after: Listed<Part, BrokenPart> = {
    rows: [...before.rows.filter(({ id }) => !changed.has(id)), ...changed.values()],
    broken: before.broken.filter(({ id }) => !changed.has(id as PartId)),
  };
  return { uses, before, after };
}

/** A setup that a change would keep from being worked out. */
export interface SetupBroken {
  readonly setupId: SetupId;
  readonly name: string;
  readonly faults: readonly Fault[];
}

/** The setups in use that can be worked out now and could not be once the parts are as `changed` has them. */
export async function setupsBrokenBy(
  db: Db | Tx,
  benchId: BenchId,
  changed: ReadonlyMap<PartId, Part>,
): Promise<readonly SetupBroken[]> {
  if (changed.size === 0) return [];
  const { uses, before, after } = await usesOf(db, benchId, changed);
  const house = await findHouse(db, benchId);
  return uses.flatMap(({ setupId, name, revision }) => {
    const then = setupFileFrom(name, revision, after, house);
    if (then.kind === 'file' || setupFileFrom(name, revision, before, house).kind === 'broken') return [];
    return [{ setupId, name, faults: then.faults }];
  });
}

export interface MovedSetup {
  readonly setupId: SetupId;
  readonly name: string;
  /** empty where every mark stays */
  readonly fished: Presentation['kind'];
  readonly marks: readonly { readonly verdict: VerdictName; readonly then: Mark; readonly now: Mark }[];
}

/** What the part's becoming `after` does to the setups that use it; asked while the part still stands as it was. */
export async function setupsMovedBy(db: Db | Tx, benchId: BenchId, after: Part): Promise<MovedSetup[]> {
  const { uses, before, after: parts } = await usesOf(db, benchId, new Map([[after.id, after]]));
  const house = await findHouse(db, benchId);
  return uses.flatMap(({ setupId, name, revision }) => {
    const [then, now] = [verdictsWith(name, revision, before, house), verdictsWith(name, revision, parts, house)];
    if (!then || !now || !revision.whole.ok) return [];
    const marks = VERDICT_NAMES.flatMap((verdict) =>
      then[verdict].mark === now[verdict].mark ? [] : [{ verdict, then: then[verdict].mark, now: now[verdict].mark }],
    );
    return [{ setupId, name, fished: revision.whole.data.presentation.kind, marks }];
  });
}

function verdictsWith(name: string, revision: ReadRevision, parts: Listed<Part, BrokenPart>, house: House) {
  const outcome = setupFileFrom(name, revision, parts, house);
  if (outcome.kind === 'broken') return null;
  try {
    return evaluate(outcome.file).verdicts;
  } catch (error) {
    logFailure(error);
    return null;
  }
}
