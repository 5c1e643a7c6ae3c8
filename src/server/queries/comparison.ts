import 'server-only';
import { evaluate, type Evaluation } from '@/core/evaluate';
import { findRevision, listSetups } from '@/db/repo';
import type { SetupId } from '@/domain/ids';
import type { SetupFile } from '@/domain/setup';
import { currentBench } from '../current-bench';
import { database } from '../database';
import { setupFileOf } from '../setup-page';

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
  const asked = (await listSetups(db, benchId)).filter(({ id }) => ids.includes(id)).slice(0, MOST_COMPARED);
  const found = await Promise.all(
    asked.map(async ({ id, name }): Promise<readonly Compared[]> => {
      const [revision, file] = await Promise.all([findRevision(db, benchId, id), setupFileOf(db, benchId, id)]);
      return revision && file ? [{ id, name, number: revision.number, file, evaluation: evaluate(file) }] : [];
    }),
  );
  return found.flat();
}
