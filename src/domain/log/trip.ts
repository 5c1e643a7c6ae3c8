import type { PartId } from '../ids';
import type { Then, TripEvent, TripEventOf } from './trip-event';

/** What is on a line, and where it stands. */
export type Gear = Omit<TripEventOf<'in'>, 'id' | 'kind' | 'atS' | 'line'> & {
  /** parts that took the place of the setup's, by what they are */
  readonly changed: Partial<
    Record<TripEventOf<'changed'>['what'], { readonly partId: PartId | null; readonly name: string }>
  >;
};

export type LineState = 'fishing' | 'fought' | 'fouled' | 'out';

export interface LineNow {
  readonly line: string;
  readonly state: LineState;
  /** since when it is so [s since 1970] */
  readonly sinceS: number;
  readonly gear: Gear;
}

/** A stretch of time in which a line fished as it was. */
export interface Stretch {
  readonly line: string;
  readonly fromS: number;
  /** null: it still does */
  readonly toS: number | null;
  readonly gear: Gear;
  /** weed was found at its end: nobody knows since when it fished no more */
  readonly isDoubtful: boolean;
}

/** A stretch of time in which a line was in one state. */
export interface Spell {
  readonly line: string;
  readonly state: LineState;
  readonly fromS: number;
  /** null: it still is */
  readonly toS: number | null;
}

export interface Strike {
  readonly id: string;
  readonly line: string;
  readonly atS: number;
  readonly touchedS: number;
  readonly angler: string | null;
  readonly gear: Gear | null;
  readonly told: TripEventOf<'told'> | null;
  /** what was true then, as far as the phone knew it */
  readonly then: Then | null;
  readonly photoIds: readonly string[];
  /** the strike before it that still kept its line out of fishing, so shortly before that two phones may have touched for one fish */
  readonly twinOf: string | null;
  /** which lap over the same places, from 0 */
  readonly pass: number;
  /** strikes of one flurry have its number, from 0 */
  readonly flurry: number;
}

export type TrackPoint = TripEventOf<'track'>['points'][number];

export interface Trip {
  /** null: bare, or what opened it has not come yet */
  readonly opened: TripEventOf<'opened'> | null;
  /** null: it goes on */
  readonly closedS: number | null;
  readonly lines: readonly LineNow[];
  readonly stretches: readonly Stretch[];
  readonly strikes: readonly Strike[];
  readonly spells: readonly Spell[];
  /** who fishes, in the order of their turns */
  readonly crew: readonly string[];
  /** casts that were counted, each time with what was on the line */
  readonly casts: readonly (Pick<TripEventOf<'cast'>, 'line' | 'atS' | 'count'> & { readonly gear: Gear | null })[];
  readonly conditions: readonly TripEventOf<'conditions'>[];
  readonly readings: readonly TripEventOf<'reading'>[];
  readonly seen: readonly TripEventOf<'seen'>[];
  /** where a lure touched bottom */
  readonly touched: readonly (TripEventOf<'touched'> & { readonly gear: Gear })[];
  /** when each pass after the first began [s since 1970] */
  readonly passesS: readonly number[];
  /** where the boat was by phones and files, in order of time */
  readonly track: readonly TrackPoint[];
  /** events that do not fit what was before them: a line that is not in, a strike that is not there */
  readonly unfitting: readonly TripEvent[];
}

/** From a flurry's first strike on, what follows within this belongs to it: a chain of gaps would swallow an evening [s]. */
export const FLURRY_S = 180;

/** Two people who see one rod go touch within a minute of each other [s]. */
const ONE_FISH_S = 60;

interface Line {
  readonly name: string;
  state: LineState;
  sinceS: number;
  gear: Gear;
  /** the stretch that goes on */
  open: { fromS: number } | null;
}

/**
 * A trip as its events tell it, in the order in which they happened, however they arrived: retimed where they were, without those
 * that were undone. The same events give the same trip on every phone.
 */
