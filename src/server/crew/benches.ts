import { listBenches, membershipsOf } from '@/db/repo';
import type { Db, Tx } from '@/db/client';
import type { BenchId } from '@/domain/ids';

/** The benches of somebody; all of them where nobody signs in. */
export const benchesOf = async (
  db: Db | Tx,
  userId: string | null,
): Promise<readonly { readonly id: BenchId; readonly name: string }[]> =>
  userId === null
    ? listBenches(db)
    : (await membershipsOf(db, userId)).map(({ benchId, benchName }) => ({ id: benchId, name: benchName }));
