import { eq } from 'drizzle-orm';
import { emptyHouseDocument, type House, type HouseDocument } from '@/domain/house';
import type { BenchId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import { house } from '../schema';
import { findAngler } from './angler-repo';

/** What the bench holds to; empty while nobody has said anything. */
export async function findHouseDocument(db: Db | Tx, benchId: BenchId): Promise<HouseDocument> {
  const [row] = await db.select({ document: house.document }).from(house).where(eq(house.benchId, benchId));
  return row?.document ?? emptyHouseDocument;
}

/** The house that setups of this bench are judged in: its document and its angler. */
export async function findHouse(db: Db | Tx, benchId: BenchId): Promise<House> {
  const [document, angler] = await Promise.all([findHouseDocument(db, benchId), findAngler(db, benchId)]);
  return { ...document, angler };
}

export async function putHouse(db: Db | Tx, benchId: BenchId, document: HouseDocument, now: Date): Promise<void> {
  await db
    .insert(house)
    .values({ benchId, document, updatedAt: now })
    .onDuplicateKeyUpdate({ set: { document, updatedAt: now } });
}
