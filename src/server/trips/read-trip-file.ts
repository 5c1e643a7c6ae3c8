import { XMLParser } from 'fast-xml-parser';
import Papa from 'papaparse';
import { v5 } from 'uuid';
import { plainCell } from '@/domain/exchange/cell-text';
import { tripIdSchema, type TripId } from '@/domain/ids';
import { blockStart, type BlockValues } from '@/domain/instruments/blocks';
import { HELD_BY, OUTCOMES } from '@/domain/log/event-choices';
import { NOTHING_KNOWN } from '@/domain/log/told';
import type { TripEvent } from '@/domain/log/trip-event';
import {
  possibleReadings,
  trackEntries,
  tripFileEvent,
  tripFileSchema,
  type TripFileTaken,
} from '@/domain/log/trip-file';
import { parse, type Problem } from '@/domain/problems';

/** Ids of what has none in a file are made of what it says: the same file taken again brings nothing new. */
const NAMESPACE = '5f0c1b0a-6a3e-4a55-9a57-0a1f7e1f6c11';
const idOf = (...said: readonly unknown[]): string => v5(JSON.stringify(said), NAMESPACE);

const rule = (path: string, text: string, given: unknown = null): Problem => ({
  path,
  given,
  allowed: { kind: 'rule', rule: text },
});

/** What a file brings to a trip; each line of it, or the entry or reading, with what is wrong there. */
interface Read {
  readonly tripId: TripId;
  readonly events: readonly TripEvent[];
  readonly blocks: readonly { readonly startS: number; readonly values: BlockValues }[];
  readonly lines: TripFileTaken['lines'];
}

type Outcome = Read | { readonly problems: readonly Problem[] };

/** A file by what its name ends in: a trip of ours, a track, or a table of strikes into the trip `into`. */
export function readTripFile(name: string, text: string, into: TripId | null): Outcome {
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
  const [latDeg, lonDeg] = [degrees(lat), degrees(lon)];
  if (!(tS >= 0)) return rule(`point[${line}].time`, 'a time from 1970 on, as 2026-06-14T07:00:00Z', time);
  if (!(Math.abs(latDeg) <= 90) || !(Math.abs(lonDeg) <= 180))
    return rule(`point[${line}]`, 'a latitude and a longitude in degrees', `${lat}, ${lon}`);
  return [tS, latDeg, lonDeg];
}

/** A number, or one as text: nothing is no place on the equator. */
const degrees = (said: unknown): number =>
  typeof said === 'number' ? said : typeof said === 'string' && said.trim() !== '' ? Number(said) : NaN;

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
  type Line = readonly (readonly unknown[])[];
  interface Feature {
    readonly geometry?: { readonly type?: string; readonly coordinates?: Line | readonly Line[] } | null;
    readonly properties?: { readonly coordTimes?: readonly unknown[] } | null;
  }
  const { features } = JSON.parse(text) as { readonly features?: readonly Feature[] };
  const pointsOf = (line: Line, times: readonly unknown[] | undefined) =>
    line.map(([lon, lat], i) => ({ time: times?.[i], lat, lon }));
  return (features ?? []).flatMap(({ geometry, properties }) => {
    const { coordinates = [] } = geometry ?? {};
    const times = properties?.coordTimes;
    if (geometry?.type === 'LineString') return pointsOf(coordinates as Line, times);
    // A track with breaks, its times in the same pieces.
    if (geometry?.type === 'MultiLineString')
      return (coordinates as readonly Line[]).flatMap((line, i) => pointsOf(line, times?.[i] as readonly unknown[]));
    return [];
  });
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
  if (!(atS >= 0)) return rule('time', 'a time from 1970 on, as 2026-06-14T07:00:00Z', row['time']);
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
    heldBy: HELD_BY.find((each) => each === row['held_by']) ?? null,
    species: plainCell(row['species'] ?? '') || null,
    lengthM: row['length_m'] ? Number(row['length_m']) : null,
    ...(row['mass_kg'] ? { massKg: Number(row['mass_kg']) } : {}),
    isKept: row['kept'] ? row['kept'] === 'yes' : null,
    note: plainCell(row['note'] ?? ''),
  });
  return told.ok ? [strike.data, told.data] : told.problems[0]!;
}
