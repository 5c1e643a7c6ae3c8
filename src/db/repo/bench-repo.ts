import { eq } from 'drizzle-orm';
import type { BenchId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import {
  angler,
  bench,
  craft,
  deck,
  helm,
  helmEvent,
  houseDocument,
  instrumentBlock,
  leader,
  movement,
  part,
  plan,
  reading,
  revision,
  revisionPart,
  setup,
  spread,
  trial,
  tripCells,
  tripEvent,
  tripPhoto,
  water,
} from '../schema';
import { removeBenchState } from './bench-state-repo';

export interface Bench {
  readonly id: BenchId;
  readonly name: string;
}

export async function findBench(db: Db | Tx, benchId: BenchId): Promise<Bench | null> {
  const [row] = await db.select({ id: bench.id, name: bench.name }).from(bench).where(eq(bench.id, benchId));
  return row ?? null;
}

export async function insertBench(db: Db | Tx, row: Bench & { readonly createdAt: Date }): Promise<void> {
  await db.insert(bench).values(row);
}

/** Locks the bench's row, so that changes of the whole bench take turns. */
export async function lockBench(tx: Tx, benchId: BenchId): Promise<void> {
  await tx.select({ id: bench.id }).from(bench).where(eq(bench.id, benchId)).for('update');
}

/** Whether a bench has neither parts nor setups. */
export async function isBenchEmpty(tx: Tx, benchId: BenchId): Promise<boolean> {
  for (const table of [part, setup])
    if ((await tx.select({ id: table.id }).from(table).where(eq(table.benchId, benchId)).limit(1)).length > 0)
      return false;
  return true;
}

/** Empties a bench and gives it a name; the bench itself stays, and so do the answers to requests. */
export async function clearBench(tx: Tx, benchId: BenchId, name: string): Promise<void> {
  const children = [
    revisionPart,
    revision,
    setup,
    reading,
    movement,
    part,
    angler,
    craft,
    houseDocument,
    deck,
    leader,
    plan,
    water,
    spread,
    trial,
    helm,
    helmEvent,
    instrumentBlock,
    tripCells,
    tripEvent,
    tripPhoto,
  ];
  for (const table of children) await tx.delete(table).where(eq(table.benchId, benchId));
  await tx.update(bench).set({ name }).where(eq(bench.id, benchId));
}

/** Deletes a bench with all that is on it, its members and the links that lead to it. */
export async function deleteBench(tx: Tx, benchId: BenchId): Promise<void> {
  await clearBench(tx, benchId, '');
  await removeBenchState(tx, benchId);
  await tx.delete(bench).where(eq(bench.id, benchId));
}
