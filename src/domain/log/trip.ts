import type { Then, TripEvent, TripEventOf } from './trip-event';
import { TripLines, type Gear, type LineNow, type Spell, type Stretch } from './trip-lines';

export type { Gear, LineNow, LineState, Spell, Stretch } from './trip-lines';

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

/**
 * A trip as its events tell it, in the order in which they happened, however they arrived: retimed where they were, without those
 * that were undone. The same events give the same trip on every phone.
 */
export function tripOf(events: readonly TripEvent[]): Trip {
  const lines = new TripLines();
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

  const fits = (event: TripEvent, fitted: boolean): void => {
    if (!fitted) unfitting.push(event);
  };

  for (const event of inOrder(events)) {
    const { atS } = event;
    switch (event.kind) {
      case 'in':
        lines.letIn(event);
        break;
      case 'out':
        for (const name of event.lines) fits(event, lines.takeOut(name, atS));
        break;
      case 'back':
        for (const name of event.lines) fits(event, lines.putBack(name, atS));
        break;
      case 'strike': {
        const before = lines.isFought(event.line)
          ? [...strikes.values()].findLast((strike) => strike.line === event.line)
          : undefined;
        strikes.set(event.id, {
          id: event.id,
          line: event.line,
          atS,
          touchedS: event.touchedS,
          angler: event.angler,
          gear: lines.gearOf(event.line),
          told: null,
          then: event.then ?? null,
          photoIds: [],
          twinOf: before && atS - before.atS <= ONE_FISH_S ? before.id : null,
          pass: passesS.length,
        });
        fits(event, lines.strike(event.line, atS));
        break;
      }
      case 'still-out': {
        const strike = strikes.get(event.of);
        fits(event, strike !== undefined && lines.neverStopped(strike.line, strike.atS));
        break;
      }
      case 'fouled':
        fits(event, lines.foul(event.line, atS));
        break;
      case 'clean':
        fits(event, lines.clean(event.line, atS));
        break;
      case 'changed': {
        const { what, partId, name } = event;
        const changed = (gear: Gear): Gear => ({ ...gear, changed: { ...gear.changed, [what]: { partId, name } } });
        fits(event, lines.change(event.line, atS, changed));
        break;
      }
      case 'moved':
        fits(
          event,
          lines.change(event.line, atS, (gear) => ({ ...gear, pointId: event.pointId })),
        );
        break;
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
      case 'touched': {
        const gear = lines.gearOf(event.line);
        if (gear) touched.push({ ...event, gear });
        fits(event, gear !== null);
        break;
      }
      case 'tripped':
        fits(event, lines.has(event.line));
        break;
      case 'opened':
        opened ??= event;
        if (crew.length === 0) crew = event.crew;
        break;
      case 'crew':
        crew = event.crew;
        break;
      case 'pass':
        // Two people may say so in one second.
        if (passesS.at(-1) !== atS) passesS.push(atS);
        break;
      case 'cast':
        casts.push({ line: event.line, atS, count: event.count, gear: lines.gearOf(event.line) });
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
        lines.takeOutAll(atS);
        break;
      case 'retimed':
      case 'undone':
        break;
      default:
        event satisfies never;
    }
  }
  return {
    opened,
    closedS,
    lines: lines.now(),
    stretches: lines.stretches(),
    strikes: withFlurries([...strikes.values()]),
    spells: lines.spells(),
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
