import { rates, type Rates } from '@/core/afloat';
import { COUNTS, type TripCells } from './cells';
import { HELD_BY } from './event-choices';
import { isBand, WORD_DIMENSIONS, type Counted, type Dimension, type WordDimension } from './dimensions';

/** A value of a dimension: a word, or the number of a band; −1: nobody knows. */
export type Level = string | number;

export interface Question {
  readonly by: Dimension;
  readonly counted: Counted;
  /** only hours in which each of these holds: one of the levels that are given */
  readonly only: readonly { readonly dimension: Dimension; readonly levels: readonly Level[] }[];
  /** hours before weed was found count too */
  readonly withDoubtful: boolean;
}

export interface AnswerRow {
  readonly level: Level;
  readonly hours: number;
  readonly events: number;
  readonly ratePerH: number;
  readonly interval: readonly [number, number];
  readonly probabilityBest: number | null;
}

export interface Answer {
  readonly outcome: Rates['outcome'] | 'never-fished';
  readonly overallPerH: number;
  readonly hours: number;
  readonly events: number;
  readonly rows: readonly AnswerRow[];
  /** what the smallest of more than sixty were pooled to; null: there were no more */
  readonly other: AnswerRow | null;
  /** hours and events of which the level is not known */
  readonly unknown: { readonly hours: number; readonly events: number };
  /** events on lines of which no fishing is known then */
  readonly apart: number;
}

const MOST_CELLS = 60;
const isWord = (name: Dimension): name is WordDimension => (WORD_DIMENSIONS as readonly string[]).includes(name);

/**
 * Events an hour of one line by one thing, over all trips, of the hours that are asked for: each drawn toward what all have in
 * common as far as they agree, with its interval and the chance that it is the best.
 */
export function askOf(trips: readonly TripCells[], question: Question): Answer {
  const sums = new Map<Level, { seconds: number; events: number }>();
  let unknown = { seconds: 0, events: 0 };
  for (const trip of trips)
    addTrip(trip, question, sums, (seconds, events) => {
      unknown = { seconds: unknown.seconds + seconds, events: unknown.events + events };
    });
  const found = [...sums]
    .filter(([, { seconds }]) => seconds > 0)
    .map(([level, { seconds, events }]) => ({ level, hours: seconds / 3600, events }))
    .sort((a, b) => b.hours - a.hours || String(a.level).localeCompare(String(b.level)));
  const own = found.length > MOST_CELLS ? found.slice(0, MOST_CELLS - 1) : found;
  const rest = found.slice(own.length);
  const cells = [
    ...own.map(({ events, hours }, i) => ({ name: String(i), events, exposureH: hours })),
    ...(rest.length > 0
      ? [
          {
            name: 'other',
            events: rest.reduce((sum, { events }) => sum + events, 0),
            exposureH: rest.reduce((sum, { hours }) => sum + hours, 0),
          },
        ]
      : []),
  ];
  const known = {
    hours: found.reduce((sum, { hours }) => sum + hours, 0),
    events: found.reduce((sum, { events }) => sum + events, 0),
    unknown: { hours: unknown.seconds / 3600, events: unknown.events },
    apart: trips.reduce((sum, { apart }) => sum + apart, 0),
  };
  if (cells.length === 0) return { outcome: 'never-fished', overallPerH: 0, rows: [], other: null, ...known };
  const answer = rates(cells);
  const rows = answer.cells.map((cell, i): AnswerRow => {
    const { events, exposureH } = cells[i]!;
    const { ratePerH, fullInterval: interval } = cell;
    const probabilityBest = cells.length > 1 ? cell.probabilityBest : null;
    return { level: own[i]?.level ?? 'other', hours: exposureH, events, ratePerH, interval, probabilityBest };
  });
  return {
    outcome: answer.outcome,
    overallPerH: answer.overallPerH,
    rows: rows.slice(0, own.length),
    other: rows[own.length] ?? null,
    ...known,
  };
}

function addTrip(
  trip: TripCells,
  { by, counted, only, withDoubtful }: Question,
  sums: Map<Level, { seconds: number; events: number }>,
  addUnknown: (seconds: number, events: number) => void,
): void {
  const tests = only.map(({ dimension, levels }) => testOf(trip, dimension, levels));
  const events = trip.counts[counted];
  const levelAt = by === 'hook' ? null : levelsOf(trip, by);
  for (let row = 0; row < trip.rows; row += 1) {
    if (!withDoubtful && trip.doubtful[row] === 1) continue;
    if (tests.some((test) => !test(row))) continue;
    const seconds = trip.seconds[row]!;
    if (levelAt === null) {
      for (const hook of HELD_BY) add(sums, hook, seconds, trip.counts[hook][row]!);
      continue;
    }
    const level = levelAt(row);
    if (level === -1) addUnknown(seconds, events[row]!);
    else add(sums, level, seconds, events[row]!);
  }
}

function add(sums: Map<Level, { seconds: number; events: number }>, level: Level, seconds: number, events: number) {
  const sum = sums.get(level);
  if (sum) {
    sum.seconds += seconds;
    sum.events += events;
  } else sums.set(level, { seconds, events });
}

function levelsOf({ words, bands }: TripCells, dimension: Exclude<Dimension, 'hook'>): (row: number) => Level {
  if (isWord(dimension)) {
    const { list, at } = words[dimension];
    return (row) => list[at[row]!] || -1;
  }
  const band = bands[dimension];
  return (row) => band[row]!;
}

function testOf(trip: TripCells, dimension: Dimension, levels: readonly Level[]): (row: number) => boolean {
  if (dimension === 'hook') {
    const hooks = HELD_BY.filter((hook) => levels.includes(hook));
    return (row) => hooks.some((hook) => trip.counts[hook][row]! > 0);
  }
  const wanted = new Set(levels);
  const levelAt = levelsOf(trip, dimension);
  return (row) => wanted.has(levelAt(row));
}

/** Every level of a dimension that some trip knows, for whoever wants to filter by it. */
export function levelsIn(trips: readonly TripCells[], dimension: Dimension): readonly Level[] {
  if (dimension === 'hook') return HELD_BY;
  const found = new Set<Level>();
  for (const trip of trips)
    if (isWord(dimension)) for (const word of trip.words[dimension].list) found.add(word || -1);
    else for (const band of trip.bands[dimension]) found.add(band);
  found.delete(-1);
  return [...found].sort((a, b) =>
    typeof a === 'number' && typeof b === 'number' ? a - b : String(a).localeCompare(String(b)),
  );
}

/** Whether something can be asked at all. */
export const isDimension = (name: string): name is Dimension =>
  name === 'hook' || isWord(name as Dimension) || isBand(name as Dimension);

export const isCounted = (name: string): name is Counted => (COUNTS.slice(0, 4) as readonly string[]).includes(name);
