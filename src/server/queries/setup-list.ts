import 'server-only';
import { evaluate, type Verdict, type VerdictName } from '@/core/evaluate';
import { listAllSetups } from '@/db/repo';
import type { SetupId } from '@/domain/ids';
import { currentBench } from '../current-bench';
import { database } from '../database';
import { newestSetups } from '../newest-setups';

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
  return (await newestSetups(db, benchId)).map(({ id, name, number, savedAt, file }) => ({
    id,
    name,
    number,
    savedAt,
    verdicts: evaluate(file).verdicts,
  }));
}

/** Setups that were put away, to be brought back. */
export async function getPutAway(): Promise<readonly { readonly id: SetupId; readonly name: string }[]> {
  const setups = await listAllSetups(database(), await currentBench());
  return setups.filter(({ archivedAt }) => archivedAt !== null).map(({ id, name }) => ({ id, name }));
}