export function tripOf(events: readonly TripEvent[]): Trip {
  const lines = new Map<string, Line>();
  const stretches: Stretch[] = [];
  const strikes = new Map<string, Omit<Strike, 'flurry'>>();
  const unfitting: TripEvent[] = [];
  let opened: TripEventOf<'opened'> | null = null;
  let closedS: number | null = null;
  let crew: readonly string[] = [];
  const casts: Trip['casts'][number][] = [];
  const conditions: TripEventOf<'conditions'>[] = [];
  const readings: TripEventOf<'reading'>[] = [];
  const seen: TripEventOf<'seen'>[] = [];
  const touched: Trip['touched'][number][] = [];
  const passesS: number[] = [];
  const track: TrackPoint[] = [];

  const close = (name: string, line: Line, toS: number, isDoubtful = false): void => {
    if (line.open && toS > line.open.fromS)
      stretches.push({ line: name, fromS: line.open.fromS, toS, gear: line.gear, isDoubtful });
    line.open = null;
  };
  const states: { line: string; state: LineState; fromS: number }[] = [];
  const set = (line: Line, state: LineState, atS: number): void => {
    [line.state, line.sinceS] = [state, atS];
    states.push({ line: line.name, state, fromS: atS });
  };

  for (const event of inOrder(events)) {
    const { atS } = event;
    switch (event.kind) {
      case 'in': {
        const before = lines.get(event.line);
        if (before) close(event.line, before, atS);
        const { id: _, kind: __, atS: ___, line: ____, ...gear } = event;
        states.push({ line: event.line, state: 'fishing', fromS: atS });
        lines.set(event.line, {
          name: event.line,
          state: 'fishing',
          sinceS: atS,
          gear: { ...gear, changed: {} },
          open: { fromS: atS },
        });
        break;
      }
      case 'out':
      case 'back':
        for (const name of event.lines) {
          const line = lines.get(name);
          if (!line) {
            unfitting.push(event);
            continue;
          }
          if (event.kind === 'out') {
            close(name, line, atS);
            set(line, 'out', atS);
          } else if (line.state !== 'fishing') {
            line.open = { fromS: atS };
            set(line, 'fishing', atS);
          }
        }
        break;
      case 'strike': {
        const line = lines.get(event.line);
        const before =
          line?.state === 'fought' ? [...strikes.values()].findLast((strike) => strike.line === event.line) : undefined;
        strikes.set(event.id, {
          id: event.id,
          line: event.line,
          atS,
          touchedS: event.touchedS,
          angler: event.angler,
          gear: line?.gear ?? null,
          told: null,
          then: event.then ?? null,
          photoIds: [],
          twinOf: before && atS - before.atS <= ONE_FISH_S ? before.id : null,
          pass: passesS.length,
        });
        if (!line) unfitting.push(event);
        else if (line.state === 'fishing') {
          close(event.line, line, atS);
          set(line, 'fought', atS);
        }
        break;
      }
      case 'still-out': {
        const strike = strikes.get(event.of);
        const line = strike && lines.get(strike.line);
        if (!strike || !line) unfitting.push(event);
        else if (line.state === 'fought' && line.sinceS <= strike.atS) {
          reopened(strike.line, line, stretches);
          states.splice(
            states.findLastIndex((each) => each.line === strike.line),
            1,
          );
        }
        break;
      }
      case 'fouled':
      case 'clean': {
        const line = lines.get(event.line);
        if (!line) {
          unfitting.push(event);
          break;
        }
        if (event.kind === 'fouled') {
          close(event.line, line, atS, true);
          set(line, 'fouled', atS);
        } else if (line.state === 'fishing') {
          // Clean until here: what is found later casts no doubt on it.
          close(event.line, line, atS);
          line.open = { fromS: atS };
        } else if (line.state === 'fouled') {
          line.open = { fromS: atS };
          set(line, 'fishing', atS);
        }
        break;
      }
      case 'changed':
      case 'moved': {
        const line = lines.get(event.line);
        if (!line) {
          unfitting.push(event);
          break;
        }
        const isFishing = line.open !== null;
        close(event.line, line, atS);
        line.gear =
          event.kind === 'moved'
            ? { ...line.gear, pointId: event.pointId }
            : {
                ...line.gear,
                changed: { ...line.gear.changed, [event.what]: { partId: event.partId, name: event.name } },
              };
        if (isFishing) line.open = { fromS: atS };
        break;
      }
      case 'told': {
        const strike = strikes.get(event.of);
        if (strike) strikes.set(strike.id, { ...strike, told: event, angler: event.angler ?? strike.angler });
        else unfitting.push(event);
        break;
      }
      case 'photo': {
        const strike = strikes.get(event.of);
        if (strike) strikes.set(strike.id, { ...strike, photoIds: [...strike.photoIds, event.photoId] });
        else unfitting.push(event);
        break;
      }
      case 'touched':
        if (lines.has(event.line)) touched.push({ ...event, gear: lines.get(event.line)!.gear });
        else unfitting.push(event);
        break;
      case 'tripped':
        if (!lines.has(event.line)) unfitting.push(event);
        break;
      case 'opened':
        opened ??= event;
        if (crew.length === 0) crew = event.crew;
        break;
      case 'crew':
        crew = event.crew;
        break;
      case 'pass':
        passesS.push(atS);
        break;
      case 'cast':
        casts.push({ line: event.line, atS, count: event.count, gear: lines.get(event.line)?.gear ?? null });
        break;
      case 'conditions':
        conditions.push(event);
        break;
      case 'reading':
        readings.push(event);
        break;
      case 'seen':
        seen.push(event);
        break;
      case 'track':
        track.push(...event.points);
        break;
      case 'closed':
        closedS = atS;
        for (const [name, line] of lines) {
          close(name, line, atS);
          if (line.state !== 'out') set(line, 'out', atS);
        }
        break;
      case 'retimed':
      case 'undone':
        break;
      default:
        event satisfies never;
    }
  }
  for (const [name, line] of lines)
    if (line.open)
      stretches.push({ line: name, fromS: line.open.fromS, toS: null, gear: line.gear, isDoubtful: false });
  return {
    opened,
    closedS,
    lines: [...lines].map(([line, { state, sinceS, gear }]) => ({ line, state, sinceS, gear })),
    stretches: stretches.sort((a, b) => a.fromS - b.fromS || a.line.localeCompare(b.line)),
    strikes: withFlurries([...strikes.values()]),
    spells: spellsOf(states),
    crew,
    casts,
    conditions,
    readings,
    seen,
    touched,
    passesS,
    track: track.sort(([a], [b]) => a - b),
    unfitting,
  };
}

