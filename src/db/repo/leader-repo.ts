import { and, eq } from 'drizzle-orm';
import type { BenchId, LeaderId } from '@/domain/ids';
import type { Leader } from '@/domain/leader';
import type { Db, Tx } from '../client';
import { leader } from '../schema';

/** Leaders of a bench, the newest first. */
export async function listLeaders(db: Db | Tx, benchId: BenchId): Promise<Leader[]> {
  const rows = await db
    .select({ document: leader.document })
    .from(leader)
    .where(eq(leader.benchId, benchId))
    .orderBy(leader.tiedAt, leader.id);
  return rows.map(({ document }) => document).reverse();
}

export async function insertLeaders(db: Db | Tx, benchId: BenchId, leaders: readonly Leader[]): Promise<void> {
  if (leaders.length > 0)
    await db
      .insert(leader)
      .values(leaders.map((document) => ({ id: document.id, benchId, document, tiedAt: new Date(document.tiedAt) })));
}

/** What becomes of a leader; not-found where it is not of this bench. */
export async function setLeaderState(
  db: Db,
  benchId: BenchId,
  id: LeaderId,
  state: Leader['state'],
): Promise<'changed' | 'not-found'> {
  return db.transaction(async (tx) => {
    const [row] = await tx
      .select({ document: leader.document })
      .from(leader)
      .where(and(eq(leader.benchId, benchId), eq(leader.id, id)))
      .for('update');
    if (!row) return 'not-found';
    await tx
      .update(leader)
      .set({ document: { ...row.document, state } })
      .where(and(eq(leader.benchId, benchId), eq(leader.id, id)));
    return 'changed';
  });
}
