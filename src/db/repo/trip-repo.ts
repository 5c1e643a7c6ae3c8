import { and, eq, isNotNull, sql } from 'drizzle-orm';
import { DOCUMENTS, sealed } from '@/domain/documents';
import type { AnglerId, BenchId, TripId } from '@/domain/ids';
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
  /** who told it; absent: nobody signs in, or it came in a file */
  readonly authorId?: AnglerId | null;
}

/** Adds events; one that is there already, by its id, stays as it is. */
export async function addTripEvents(db: Db | Tx, benchId: BenchId, rows: readonly TripRow[]): Promise<void> {
  await inChunks(rows, (chunk) =>
    db
      .insert(tripEvent)
      .ignore()
      .values(
        chunk.map(({ tripId, event, behindS, authorId }) => ({
          benchId,
          tripId,
          id: event.id,
          kind: event.kind,
          atS: event.atS,
          behindS,
          authorId: authorId ?? null,
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

/** Who told each event of a trip, as far as somebody was signed in. */
export async function tripAuthors(
  db: Db | Tx,
  benchId: BenchId,
  tripId: TripId,
): Promise<ReadonlyMap<string, AnglerId>> {
  const rows = await db
    .select({ id: tripEvent.id, authorId: tripEvent.authorId })
    .from(tripEvent)
    .where(and(eq(tripEvent.benchId, benchId), eq(tripEvent.tripId, tripId), isNotNull(tripEvent.authorId)));
  return new Map(rows.flatMap(({ id, authorId }) => (authorId ? [[id, authorId] as const] : [])));
}

export interface TripHead {
  readonly tripId: TripId;
  readonly fromS: number;
  readonly toS: number;
  readonly events: number;
  /** as it was opened; empty where that has not come, or cannot be read */
  readonly name: string;
  readonly waterName: string;
  readonly craftId: string | null;
  readonly strikes: number;
  readonly isClosed: boolean;
}

/** Trips of a bench, the newest first. */
export async function listTrips(db: Db | Tx, benchId: BenchId): Promise<TripHead[]> {
  const countOf = (kind: TripEvent['kind']) => sql<number>`sum(${tripEvent.kind} = ${kind})`.mapWith(Number);
  const [rows, opening] = await Promise.all([
    db
      .select({
        tripId: tripEvent.tripId,
        fromS: sql<number>`min(${tripEvent.atS} + ${tripEvent.behindS})`.mapWith(Number),
        toS: sql<number>`max(${tripEvent.atS} + ${tripEvent.behindS})`.mapWith(Number),
        events: sql<number>`count(*)`.mapWith(Number),
        strikes: countOf('strike'),
        closed: countOf('closed'),
      })
      .from(tripEvent)
      .where(eq(tripEvent.benchId, benchId))
      .groupBy(tripEvent.tripId),
    db
      .select({ id: tripEvent.id, tripId: tripEvent.tripId, document: tripEvent.document })
      .from(tripEvent)
      .where(and(eq(tripEvent.benchId, benchId), eq(tripEvent.kind, 'opened'))),
  ]);
  const opened = new Map(
    listedBy(DOCUMENTS.tripEvent, opening, (event, { tripId }) => ({ event, tripId })).rows.flatMap(
      ({ event, tripId }) => (event.kind === 'opened' ? [[tripId, event] as const] : []),
    ),
  );
  return rows
    .map(({ closed, ...row }): TripHead => {
      const { name = '', waterName = '', craftId = null } = opened.get(row.tripId) ?? {};
      return { ...row, name, waterName, craftId, isClosed: closed > 0 };
    })
    .sort((a, b) => b.fromS - a.fromS || a.tripId.localeCompare(b.tripId));
}