/** How many casts were counted, of one line or of all. */
export const castsOf = ({ casts }: Pick<Trip, 'casts'>, line?: string): number =>
  casts.reduce((sum, each) => (line === undefined || each.line === line ? sum + each.count : sum), 0);

/** A line whose strike was missed goes on as if it had never stopped. */
function reopened(name: string, line: Line, stretches: Stretch[]): void {
  const at = stretches.findLastIndex((stretch) => stretch.line === name);
  const last = stretches[at];
  // It may have been struck in the very second in which it went in.
  if (last?.toS === line.sinceS) {
    stretches.splice(at, 1);
    line.open = { fromS: last.fromS };
  } else line.open = { fromS: line.sinceS };
  [line.state, line.sinceS] = ['fishing', line.open.fromS];
}

function spellsOf(
  states: readonly { readonly line: string; readonly state: LineState; readonly fromS: number }[],
): readonly Spell[] {
  return states.flatMap((state, i): Spell[] => {
    const next = states.find((each, k) => k > i && each.line === state.line);
    return next && next.fromS <= state.fromS ? [] : [{ ...state, toS: next?.fromS ?? null }];
  });
}

/** Events that count, each at its time; of one second in the order of their ids, so that every phone has the same. */
function inOrder(events: readonly TripEvent[]): readonly TripEvent[] {
  const byId = new Map(events.map((event) => [event.id, event]));
  const undone = new Set<string>();
  const retimed = new Map<string, TripEventOf<'retimed'>>();
  // What undoes, or retimes, may itself be undone: the newest of each decides.
  const all = [...byId.values()].sort((a, b) => b.atS - a.atS || b.id.localeCompare(a.id));
  for (const event of all) {
    if (undone.has(event.id)) continue;
    if (event.kind === 'undone') undone.add(event.of);
    else if (event.kind === 'retimed' && !retimed.has(event.of)) retimed.set(event.of, event);
  }
  return [...byId.values()]
    .filter(({ id }) => !undone.has(id))
    .map((event): TripEvent => {
      const to = retimed.get(event.id);
      if (!to) return event;
      return event.kind === 'strike' ? { ...event, atS: to.toS, then: to.then } : { ...event, atS: to.toS };
    })
    .sort((a, b) => a.atS - b.atS || a.id.localeCompare(b.id));
}

function withFlurries(strikes: readonly Omit<Strike, 'flurry'>[]): readonly Strike[] {
  let first = -Infinity;
  let flurry = -1;
  return [...strikes]
    .sort((a, b) => a.atS - b.atS || a.id.localeCompare(b.id))
    .map((strike) => {
      if (strike.atS - first > FLURRY_S) {
        first = strike.atS;
        flurry += 1;
      }
      return { ...strike, flurry };
    });
}
