import { exposure, type BandSeries } from '@/core/afloat';
import { lightAt, moonAt, noonS, sunHeightRad } from '@/core/decide';
import { firstFrom } from '../helm/tracks';
import { dayOfYear } from '../plan/hours';
import { turnBetween } from '../instruments/direction';
import { stepped, type Series } from './block-series';
import {
  BAND_DIMENSIONS,
  BAND_NAMES,
  bandEdges,
  WORD_DIMENSIONS,
  type BandDimension,
  type BandUnits,
  type WordDimension,
} from './dimensions';
import { lineOf, stretchesByTurn, type TurnedStretch } from './stretches-by-turn';
import { TIDES } from './event-choices';
import { depthAtSpeed, speedTrend, thenAt, turnPlace } from './then-at';
import type { Gear, Strike, Trip } from './trip';

/** Means over so many seconds divide the time: an instrument's noise is no change of what was fished [s]. */
const STEP_S = 20;

/** What a line's gear is called, and how deep its lure runs by speed; null where it cannot be worked out. */
export interface GearKnown {
  readonly words: Readonly<Record<Exclude<WordDimension, 'angler' | 'water' | 'craft'>, string>>;
  /** across the boat, to starboard positive; null: held in a hand */
  readonly xM: number | null;
  readonly depthsAt: readonly { readonly speedMps: number; readonly depthM: number }[];
}

export interface CellsOptions {
  readonly untilS: number;
  readonly series: Series;
  readonly gear: (gear: Gear) => GearKnown;
  readonly craftName: string;
  readonly units: BandUnits;
}

/** What happened in a cell. */
export const COUNTS = ['strikes', 'flurries', 'hooked', 'landed', 'front', 'middle', 'tail', 'several'] as const;
export type Count = (typeof COUNTS)[number];

/**
 * The hours of one trip by everything at once, in columns: a row is a cell, a word an index into its list, a band its number, −1
 * not known. Rows of stretches at whose end weed was found are marked, so that a question can leave them out.
 */
export interface TripCells {
  readonly rows: number;
  readonly words: Readonly<Record<WordDimension, { readonly list: readonly string[]; readonly at: readonly number[] }>>;
  readonly bands: Readonly<Record<BandDimension, readonly number[]>>;
  readonly doubtful: readonly number[];
  readonly seconds: readonly number[];
  readonly counts: Readonly<Record<Count, readonly number[]>>;
  /** strikes on lines of which no fishing is known then */
  readonly apart: number;
}

/** A trip's hours and strikes in cells. */
export function cellsOf(trip: Trip, options: CellsOptions): TripCells {
  const stretches = stretchesByTurn(trip, options.untilS);
  const known = stretches.map(({ stretch }) => options.gear(stretch.gear));
  const lines = stretches.map(({ stretch, angler }, i) => ({
    fromS: stretch.fromS,
    toS: Math.min(stretch.toS ?? options.untilS, options.untilS),
    keys: {
      ...known[i]!.words,
      angler,
      water: trip.opened?.waterName ?? '',
      craft: options.craftName,
      doubtful: stretch.isDoubtful ? 'doubtful' : '',
    },
  }));
  const events = trip.strikes.flatMap((strike) => {
    const line = lineOf(strike, stretches, lines);
    return line < 0 || strike.told?.outcome === 'followed'
      ? []
      : countsOf(strike, trip.strikes).map((kind) => ({ tS: strike.atS, line, kind }));
  });
  const counted = new Set(events.map(({ tS, line }) => `${tS} ${line}`));
  const { cells } = exposure({ lines, series: seriesFor(trip, stretches, known, options), events });
  const bandAt = (name: BandDimension) => cells.map(({ bands }) => bands[name] ?? -1);
  return {
    rows: cells.length,
    words: Object.fromEntries(
      WORD_DIMENSIONS.map((name) => {
        const list = [...new Set(cells.map(({ keys }) => keys[name] ?? ''))];
        return [name, { list, at: cells.map(({ keys }) => list.indexOf(keys[name] ?? '')) }];
      }),
    ) as unknown as TripCells['words'],
    bands: Object.fromEntries(BAND_NAMES.map((name) => [name, bandAt(name)])) as unknown as TripCells['bands'],
    doubtful: cells.map(({ keys }) => (keys['doubtful'] === '' ? 0 : 1)),
    seconds: cells.map(({ hours }) => Math.round(hours * 3600)),
    counts: Object.fromEntries(
      COUNTS.map((name) => [name, cells.map(({ events: found }) => found[name] ?? 0)]),
    ) as unknown as TripCells['counts'],
    apart: trip.strikes.filter((strike) => strike.told?.outcome !== 'followed').length - counted.size,
  };
}

