import 'server-only';
import { evaluate, type Verdict, type VerdictName } from '@/core/evaluate';
import { findRevision, listAllSetups, listSetups } from '@/db/repo';
import type { SetupId } from '@/domain/ids';
import { currentBench } from '../current-bench';
import { database } from '../database';
import { setupFileOf } from '../setup-page';

export interface SetupLine {
  readonly id: SetupId;
  readonly name: string;
  readonly number: number;
  readonly savedAt: Date;
  readonly verdicts: Readonly<Record<VerdictName, Verdict>>;
}

export async function getSetupList(): Promise<readonly SetupLine[]> {
  const db = database();
  const benchId = await currentBench();
  const setups = await listSetups(db, benchId);
  const lines = await Promise.all(
    setups.map(async ({ id, name }) => {
      const [revision, file] = await Promise.all([findRevision(db, benchId, id), setupFileOf(db, benchId, id)]);
      return revision && file ? [{ id, name, number: revision.number, savedAt: revision.savedAt, verdicts: evaluate(file).verdicts }] : [];
    }),
  );
  return lines.flat();
}

/** Setups that were put away, to be brought back. */
export async function getPutAway(): Promise<readonly { readonly id: SetupId; readonly name: string }[]> {
  const setups = await listAllSetups(database(), await currentBench());
  return setups.filter(({ archivedAt }) => archivedAt !== null).map(({ id, name }) => ({ id, name }));
}
