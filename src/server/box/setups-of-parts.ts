import { evaluate, VERDICT_NAMES, type Mark, type VerdictName } from '@/core/evaluate';
import type { Db, Tx } from '@/db/client';
import { findHouse, findParts, findRevision, listSetups, type Revision } from '@/db/repo';
import type { BenchId, PartId, SetupId } from '@/domain/ids';
import type { Presentation } from '@/domain/presentation';
import type { Part } from '@/domain/parts';

export interface SetupUse {
  readonly setupId: SetupId;
  readonly name: string;
  readonly version: number;
  readonly revision: Revision;
}

/** Every setup that is not put away, with its newest revision. */
export async function newestRevisions(db: Db | Tx, benchId: BenchId): Promise<SetupUse[]> {
  const setups = await listSetups(db, benchId);
  const uses = await Promise.all(
    setups.map(async ({ id, name, version }) => {
      const revision = await findRevision(db, benchId, id);
      return revision ? [{ setupId: id, name, version, revision }] : [];
    }),
  );
  return uses.flat();
}

export const usesPart = ({ revision }: SetupUse, id: PartId): boolean =>
  revision.chain.some((joint) => joint.partId === id);

export interface MovedSetup {
  readonly setupId: SetupId;
  readonly name: string;
  /** empty where every mark stays */
  readonly fished: Presentation['kind'];
  readonly marks: readonly { readonly verdict: VerdictName; readonly then: Mark; readonly now: Mark }[];
}

/** What becoming `after` does to the setups that use the part. */
export async function setupsMovedBy(db: Db | Tx, benchId: BenchId, before: Part, after: Part): Promise<MovedSetup[]> {
  const [house, all] = await Promise.all([findHouse(db, benchId), newestRevisions(db, benchId)]);
  const uses = all.filter((use) => usesPart(use, before.id));
  return Promise.all(
    uses.map(async ({ setupId, name, revision }) => {
      const parts = await findParts(
        db,
        benchId,
        revision.chain.map((joint) => joint.partId),
      );
      const marksWith = (part: Part) =>
        evaluate({ ...revision, house, parts: parts.map((each) => (each.id === part.id ? part : each)) }).verdicts;
      const [then, now] = [marksWith(before), marksWith(after)];
      const marks = VERDICT_NAMES.flatMap((verdict) =>
        then[verdict].mark === now[verdict].mark ? [] : [{ verdict, then: then[verdict].mark, now: now[verdict].mark }],
      );
      return { setupId, name, fished: revision.presentation.kind, marks };
    }),
  );
}
