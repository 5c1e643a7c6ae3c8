import { describe, expect, it } from 'vitest';
import { demoTrips } from '@/db/demo';
import { tripIdSchema } from '@/domain/ids';
import { tripEventSchema } from '@/domain/log/trip-event';
import { geoJsonOf, gpxOf } from '@/domain/log/trip-file';
import { readTripFile } from './read-trip-file';

const into = tripIdSchema.parse('trip-of-today');
const [demo] = demoTrips();
const read = (name: string, text: string, trip: typeof into | null = into) => {
  const outcome = readTripFile(name, text, trip);
  if ('problems' in outcome) throw new Error(JSON.stringify(outcome.problems));
  // Whatever a file brings can be opened again.
  for (const event of outcome.events) expect(tripEventSchema.safeParse(event).error?.issues ?? []).toEqual([]);
  return outcome;
};
const problemOf = (name: string, text: string, trip: typeof into | null = into) => {
  const outcome = readTripFile(name, text, trip);
  if (!('problems' in outcome)) throw new Error(JSON.stringify(outcome.lines));
  return outcome.problems[0]!;
};
const pointsOf = ({ events }: ReturnType<typeof read>) =>
  events.flatMap((event) => (event.kind === 'track' ? event.points : []));
const wrong = ({ lines }: ReturnType<typeof read>) => lines.filter(({ problem }) => problem !== null);

const points = [
  [1_780_000_000, 46.51, 8.01],
  [1_780_000_060, 46.52, 8.02],
  [1_780_000_120, 46.53, 8.03],
] as const;

describe('a track', () => {
  it.each([
    [
      'evening.gpx',
      gpxOf('Evening <&> lake', points, [{ tS: points[0][0], latDeg: 46.5, lonDeg: 8, name: 'Strike "1"' }]),
    ],
    ['evening.geojson', geoJsonOf('Evening', points, [])],
  ])('%s comes in as it went out', (name, text) => {
    expect(pointsOf(read(name, text))).toEqual(points);
    expect(wrong(read(name, text))).toEqual([]);
  });

  it('makes a trip of its own where it is taken into none, the same one each time', () => {
    const text = gpxOf('x', points, []);
    const [once, twice] = [read('Evening.gpx', text, null), read('Evening.gpx', text, null)];
    expect(once.events.map(({ kind }) => kind)).toEqual(['opened', 'closed', 'track']);
    expect(once.events[0]).toMatchObject({ name: 'Evening', atS: points[0][0] });
    expect(once).toEqual(twice);
    expect(read('Evening.gpx', text).events.map(({ kind }) => kind)).toEqual(['track']);
  });

  it('is put in order of time, and cut into entries of so many points', () => {
    expect(pointsOf(read('x.geojson', geoJsonOf('x', points.toReversed(), [])))).toEqual(points);
    const long = Array.from({ length: 5000 }, (_, i) => [1_780_000_000 + i, 46, 8] as const);
    const taken = read('x.gpx', gpxOf('x', long, []));
    expect(pointsOf(taken)).toEqual(long);
    expect(new Set(taken.events.map(({ id }) => id)).size).toBe(taken.events.length);
  });

  it('of a phone that lost its place for a while comes in pieces', () => {
    const coordinates = [
      [[8.01, 46.51]],
      [
        [8.02, 46.52],
        [8.03, 46.53],
      ],
    ];
    const coordTimes = [[at(0)], [at(1), at(2)]];
    const text = JSON.stringify({
      features: [{ type: 'Feature', properties: { coordTimes }, geometry: { type: 'MultiLineString', coordinates } }],
    });
    expect(pointsOf(read('x.geojson', text))).toEqual(points);
  });

  const at = (i: number) => new Date(points[i]![0] * 1000).toISOString();
  const gpx = (...attributes: readonly string[]) =>
    `<gpx><trk><trkseg>${attributes.map((each, i) => `<trkpt ${each}><time>${at(i)}</time></trkpt>`).join('')}</trkseg></trk></gpx>`;

  it.each([
    ['no latitude', 'lon="8"'],
    ['an empty one', 'lat="" lon="8"'],
    ['a word', 'lat="north" lon="8"'],
    ['beyond the pole', 'lat="91" lon="8"'],
    ['round the world', 'lat="46" lon="181"'],
  ])('names a point with %s, and takes the others', (_, attributes) => {
    const taken = read('x.gpx', gpx('lat="46.51" lon="8.01"', attributes));
    expect(pointsOf(taken)).toEqual([points[0]]);
    expect(wrong(taken)).toMatchObject([{ line: 2, what: 'track', problem: { path: 'point[1]' } }]);
  });

  it.each(['1960-01-01T00:00:00Z', 'yesterday', ''])('names a point whose time is “%s”', (time) => {
    const text = `<gpx><trk><trkseg><trkpt lat="46" lon="8"><time>${time}</time></trkpt><trkpt lat="46.51" lon="8.01"><time>${at(0)}</time></trkpt></trkseg></trk></gpx>`;
    const taken = read('x.gpx', text);
    expect(pointsOf(taken)).toEqual([points[0]]);
    expect(wrong(taken)).toMatchObject([{ line: 1, problem: { path: 'point[0].time' } }]);
  });

  it('is none without a single time, and says so at its first point', () => {
    const text = JSON.stringify({
      features: [{ geometry: { type: 'LineString', coordinates: [[8, 46]] }, properties: null }],
    });
    expect(problemOf('x.geojson', text).path).toBe('point[0].time');
    for (const empty of [
      '{"features":[]}',
      '{}',
      '{"features":[{"geometry":null}]}',
      '{"features":[{"geometry":{"type":"Point","coordinates":[8,46]}}]}',
    ])
      expect(problemOf('x.geojson', empty)).toMatchObject({ path: '$', allowed: { rule: 'a track with times' } });
  });

  it('expands nothing that a file asks for', () => {
    const bomb =
      '<!DOCTYPE gpx [<!ENTITY a "aaaaaaaaaa">]><gpx><trk><trkseg><trkpt lat="&a;" lon="8"/></trkseg></trk></gpx>';
    expect(readTripFile('x.gpx', bomb, into)).toHaveProperty('problems');
  });
});

