import { z } from 'zod';
import { tripIdSchema } from '../ids';
import { BLOCK_S } from '../instruments/blocks';
import { CHANNEL_NAMES, isPossible, kindOf, type ChannelName } from '../instruments/channels';
import type { Problem } from '../problems';
import { MOST_POINTS } from './event-choices';
import { tripEventSchema, type TripEvent, type TripEventOf } from './trip-event';

const readingsSchema = z.partialRecord(
  z.enum(CHANNEL_NAMES as readonly [ChannelName, ...ChannelName[]]),
  z.array(z.number().nullable()).max(BLOCK_S),
);

/** A trip as a file of its own: its entries, and what instruments read. */
export const tripFileSchema = z.strictObject({
  version: z.literal(1),
  trip: tripIdSchema,
  events: z.array(z.unknown()).max(50_000),
  readings: z
    .array(z.strictObject({ startS: z.number().int().min(0).max(1e11), values: readingsSchema }))
    .max(600)
    .default([]),
});

export type TripFile = Omit<z.infer<typeof tripFileSchema>, 'events'> & { readonly events: readonly TripEvent[] };

export const tripFileEvent = tripEventSchema;

/** What a file would bring, line by line. */
export interface TripFileTaken {
  readonly tripId: string;
  readonly lines: readonly {
    /** the line of the table, or which entry, or which point, from 1 */
    readonly line: number;
    readonly what: 'entry' | 'strike' | 'track' | 'readings';
    readonly problem: Problem | null;
  }[];
}

/** Readings that can have been meant; broken ones are left out. */
export const possibleReadings = (
  values: z.infer<typeof readingsSchema>,
): Partial<Record<ChannelName, readonly (number | null)[]>> =>
  Object.fromEntries(
    Object.entries(values).map(([channel, own]) => [
      channel,
      own.map((value) => (value !== null && isPossible(channel as ChannelName, value) ? value : null)),
    ]),
  );

/** Decimals that a channel is kept with: more would only make a file longer. */
export const roundedTo = (channel: ChannelName, value: number): number =>
  Number((Math.round(value / kindOf(channel).step) * kindOf(channel).step).toFixed(6));

type Points = TripEventOf<'track'>['points'];

/** A track as entries, each with as many points as one takes. */
export function trackEntries(points: Points, idOf: (points: Points) => string): readonly TripEventOf<'track'>[] {
  const entries: TripEventOf<'track'>[] = [];
  for (let at = 0; at < points.length; at += MOST_POINTS) {
    const own = points.slice(at, at + MOST_POINTS);
    entries.push({ kind: 'track', id: idOf(own), atS: own.at(-1)![0], points: own });
  }
  return entries;
}

export interface Waypoint {
  readonly tS: number;
  readonly latDeg: number;
  readonly lonDeg: number;
  readonly name: string;
}

const escaped = (text: string): string =>
  text
    .replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`)
    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f]/g, '');

/** Track and strikes as GPX 1.1. */
export function gpxOf(
  name: string,
  points: readonly (readonly [number, number, number])[],
  strikes: readonly Waypoint[],
): string {
  const at = (tS: number) => new Date(tS * 1000).toISOString();
  const place = (latDeg: number, lonDeg: number) => `lat="${latDeg.toFixed(6)}" lon="${lonDeg.toFixed(6)}"`;
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<gpx version="1.1" creator="Ferula" xmlns="http://www.topografix.com/GPX/1/1">',
    ...strikes.map(
      ({ tS, latDeg, lonDeg, name: what }) =>
        `<wpt ${place(latDeg, lonDeg)}><time>${at(tS)}</time><name>${escaped(what)}</name></wpt>`,
    ),
    `<trk><name>${escaped(name)}</name><trkseg>`,
    ...points.map(([tS, latDeg, lonDeg]) => `<trkpt ${place(latDeg, lonDeg)}><time>${at(tS)}</time></trkpt>`),
    '</trkseg></trk>',
    '</gpx>',
    '',
  ].join('\n');
}

/** Track and strikes as GeoJSON, RFC 7946; the times stand beside the line. */
export function geoJsonOf(
  name: string,
  points: readonly (readonly [number, number, number])[],
  strikes: readonly Waypoint[],
): string {
  const at = (tS: number) => new Date(tS * 1000).toISOString();
  return `${JSON.stringify({
    type: 'FeatureCollection',
    features: [
      {
        type: 'Feature',
        properties: { name, coordTimes: points.map(([tS]) => at(tS)) },
        geometry: { type: 'LineString', coordinates: points.map(([, latDeg, lonDeg]) => [lonDeg, latDeg]) },
      },
      ...strikes.map(({ tS, latDeg, lonDeg, name: what }) => ({
        type: 'Feature',
        properties: { name: what, time: at(tS) },
        geometry: { type: 'Point', coordinates: [lonDeg, latDeg] },
      })),
    ],
  })}\n`;
}
