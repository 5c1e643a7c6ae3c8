import 'server-only';
import { XMLParser } from 'fast-xml-parser';
import Papa from 'papaparse';
import { v5 } from 'uuid';
import { addTripEvents, blocksIn, keepBlock, listTripEvents, listTrips } from '@/db/repo';
import { transact } from '@/db/transact';
import { plainCell, quotedCell } from '@/domain/exchange/cell-text';
import { tripIdSchema, type TripId } from '@/domain/ids';
import { blockStart, type BlockValues } from '@/domain/instruments/blocks';
import type { ChannelName } from '@/domain/instruments/channels';
import { tripOf } from '@/domain/log/trip';
import { OUTCOMES } from '@/domain/log/event-choices';
import type { TripEvent } from '@/domain/log/trip-event';
import {
  geoJsonOf,
  gpxOf,
  possibleReadings,
  roundedTo,
  trackEntries,
  tripFileEvent,
  tripFileSchema,
  type TripFileTaken,
  type Waypoint,
} from '@/domain/log/trip-file';
import { NOTHING_KNOWN } from '@/domain/log/told';
import { parse, type Problem } from '@/domain/problems';
import { accessTo } from '../access';
import { database } from '../database';
import { refusedInput, textUpTo } from '../json-body';
import { routeQuery } from '../page-query';
import { getLogDay, type LogDay } from '../queries/log-day';
import { csv, download } from '../download';
import { routeResponse } from '../route-response';
import { unpacked } from '@/domain/packed';
import { spanOf } from './kept-cells';

const MOST_BYTES = 40_000_000;
/** Ids of what has none in a file are made of what it says: the same file taken again brings nothing new. */
const NAMESPACE = '5f0c1b0a-6a3e-4a55-9a57-0a1f7e1f6c11';
const idOf = (...said: readonly unknown[]): string => v5(JSON.stringify(said), NAMESPACE);

const rule = (path: string, text: string, given: unknown = null): Problem => ({
  path,
  given,
  allowed: { kind: 'rule', rule: text },
});

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

interface Read {
  readonly tripId: TripId;
  readonly events: readonly TripEvent[];
  readonly blocks: readonly { readonly startS: number; readonly values: BlockValues }[];
  readonly lines: TripFileTaken['lines'];
}

/** Says what a file would bring, line by line; with `confirm` takes it. What is there already stays as it is. */
export const takeTripFile = (request: Request): Promise<Response> =>
  routeResponse(async () => {
    const { benchId, anglerId } = await accessTo('log');
    const asked = new URL(request.url).searchParams;
    const text = await textUpTo(request, MOST_BYTES);
    if (text === null) return refusedInput([rule('$', 'a file of at most 40 MB')]);
    const name = asked.get('name') ?? '';
    const into = tripIdSchema.safeParse(asked.get('trip'));
    const read = readFile(name, text, into.success ? into.data : null);
    if ('problems' in read) return refusedInput(read.problems);
    if (asked.get('confirm') === 'yes') {
      await transact(database(), async (tx) => {
        await addTripEvents(
          tx,
          benchId,
          read.events.map((event) => ({ tripId: read.tripId, event, behindS: 0, authorId: anglerId })),
        );
        for (const { startS, values } of read.blocks) {
          const { blocks } = await blocksIn(tx, benchId, { fromS: startS, toS: startS + 1 });
          // What this bench read itself stands.
          if (blocks.length === 0) await keepBlock(tx, benchId, startS, values);
        }
      });
    }
    return Response.json({ tripId: read.tripId, lines: read.lines } satisfies TripFileTaken);
  });

type Outcome = Read | { readonly problems: readonly Problem[] };

function readFile(name: string, text: string, into: TripId | null): Outcome {
  const kind = /\.(\w+)$/.exec(name)?.[1]?.toLowerCase();
  try {
    switch (kind) {
      case 'json':
        return readJson(text);
      case 'gpx':
        return trackInto(gpxPoints(text), name, into);
      case 'geojson':
        return trackInto(geoJsonPoints(text), name, into);
      case 'csv':
        return readCsv(text, into);
      default:
        return {
          problems: [
            { path: 'name', given: name, allowed: { kind: 'one-of', options: ['.json', '.gpx', '.geojson', '.csv'] } },
          ],
        };
    }
  } catch {
    return { problems: [{ path: '$', given: null, allowed: { kind: 'format', format: (kind ?? '').toUpperCase() } }] };
  }
}

function readJson(text: string): Outcome {
  const file = parse(tripFileSchema, JSON.parse(text));
  if (!file.ok) return { problems: file.problems.slice(0, 20) };
  const events: TripEvent[] = [];
  const lines = file.data.events.map((raw, i): TripFileTaken['lines'][number] => {
    const event = parse(tripFileEvent, raw);
    if (event.ok) events.push(event.data);
    return { line: i + 1, what: 'entry', problem: event.ok ? null : event.problems[0]! };
  });
  const blocks = file.data.readings.map(({ startS, values }) => ({
    startS: blockStart(startS),
    values: possibleReadings(values),
  }));
  return {
    tripId: file.data.trip,
    events,
    blocks,
    lines: [...lines, ...blocks.map((_, i) => ({ line: i + 1, what: 'readings' as const, problem: null }))],
  };
}

type Point = readonly [tS: number, latDeg: number, lonDeg: number];
type RawPoint = { readonly time: unknown; readonly lat: unknown; readonly lon: unknown };

