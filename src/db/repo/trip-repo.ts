import { and, eq, sql } from 'drizzle-orm';
import { DOCUMENTS, sealed } from '@/domain/documents';
import type { BenchId, TripId } from '@/domain/ids';
import { byServerClock } from '@/domain/log/clock';
import type { TripEvent } from '@/domain/log/trip-event';
import type { Db, Tx } from '../client';
import { tripEvent } from '../schema';
import { inChunks } from './chunks';
import { listedBy, type Listed } from './listed';

export interface TripRow {
  readonly tripId: TripId;
  /** as the phone told it */
  readonly event: TripEvent;
  /** how far its clock was behind [s] */
  readonly behindS: number;
}

/** Adds events; one that is there already, by its id, stays as it is. */
export async function addTripEvents(db: Db | Tx, benchId: BenchId, rows: readonly TripRow[]): Promise<void> {
  await inChunks(rows, (chunk) =>
    db
      .insert(tripEvent)
      .ignore()
      .values(
        chunk.map(({ tripId, event, behindS }) => ({
          benchId,
          tripId,
          id: event.id,
          kind: event.kind,
          atS: event.atS,
          behindS,
          document: sealed(DOCUMENTS.tripEvent, event),
        })),
      ),
  );
}

/** The events of a trip by the server's clock. */
export async function listTripEvents(db: Db | Tx, benchId: BenchId, tripId: TripId): Promise<Listed<TripEvent>> {
  const rows = await db
    .select({ id: tripEvent.id, behindS: tripEvent.behindS, document: tripEvent.document })
    .from(tripEvent)
    .where(and(eq(tripEvent.benchId, benchId), eq(tripEvent.tripId, tripId)))
    .orderBy(tripEvent.atS, tripEvent.id);
  return listedBy(DOCUMENTS.tripEvent, rows, (event, { behindS }) => byServerClock(event, behindS));
}

export interface TripHead {
  readonly tripId: TripId;
  readonly fromS: number;
  readonly toS: number;
  readonly events: number;
}

/** Trips of a bench, the newest first. */
export async function listTrips(db: Db | Tx, benchId: BenchId): Promise<TripHead[]> {
  const fromS = sql<number>`min(${tripEvent.atS} + ${tripEvent.behindS})`.mapWith(Number);
  const rows = await db
    .select({
      tripId: tripEvent.tripId,
      fromS,
      toS: sql<number>`max(${tripEvent.atS} + ${tripEvent.behindS})`.mapWith(Number),
      events: sql<number>`count(*)`.mapWith(Number),
    })
    .from(tripEvent)
    .where(eq(tripEvent.benchId, benchId))
    .groupBy(tripEvent.tripId);
  return rows.sort((a, b) => b.fromS - a.fromS || a.tripId.localeCompare(b.tripId));
}