function countsOf(strike: Strike, all: readonly Strike[]): readonly Count[] {
  const counts: Count[] = ['strikes'];
  if (all.find(({ flurry }) => flurry === strike.flurry) === strike) counts.push('flurries');
  const { outcome, heldBy } = strike.told ?? {};
  if (outcome === 'hooked' || outcome === 'lost' || outcome === 'landed') counts.push('hooked');
  if (outcome === 'landed') counts.push('landed');
  if (heldBy) counts.push(heldBy);
  return counts;
}

function seriesFor(
  trip: Trip,
  stretches: readonly TurnedStretch[],
  known: readonly GearKnown[],
  { series, untilS, units }: CellsOptions,
): readonly BandSeries[] {
  const startS = Math.min(untilS, ...stretches.map(({ stretch }) => stretch.fromS));
  const band = (
    name: BandDimension,
    tS: readonly number[],
    values: readonly (number | null)[],
    more = {},
  ): BandSeries => ({
    name,
    tS,
    values,
    edges: bandEdges(name, units),
    ...more,
  });
  const of = (channel: Parameters<Series['of']>[0]) => stepped(series.of(channel), STEP_S);
  const channel = (name: BandDimension, from: Parameters<Series['of']>[0]) => {
    const { tS, values } = of(from);
    return band(name, tS, values);
  };
  const boat = series.of('waterMps').tS.length > 0 ? of('waterMps') : of('sogMps');
  const ticks = Array.from(
    { length: Math.max(1, Math.ceil((untilS - startS) / STEP_S)) },
    (_, i) => startS + i * STEP_S,
  );
  const then = ticks.map((atS) => thenAt(series, atS));
  const minutes = ticks.filter((_, i) => i % 3 === 0);
  const place = then.find((each) => typeof each?.latDeg === 'number' && typeof each.lonDeg === 'number') ?? null;
  const relative = (from: 'windFromRad' | 'wavesFromRad') =>
    ticks.map((atS, i) => {
      const fromRad = saidAt(trip, atS, from);
      const course = then[i]?.headingRad ?? then[i]?.cogRad ?? null;
      return fromRad === undefined || course === null ? null : Math.abs(turnBetween(course, fromRad));
    });
  const general: BandSeries[] = [
    series.of('probeMps').tS.length > 0 ? channel('lureSpeed', 'probeMps') : band('lureSpeed', boat.tS, boat.values),
    channel('groundSpeed', 'sogMps'),
    channel('probeTemperature', 'probeC'),
    channel('surfaceTemperature', 'surfaceC'),
    channel('bottom', 'bottomM'),
    band(
      'speedTrend',
      ticks,
      then.map((each) =>
        typeof each?.fasterMps === 'number' ? levelOf('speedTrend', speedTrend(each.fasterMps)) : null,
      ),
    ),
    band(
      'current',
      ticks,
      then.map((each) =>
        typeof each?.sogMps === 'number' && typeof each.probeMps === 'number' ? each.sogMps - each.probeMps : null,
      ),
    ),
    band('wind', ticks, relative('windFromRad')),
    band('waves', ticks, relative('wavesFromRad')),
    band(
      'tide',
      minutes,
      minutes.map((atS) => {
        const tide = saidAt(trip, atS, 'tide');
        return tide === undefined ? null : TIDES.indexOf(tide);
      }),
      HOLDS,
    ),
    band('moon', [startS], [moonLevel(startS)], HOLDS),
    band(
      'light',
      minutes,
      minutes.map((atS) => lightLevel(trip, atS, place)),
      HOLDS,
    ),
    band(
      'hour',
      minutes,
      minutes.map((atS) => hourOf(atS, place?.lonDeg ?? null)),
      HOLDS,
    ),
    band('pass', [startS, ...trip.passesS.filter((atS) => atS > startS)], passLevels(trip, startS), HOLDS),
  ];
  const own = stretches.flatMap(({ stretch }, line): BandSeries[] => {
    const { depthsAt, xM } = known[line]!;
    // From the last reading before it, which still holds when it begins, to one at its end: strikes fall there too.
    const during = (tS: readonly number[]) =>
      [Math.max(0, firstFrom(tS, stretch.fromS) - 1), firstFrom(tS, (stretch.toS ?? untilS) + 1e-6)] as const;
    const [boatAt, tickAt] = [during(boat.tS), during(ticks)];
    return [
      ...(depthsAt.length === 0
        ? []
        : [
            band(
              'depth',
              boat.tS.slice(...boatAt),
              boat.values.slice(...boatAt).map((mps) => depthAtSpeed(depthsAt, mps)),
              { line },
            ),
          ]),
      ...(stretch.gear.lineM === null ? [] : [band('lead', [stretch.fromS], [stretch.gear.lineM], { line, ...HOLDS })]),
      ...(xM === null
        ? []
        : [
            band(
              'turn',
              ticks.slice(...tickAt),
              then
                .slice(...tickAt)
                .map((each) =>
                  typeof each?.turnRadPerS === 'number' ? levelOf('turn', turnPlace(each.turnRadPerS, xM)) : null,
                ),
              { line },
            ),
          ]),
    ];
  });
  return [...general, ...own];
}

