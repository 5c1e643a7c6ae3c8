import { and, eq, inArray } from 'drizzle-orm';
import { DOCUMENTS, sealed } from '@/domain/documents';
import { openedOnce } from '../read-once';
import type { BenchId, LeaderId } from '@/domain/ids';
import type { Leader } from '@/domain/leader';
import type { Db, Tx } from '../client';
import { leader } from '../schema';
import { inChunks } from './chunks';
import { listedBy, type Listed } from './listed';

const columns = { id: leader.id, document: leader.document };

/** Leaders of a bench, the newest first. */
export async function listLeaders(db: Db | Tx, benchId: BenchId): Promise<Listed<Leader>> {
  const rows = await db
    .select(columns)
    .from(leader)
    .where(eq(leader.benchId, benchId))
    .orderBy(leader.tiedAt, leader.id);
  return listedBy(DOCUMENTS.leader, rows.reverse(), (document) => document);
}

export async function insertLeaders(db: Db | Tx, benchId: BenchId, leaders: readonly Leader[]): Promise<void> {
  await inChunks(leaders, (chunk) =>
    db.insert(leader).values(
      chunk.map((document) => ({
        id: document.id,
        benchId,
        document: sealed(DOCUMENTS.leader, document),
        tiedAt: new Date(document.tiedAt),
      })),
    ),
  );
}

/** What becomes of a leader; not-found where it is not of this bench or cannot be read. */
export async function setLeaderState(
  tx: Tx,
  benchId: BenchId,
  id: LeaderId,
  state: Leader['state'],
): Promise<'changed' | 'not-found'> {
  const [held] = await lockLeaders(tx, benchId, [id]);
  if (!held) return 'not-found';
  await tx
    .update(leader)
    .set({ document: sealed(DOCUMENTS.leader, { ...held, state }) })
    .where(and(eq(leader.benchId, benchId), eq(leader.id, id)));
  return 'changed';
}

/** Leaders by id as they are, locked; those that cannot be read are left out. */
export async function lockLeaders(tx: Tx, benchId: BenchId, ids: readonly LeaderId[]): Promise<Leader[]> {
  if (ids.length === 0) return [];
  const rows = await tx
    .select(columns)
    .from(leader)
    .where(and(eq(leader.benchId, benchId), inArray(leader.id, [...ids])))
    .for('update');
  return rows.flatMap(({ document }) => {
    const result = openedOnce(DOCUMENTS.leader, document);
    return result.ok ? [result.data] : [];
  });
}

export async function removeLeaders(tx: Tx, benchId: BenchId, ids: readonly LeaderId[]): Promise<void> {
  if (ids.length > 0) await tx.delete(leader).where(and(eq(leader.benchId, benchId), inArray(leader.id, [...ids])));
}
