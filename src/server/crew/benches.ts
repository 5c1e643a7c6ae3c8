import { listBenches, membershipsOf } from '@/db/repo';
import type { Db, Tx } from '@/db/client';
import type { Role } from '@/domain/crew/roles';
import type { BenchId } from '@/domain/ids';

export interface OwnBench {
  readonly id: BenchId;
  readonly name: string;
  readonly role: Role;
}

/** The benches of somebody; all of them where nobody signs in. */
export const benchesOf = async (db: Db | Tx, userId: string | null): Promise<readonly OwnBench[]> =>
  userId === null
    ? (await listBenches(db)).map((bench) => ({ ...bench, role: 'owner' as const }))
    : (await membershipsOf(db, userId)).map(({ benchId, benchName, role }) => ({ id: benchId, name: benchName, role }));