/** What is said holds until something else is. */
const HOLDS = { holdS: 1e6 } as const;

function saidAt<K extends 'windFromRad' | 'wavesFromRad' | 'tide' | 'light'>(
  { conditions }: Trip,
  atS: number,
  name: K,
) {
  return conditions.findLast((each) => each.atS <= atS && each[name] !== undefined)?.[name];
}

const levelOf = (name: 'speedTrend' | 'turn', level: string): number =>
  (BAND_DIMENSIONS[name].levels as readonly string[]).indexOf(level);

function moonLevel(atS: number): number {
  const { litShare, waxing } = moonAt(atS * 1000);
  if (litShare < 0.15) return 0;
  return litShare > 0.85 ? 2 : waxing ? 1 : 3;
}

const LIGHT_LEVELS = BAND_DIMENSIONS.light.levels;

type Place = { readonly latDeg: number | null; readonly lonDeg: number | null } | null;

function lightLevel(trip: Trip, atS: number, place: Place): number | null {
  const said = saidAt(trip, atS, 'light');
  if (said !== undefined) return LIGHT_LEVELS.indexOf(said);
  if (typeof place?.latDeg !== 'number' || typeof place.lonDeg !== 'number') return null;
  const day = dayOfYear(new Date(atS * 1000).toISOString().slice(0, 10));
  const noon = noonS((place.lonDeg * Math.PI) / 180, 0, day);
  const height = sunHeightRad(
    { latitudeRad: (place.latDeg * Math.PI) / 180, dayOfYear: day, noonS: noon },
    atS % 86_400,
  );
  return LIGHT_LEVELS.indexOf(lightAt(height, 'bright'));
}

/** The hour by the sun where the boat is; by universal time where nobody knows where it was. */
const hourOf = (atS: number, lonDeg: number | null): number =>
  Math.floor(((((atS + (lonDeg ?? 0) * 240) % 86_400) + 86_400) % 86_400) / 3600);

const passLevels = ({ passesS }: Trip, startS: number): readonly number[] => [
  passesS.filter((atS) => atS <= startS).length,
  ...passesS.filter((atS) => atS > startS).map((_, i) => passesS.filter((atS) => atS <= startS).length + i + 1),
];
