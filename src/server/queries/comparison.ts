import 'server-only';
import type { Evaluation } from '@/core/judge';
import { setupIdSchema, type SetupId } from '@/domain/ids';
import type { SetupFile } from '@/domain/setup';
import { keptPageQuery } from '../page-query';
import { evaluated } from '../setups/evaluated';
import { newestSetups, type BrokenSetup } from '../setups/newest-setups';
import { workedOut } from '../setups/worked-out';

/** So many stand beside each other and are still read. */
const MOST_COMPARED = 4;
/** An address can name what is put away or gone; so many names are looked up. */
const MOST_ASKED = 50;

export interface Compared {
  readonly id: SetupId;
  readonly name: string;
  readonly number: number;
  readonly file: SetupFile;
  readonly evaluation: Evaluation;
}

/** The newest revisions of some setups, at most four; ids that this bench does not have are left out. */
export async function getComparison(
  ids: readonly string[],
): Promise<{ readonly compared: readonly Compared[]; readonly broken: readonly BrokenSetup[] }> {
  return keptPageQuery('bench', ['comparison', ids], async (db, benchId) => {
    const asked = ids.slice(0, MOST_ASKED).flatMap((id) => setupIdSchema.safeParse(id).data ?? []);
    const { whole, broken } = workedOut(await newestSetups(db, benchId, asked), ({ file }) => evaluated(file));
    return {
      compared: whole
        .slice(0, MOST_COMPARED)
        .map(({ setup: { id, name, number, file }, result: evaluation }) => ({ id, name, number, file, evaluation })),
      broken,
    };
  });
}
