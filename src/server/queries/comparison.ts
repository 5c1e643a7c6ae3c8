import 'server-only';
import { evaluate, type Evaluation } from '@/core/evaluate';
import type { SetupId } from '@/domain/ids';
import type { SetupFile } from '@/domain/setup';
import { currentBench } from '../current-bench';
import { database } from '../database';
import { newestSetups } from '../newest-setups';

/** So many stand beside each other and are still read. */
const MOST_COMPARED = 4;

export interface Compared {
  readonly id: SetupId;
  readonly name: string;
  readonly number: number;
  readonly file: SetupFile;
  readonly evaluation: Evaluation;
}

/** The newest revisions of some setups, at most four; ids that this bench does not have are left out. */
export async function getComparison(ids: readonly string[]): Promise<readonly Compared[]> {
  const db = database();
  const benchId = await currentBench();
  const asked = (await newestSetups(db, benchId, (id) => ids.includes(id))).slice(0, MOST_COMPARED);
  return asked.map(({ id, name, number, file }) => ({ id, name, number, file, evaluation: evaluate(file) }));
}