describe('a table of strikes', () => {
  const table = (...rows: readonly string[]) =>
    ['time,line,angler,outcome,held_by,species,length_m,mass_kg,kept,note', ...rows].join('\n');
  const strikes = (text: string) => read('strikes.csv', text);

  it('brings a strike and what is told of it', () => {
    const { events } = strikes(table('2026-06-14T07:00:00Z,a,Mia,landed,tail,char,0.41,0.62,yes,"at the drop, deep"'));
    expect(events).toMatchObject([
      { kind: 'strike', line: 'a', angler: 'Mia' },
      {
        kind: 'told',
        outcome: 'landed',
        heldBy: 'tail',
        species: 'char',
        lengthM: 0.41,
        massKg: 0.62,
        isKept: true,
        note: 'at the drop, deep',
      },
    ]);
    expect(events[1]).toMatchObject({ of: events[0]!.id });
  });

  it('brings the strike alone where nothing is told, and the same again as the same', () => {
    const text = table('2026-06-14T07:00:00Z,a,,,,,,,,', '2026-06-14T07:05:00Z,b,,,,,,,,');
    expect(strikes(text).events.map(({ kind }) => kind)).toEqual(['strike', 'strike']);
    expect(strikes(text)).toEqual(strikes(`\uFEFF${text.replaceAll('\n', '\r\n')}\r\n\r\n`));
  });

  it.each([
    ['a time that is none', 'at dusk,a,,,,,,,,', 'time'],
    ['a time before there were clocks', '1899-06-14T07:00:00Z,a,,,,,,,,', 'time'],
    ['no line', '2026-06-14T07:00:00Z,,,,,,,,,', 'line'],
    ['an outcome that nobody knows', '2026-06-14T07:00:00Z,a,,eaten,,,,,,', 'outcome'],
    ['a length in words', '2026-06-14T07:00:00Z,a,,landed,,char,long,,,', 'lengthM'],
    ['a length with a comma', '2026-06-14T07:00:00Z,a,,landed,,char,"0,41",,,', 'lengthM'],
    ['a fish of no weight', '2026-06-14T07:00:00Z,a,,landed,,char,0.4,0,,', 'massKg'],
  ])('names the line with %s, and takes the others', (_, row, path) => {
    const taken = strikes(table(row, '2026-06-14T08:00:00Z,b,,,,,,,,'));
    expect(taken.events).toMatchObject([{ kind: 'strike', line: 'b' }]);
    expect(wrong(taken)).toMatchObject([{ line: 2, what: 'strike', problem: { path } }]);
  });

  it('takes back the sign before a text that a spreadsheet would run', () => {
    const { events } = strikes(table(`2026-06-14T07:00:00Z,a,'=Mia,landed,,'+char,,,,'@home`));
    expect(events).toMatchObject([{ angler: '=Mia' }, { species: '+char', note: '@home' }]);
  });

  it('belongs to a trip', () => expect(problemOf('strikes.csv', table(), null).path).toBe('trip'));
});

describe('a trip of ours', () => {
  const file = (change: object = {}) =>
    JSON.stringify({ version: 1, trip: demo!.id, events: demo!.events, readings: [], ...change });

  it('brings its entries under its own id, whatever trip is open', () => {
    const taken = read('trip.json', file());
    expect(taken.tripId).toBe(demo!.id);
    expect(taken.events).toEqual(demo!.events);
    expect(wrong(taken)).toEqual([]);
  });

  it('names entries that cannot be read, and takes the others', () => {
    const taken = read('trip.json', file({ events: [demo!.events[0], { kind: 'strike' }, null, demo!.events[1]] }));
    expect(taken.events).toEqual([demo!.events[0], demo!.events[1]]);
    expect(wrong(taken).map(({ line }) => line)).toEqual([2, 3]);
  });

  it('leaves out readings that cannot have been meant', () => {
    const { blocks } = read(
      'trip.json',
      file({ readings: [{ startS: 1_780_000_007, values: { probeC: [7.5, 999, null] } }] }),
    );
    expect(blocks).toMatchObject([{ values: { probeC: [7.5, null, null] } }]);
    expect(blocks[0]!.startS).toBeLessThanOrEqual(1_780_000_007);
  });

  it.each([
    ['no version', { version: undefined }, 'version'],
    ['a version to come', { version: 2 }, 'version'],
    ['no entries', { events: 'none' }, 'events'],
    ['a channel that there is none of', { readings: [{ startS: 0, values: { shoeSize: [1] } }] }, 'readings'],
  ])('is refused with %s', (_, change, path) => expect(problemOf('trip.json', file(change)).path).toMatch(path));
});

it.each([
  ['trip.json', 'not json', 'JSON'],
  ['trip.gpx', 'not xml', 'GPX'],
  ['trip.geojson', '[', 'GEOJSON'],
])('%s that is none is told by its format', (name, text, format) =>
  expect(problemOf(name, text)).toMatchObject({ path: '$', allowed: { kind: 'format', format } }),
);
it('a file of another kind is told which there are', () =>
  expect(problemOf('trip.xlsx', '')).toMatchObject({ path: 'name', allowed: { kind: 'one-of' } }));
