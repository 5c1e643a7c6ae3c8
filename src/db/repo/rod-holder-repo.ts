import { eq, and } from 'drizzle-orm';
import type { AnglerId, BenchId, PartId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import { rodHolder } from '../schema';

export interface RodHolder {
  readonly partId: PartId;
  readonly anglerId: AnglerId;
  readonly since: Date;
}

export async function listRodHolders(db: Db | Tx, benchId: BenchId): Promise<RodHolder[]> {
  return db
    .select({ partId: rodHolder.partId, anglerId: rodHolder.anglerId, since: rodHolder.since })
    .from(rodHolder)
    .where(eq(rodHolder.benchId, benchId));
}

/** The rod goes from hand to hand: whoever takes it has it. */
export async function takeRod(tx: Tx, benchId: BenchId, row: RodHolder): Promise<void> {
  const { anglerId, since } = row;
  await tx
    .insert(rodHolder)
    .values({ benchId, ...row })
    .onDuplicateKeyUpdate({ set: { anglerId, since } });
}

export async function putRodDown(tx: Tx, benchId: BenchId, partId: PartId): Promise<void> {
  await tx.delete(rodHolder).where(and(eq(rodHolder.benchId, benchId), eq(rodHolder.partId, partId)));
}
