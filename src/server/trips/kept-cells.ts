import 'server-only';
import { createHash } from 'node:crypto';
import { blocksIn, findKeptCells, helmRepo, keepCells, listTripEvents, tripsMadeOf } from '@/db/repo';
import type { Db } from '@/db/client';
import { connectionProblem } from '@/db/connection-problem';
import { keepNewest } from '@/domain/keep-newest';
import type { BenchId, TripId } from '@/domain/ids';
import { correctedSeries, seriesOf } from '@/domain/log/block-series';
import { cellsOf, type TripCells } from '@/domain/log/cells';
import type { BandUnits } from '@/domain/log/dimensions';
import { tripOf, type Trip } from '@/domain/log/trip';
import { logFailure } from '../log';
import { gearKnown, helmOfTrip, tripContext, type TripContext } from './gear-known';

/** Grows whenever cells are made otherwise. */
const CELLS_VERSION = 4;

/** Opened once, a trip's cells stay in memory: questions come in rows. Null: it cannot be worked out, and is not tried at each of them. */
const inMemory = new Map<string, { readonly madeOf: string; readonly cells: TripCells | null }>();
const MOST_IN_MEMORY = 500;

/**
 * The cells of every trip of a bench in a reader's units, worked out where they are missing or entries came since: at least one,
 * and no other once so many milliseconds are over, since a reader of other units or a new core may find hundreds missing.
 *
 * @returns `left`: how many trips are still to be worked out; `failed`: how many cannot be
 */
export async function cellsOfTrips(
  db: Db,
  benchId: BenchId,
  bandUnits: BandUnits,
  withinMs: number,
): Promise<{ readonly cells: readonly TripCells[]; readonly left: number; readonly failed: number }> {
  const startMs = performance.now();
  const units = Object.values(bandUnits).join(' ');
  const wanted = await tripsMadeOf(db, benchId);
  const found: TripCells[] = [];
  const missing: TripId[] = [];
  let [left, failed] = [0, 0];
  const key = (tripId: TripId) => `${benchId} ${tripId} ${units}`;
  // A new run of a sensor changes what its readings meant.
  const helms = await helmRepo.list(db, benchId);
  const calibrated = createHash('sha256')
    .update(JSON.stringify(helms.rows.map(({ document }) => document.calibrations)))
    .digest('hex')
    .slice(0, 12);
  const made = (tripId: TripId) =>
    `${CELLS_VERSION} ${process.env['CORE_HASH']?.slice(0, 12) ?? ''} ${calibrated} ${wanted.get(tripId)}`;
  for (const tripId of wanted.keys()) {
    const own = inMemory.get(key(tripId));
    if (own?.madeOf !== made(tripId)) missing.push(tripId);
    else if (own.cells) found.push(own.cells);
    else failed += 1;
  }
  if (missing.length === 0) return { cells: found, left, failed };
  const kept = await findKeptCells(db, benchId, units, missing);
  let context: TripContext | null = null;
  for (const tripId of missing) {
    const own = kept.get(tripId);
    const madeOf = made(tripId);
    let cells = own?.madeOf === madeOf ? opened(own.text) : null;
    if (!cells) {
      if (context && performance.now() - startMs > withinMs) {
        left += 1;
        continue;
      }
      context ??= await tripContext(db, benchId);
      cells = await cellsIfPossible(db, benchId, tripId, context, bandUnits);
      // A page that only reads stands even where nothing can be written, as on a full disk.
      if (cells) await keepCells(db, benchId, { tripId, units, madeOf, text: JSON.stringify(cells) }).catch(logFailure);
    }
    if (cells) found.push(cells);
    else failed += 1;
    keepNewest(inMemory, key(tripId), { madeOf, cells }, MOST_IN_MEMORY);
  }
  return { cells: found, left, failed };
}

function opened(text: string): TripCells | null {
  try {
    return JSON.parse(text) as TripCells;
  } catch {
    return null;
  }
}

/** One trip that cannot be worked out takes nothing down but itself; a database that is away is another matter. */
async function cellsIfPossible(...given: Parameters<typeof cellsNow>): Promise<TripCells | null> {
  try {
    return await cellsNow(...given);
  } catch (error) {
    if (connectionProblem(error)) throw error;
    logFailure(error);
    return null;
  }
}

async function cellsNow(
  db: Db,
  benchId: BenchId,
  tripId: TripId,
  context: TripContext,
  units: BandUnits,
): Promise<TripCells> {
  const { rows } = await listTripEvents(db, benchId, tripId);
  const trip = tripOf(rows);
  const span = spanOf(trip, rows);
  const { blocks } = await blocksIn(db, benchId, span);
  return cellsOf(trip, {
    untilS: span.toS,
    series: correctedSeries(seriesOf(blocks, trip), helmOfTrip(context, trip)),
    gear: await gearKnown(db, benchId, trip, context),
    craftName: context.house.crafts.find(({ id }) => id === trip.opened?.craftId)?.name ?? '',
    units,
  });
}

/** From when to when a trip is looked at: until it was closed, else until its last entry. */
export function spanOf(
  trip: Trip,
  events: readonly { readonly atS: number }[],
): { readonly fromS: number; readonly toS: number } {
  const times = events.map(({ atS }) => atS);
  const fromS = trip.opened?.atS ?? times.reduce((least, atS) => Math.min(least, atS), Infinity);
  const toS = trip.closedS ?? times.reduce((most, atS) => Math.max(most, atS), 0);
  return { fromS: Number.isFinite(fromS) ? fromS : 0, toS: Math.max(toS, Number.isFinite(fromS) ? fromS : 0) };
}
