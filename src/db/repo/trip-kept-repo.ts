import { deflateSync, inflateSync } from 'node:zlib';
import { and, eq, sql } from 'drizzle-orm';
import type { BenchId, TripId } from '@/domain/ids';
import { BLOCK_S, blockStart } from '@/domain/instruments/blocks';
import type { Db, Tx } from '../client';
import { instrumentBlock, tripCells, tripEvent, tripPhoto } from '../schema';

/** How much the cells of one trip can come to when they are opened [bytes]. */
const MOST_CELLS_BYTES = 64_000_000;

/** Of what each trip's cells would be made now: how many entries it has, and how many bytes of readings lie in its time. */
export async function tripsMadeOf(db: Db | Tx, benchId: BenchId): Promise<ReadonlyMap<TripId, string>> {
  const [trips, blocks] = await Promise.all([
    db
      .select({
        tripId: tripEvent.tripId,
        count: sql<number>`count(*)`.mapWith(Number),
        fromS: sql<number>`min(${tripEvent.atS})`.mapWith(Number),
        toS: sql<number>`max(${tripEvent.atS})`.mapWith(Number),
      })
      .from(tripEvent)
      .where(eq(tripEvent.benchId, benchId))
      .groupBy(tripEvent.tripId),
    db
      .select({ startS: instrumentBlock.startS, bytes: sql<number>`length(${instrumentBlock.body})`.mapWith(Number) })
      .from(instrumentBlock)
      .where(eq(instrumentBlock.benchId, benchId))
      .orderBy(instrumentBlock.startS),
  ]);
  const starts = blocks.map(({ startS }) => startS);
  return new Map(
    trips.map(({ tripId, count, fromS, toS }) => {
      let bytes = 0;
      for (
        let i = firstNotBefore(starts, blockStart(fromS));
        i < blocks.length && blocks[i]!.startS < toS + BLOCK_S;
        i += 1
      )
        bytes += blocks[i]!.bytes;
      return [tripId, `${count} ${bytes}`] as const;
    }),
  );
}

function firstNotBefore(starts: readonly number[], atS: number): number {
  let [from, to] = [0, starts.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    if (starts[middle]! < atS) from = middle + 1;
    else to = middle;
  }
  return from;
}

/** The cells that are kept, each as the text that was kept and what it was made of. */
export async function findKeptCells(
  db: Db | Tx,
  benchId: BenchId,
  units: string,
  tripIds: readonly TripId[],
): Promise<ReadonlyMap<TripId, { readonly madeOf: string; readonly text: string }>> {
  const wanted = new Set(tripIds);
  const rows = await db
    .select()
    .from(tripCells)
    .where(and(eq(tripCells.benchId, benchId), eq(tripCells.units, units)));
  return new Map(
    rows.flatMap(({ tripId, madeOf, body }) => {
      if (!wanted.has(tripId)) return [];
      try {
        return [
          [tripId, { madeOf, text: inflateSync(body, { maxOutputLength: MOST_CELLS_BYTES }).toString() }] as const,
        ];
      } catch {
        // What cannot be opened is worked out anew.
        return [];
      }
    }),
  );
}

export async function keepCells(
  db: Db | Tx,
  benchId: BenchId,
  {
    text,
    ...kept
  }: { readonly tripId: TripId; readonly units: string; readonly madeOf: string; readonly text: string },
): Promise<void> {
  const body = deflateSync(Buffer.from(text));
  await db
    .insert(tripCells)
    .values({ benchId, ...kept, body })
    .onDuplicateKeyUpdate({ set: { madeOf: kept.madeOf, body } });
}

/** Keeps a photo; the same id again changes nothing. */
export async function keepPhoto(
  db: Db | Tx,
  benchId: BenchId,
  photo: { readonly id: string; readonly tripId: TripId; readonly body: Buffer },
): Promise<void> {
  await db
    .insert(tripPhoto)
    .ignore()
    .values({ benchId, ...photo });
}

export async function findPhoto(db: Db | Tx, benchId: BenchId, id: string): Promise<Buffer | null> {
  const [row] = await db
    .select({ body: tripPhoto.body })
    .from(tripPhoto)
    .where(and(eq(tripPhoto.benchId, benchId), eq(tripPhoto.id, id)));
  return row?.body ?? null;
}
