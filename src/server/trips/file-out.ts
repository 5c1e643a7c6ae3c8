import 'server-only';
import { blocksIn, listTripEvents, listTrips } from '@/db/repo';
import { quotedCell } from '@/domain/exchange/cell-text';
import type { TripId } from '@/domain/ids';
import type { BlockValues } from '@/domain/instruments/blocks';
import type { ChannelName } from '@/domain/instruments/channels';
import { tripOf } from '@/domain/log/trip';
import { geoJsonOf, gpxOf, roundedTo, type Waypoint } from '@/domain/log/trip-file';
import { unpacked } from '@/domain/packed';
import { accessTo } from '../access';
import { csv, download } from '../download';
import { refusedInput } from '../json-body';
import { routeQuery } from '../page-query';
import { getLogDay, type LogDay } from '../queries/log-day';
import { routeResponse } from '../route-response';
import { spanOf } from './kept-cells';

/** A trip, or a table of all of them, as a file. */
export const tripFile = (request: Request): Promise<Response> =>
  routeResponse(async () => {
    await accessTo('log');
    const asked = new URL(request.url).searchParams;
    const [id, as, table] = [asked.get('trip'), asked.get('as'), asked.get('table')];
    if (table === 'trips') return csv(await tripRows(), 'trips.csv');
    if (table === 'strikes' || table === 'catches') return csv(await strikeRows(table === 'catches'), `${table}.csv`);
    const day = id === null ? null : await getLogDay(id);
    if (!day) return new Response('There is no trip of that id.\n', { status: 404 });
    const name = `${new Date(day.fromS * 1000).toISOString().slice(0, 10)}-${day.tripId}`;
    switch (as) {
      case 'csv':
        return csv(strikeRowsOf(day), `${name}.csv`);
      case 'gpx':
        return new Response(gpxOf(day.name, trackOf(day), waypointsOf(day)), {
          headers: download(`${name}.gpx`, 'application/gpx+xml'),
        });
      case 'geojson':
        return new Response(geoJsonOf(day.name, trackOf(day), waypointsOf(day)), {
          headers: download(`${name}.geojson`, 'application/geo+json'),
        });
      case 'json':
        return new Response(`${JSON.stringify(await wholeTrip(day.tripId))}\n`, {
          headers: download(`${name}.json`, 'application/json'),
        });
      default:
        return refusedInput([
          { path: 'as', given: as, allowed: { kind: 'one-of', options: ['csv', 'gpx', 'geojson', 'json'] } },
        ]);
    }
  });

const trackOf = (day: LogDay): readonly (readonly [number, number, number])[] =>
  unpacked(day.points).flatMap(({ tS, latDeg, lonDeg }) =>
    latDeg === null || lonDeg === null ? [] : [[tS, latDeg, lonDeg] as const],
  );

const waypointsOf = (day: LogDay): readonly Waypoint[] =>
  day.strikes.flatMap(({ atS, then, lure, told }) =>
    then?.latDeg === undefined || then?.latDeg === null || then.lonDeg === null
      ? []
      : [{ tS: atS, latDeg: then.latDeg, lonDeg: then.lonDeg, name: [lure, told?.species].filter(Boolean).join(', ') }],
  );

const tripRows = async () =>
  (await routeQuery('log', (db, benchId) => listTrips(db, benchId))).map(
    ({ tripId, name, waterName, fromS, toS, strikes, isClosed }) => ({
      trip: tripId,
      name: quotedCell(name),
      water: quotedCell(waterName),
      from: new Date(fromS * 1000).toISOString(),
      to: new Date(toS * 1000).toISOString(),
      strikes,
      closed: isClosed ? 'yes' : 'no',
    }),
  );

async function strikeRows(onlyLanded: boolean) {
  const trips = await routeQuery('log', (db, benchId) => listTrips(db, benchId));
  const rows: Record<string, unknown>[] = [];
  for (const { tripId } of trips) {
    const day = await getLogDay(tripId);
    if (day) rows.push(...strikeRowsOf(day).filter(({ outcome }) => !onlyLanded || outcome === 'landed'));
  }
  return rows;
}

/** SI units throughout, each in its heading. */
function strikeRowsOf(day: LogDay) {
  return day.strikes.map(({ id, atS, line, lure, lineM, cableM, angler, then, told, flurry }) => ({
    trip: day.tripId,
    id,
    time: new Date(atS * 1000).toISOString(),
    line: quotedCell(line),
    lure: quotedCell(lure),
    angler: quotedCell(angler ?? ''),
    line_out_m: lineM ?? '',
    cable_m: cableM ?? '',
    lure_depth_m: then?.lureM?.toFixed(2) ?? '',
    lat_deg: then?.latDeg?.toFixed(6) ?? '',
    lon_deg: then?.lonDeg?.toFixed(6) ?? '',
    ground_mps: then?.sogMps?.toFixed(3) ?? '',
    course_rad: then?.cogRad?.toFixed(3) ?? '',
    water_mps: then?.waterMps?.toFixed(3) ?? '',
    probe_mps: then?.probeMps?.toFixed(3) ?? '',
    probe_c: then?.probeC?.toFixed(2) ?? '',
    probe_m: then?.probeM?.toFixed(2) ?? '',
    surface_c: then?.surfaceC?.toFixed(2) ?? '',
    bottom_m: then?.bottomM?.toFixed(1) ?? '',
    outcome: told?.outcome ?? '',
    held_by: told?.heldBy ?? '',
    species: quotedCell(told?.species ?? ''),
    length_m: told?.lengthM ?? '',
    mass_kg: told?.massKg ?? '',
    kept: told?.isKept === null || told === null ? '' : told.isKept ? 'yes' : 'no',
    flurry: flurry + 1,
    note: quotedCell(told?.note ?? ''),
  }));
}

async function wholeTrip(tripId: TripId) {
  return routeQuery('log', async (db, benchId) => {
    const { rows } = await listTripEvents(db, benchId, tripId);
    const { blocks } = await blocksIn(db, benchId, spanOf(tripOf(rows), rows));
    return {
      version: 1,
      trip: tripId,
      events: rows,
      readings: blocks.map(({ startS, values }) => ({ startS, values: rounded(values) })),
    };
  });
}

const rounded = (values: BlockValues) =>
  Object.fromEntries(
    Object.entries(values).map(([channel, own]) => [
      channel,
      own.map((value) => (value === null ? null : roundedTo(channel as ChannelName, value))),
    ]),
  );