function pointOf({ time, lat, lon }: RawPoint, line: number): Point | Problem {
  const tS = typeof time === 'string' ? Date.parse(time) / 1000 : NaN;
  const [latDeg, lonDeg] = [Number(lat), Number(lon)];
  if (!Number.isFinite(tS)) return rule(`point[${line}].time`, 'a time as 2026-06-14T07:00:00Z', time);
  if (!(Math.abs(latDeg) <= 90) || !(Math.abs(lonDeg) <= 180))
    return rule(`point[${line}]`, 'a latitude and a longitude in degrees', `${lat}, ${lon}`);
  return [tS, latDeg, lonDeg];
}

function gpxPoints(text: string): readonly RawPoint[] {
  const parser = new XMLParser({
    ignoreAttributes: false,
    attributeNamePrefix: '@',
    processEntities: false,
    isArray: (name) => name === 'trk' || name === 'trkseg' || name === 'trkpt',
  });
  interface Gpx {
    readonly gpx?: {
      readonly trk?: readonly {
        readonly trkseg?: readonly { readonly trkpt?: readonly Record<string, unknown>[] }[];
      }[];
    };
  }
  const { gpx } = parser.parse(text) as Gpx;
  if (!gpx) throw new Error('this is no GPX');
  return (gpx.trk ?? []).flatMap(({ trkseg }) =>
    (trkseg ?? []).flatMap(({ trkpt }) =>
      (trkpt ?? []).map((point) => ({ time: point['time'], lat: point['@lat'], lon: point['@lon'] })),
    ),
  );
}

function geoJsonPoints(text: string): readonly RawPoint[] {
  interface Feature {
    readonly geometry?: { readonly type?: string; readonly coordinates?: readonly (readonly unknown[])[] };
    readonly properties?: { readonly coordTimes?: readonly unknown[] } | null;
  }
  const { features } = JSON.parse(text) as { readonly features?: readonly Feature[] };
  return (features ?? [])
    .filter(({ geometry }) => geometry?.type === 'LineString')
    .flatMap(({ geometry, properties }) =>
      (geometry!.coordinates ?? []).map(([lon, lat], i) => ({ time: properties?.coordTimes?.[i], lat, lon })),
    );
}

function trackInto(raw: readonly RawPoint[], name: string, into: TripId | null): Outcome {
  const points: Point[] = [];
  const lines = raw.map((each, i): TripFileTaken['lines'][number] => {
    const point = pointOf(each, i);
    if ('allowed' in point) return { line: i + 1, what: 'track', problem: point };
    points.push(point);
    return { line: i + 1, what: 'track', problem: null };
  });
  if (points.length === 0)
    return { problems: lines.length > 0 ? [lines[0]!.problem!] : [rule('$', 'a track with times')] };
  points.sort(([a], [b]) => a - b);
  const tripId = into ?? tripIdSchema.parse(`trip-${idOf(name, points)}`);
  const opened: TripEvent[] = into
    ? []
    : [
        {
          kind: 'opened',
          id: idOf(tripId, 'opened'),
          atS: points[0]![0],
          name: name.replace(/\.\w+$/, '').slice(0, 120),
          way: 'trolling',
          craftId: null,
          crew: [],
          waterName: '',
        },
        { kind: 'closed', id: idOf(tripId, 'closed'), atS: points.at(-1)![0] },
      ];
  return {
    tripId,
    events: [
      ...opened,
      ...trackEntries(
        points.map((each) => [...each]),
        (own) => idOf(tripId, own),
      ),
    ],
    blocks: [],
    lines,
  };
}

function readCsv(text: string, into: TripId | null): Outcome {
  if (!into) return { problems: [rule('trip', 'the trip that these strikes belong to')] };
  const { data } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const events: TripEvent[] = [];
  const lines = data.map((row, i): TripFileTaken['lines'][number] => {
    const read = strikeOf(row);
    if ('allowed' in read) return { line: i + 2, what: 'strike', problem: read };
    events.push(...read);
    return { line: i + 2, what: 'strike', problem: null };
  });
  return { tripId: into, events, blocks: [], lines };
}

function strikeOf(row: Record<string, string>): readonly TripEvent[] | Problem {
  const atS = Date.parse(row['time'] ?? '') / 1000;
  if (!Number.isFinite(atS)) return rule('time', 'a time as 2026-06-14T07:00:00Z', row['time']);
  const id = row['id'] || idOf(row);
  const strike = parse(tripFileEvent, {
    kind: 'strike',
    id,
    atS,
    line: plainCell(row['line'] ?? ''),
    touchedS: atS,
    angler: plainCell(row['angler'] ?? '') || null,
  });
  if (!strike.ok) return strike.problems[0]!;
  const outcome = OUTCOMES.find((each) => each === row['outcome']);
  if (row['outcome'] && !outcome)
    return { path: 'outcome', given: row['outcome'], allowed: { kind: 'one-of', options: OUTCOMES } };
  if (!outcome) return [strike.data];
  const told = parse(tripFileEvent, {
    kind: 'told',
    id: idOf('told', row),
    atS: atS + 1,
    of: id,
    ...NOTHING_KNOWN,
    outcome,
    species: plainCell(row['species'] ?? '') || null,
    lengthM: row['length_m'] ? Number(row['length_m']) : null,
    isKept: row['kept'] ? row['kept'] === 'yes' : null,
    note: plainCell(row['note'] ?? ''),
  });
  return told.ok ? [strike.data, told.data] : told.problems[0]!;
}
