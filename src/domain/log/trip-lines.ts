import type { PartId } from '../ids';
import type { TripEventOf } from './trip-event';

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

interface Line {
  readonly name: string;
  state: LineState;
  sinceS: number;
  gear: Gear;
  /** since when the stretch that goes on does; null: it does not fish */
  fishesFromS: number | null;
}

/**
 * The lines of a trip while its events are read in their order: what is on each, what it does, and the stretches in which it
 * fished. What happens to a line that was never let in is refused: those say false.
 */
export class TripLines {
  readonly #lines = new Map<string, Line>();
  readonly #stretches: Stretch[] = [];
  readonly #states: { line: string; state: LineState; fromS: number }[] = [];

  has(name: string): boolean {
    return this.#lines.has(name);
  }

  gearOf(name: string): Gear | null {
    return this.#lines.get(name)?.gear ?? null;
  }

  isFought(name: string): boolean {
    return this.#lines.get(name)?.state === 'fought';
  }

  letIn({ id: _, kind: __, atS, line: name, ...gear }: TripEventOf<'in'>): void {
    const before = this.#lines.get(name);
    if (before) this.#end(before, atS);
    const line: Line = { name, state: 'out', sinceS: atS, gear: { ...gear, changed: {} }, fishesFromS: null };
    this.#lines.set(name, line);
    this.#fish(line, atS);
  }

  takeOut(name: string, atS: number): boolean {
    return this.#with(name, (line) => {
      this.#end(line, atS);
      this.#set(line, 'out', atS);
    });
  }

  putBack(name: string, atS: number): boolean {
    return this.#with(name, (line) => {
      if (line.state !== 'fishing') this.#fish(line, atS);
    });
  }

  strike(name: string, atS: number): boolean {
    return this.#with(name, (line) => {
      if (line.state !== 'fishing') return;
      this.#end(line, atS);
      this.#set(line, 'fought', atS);
    });
  }

  /** A strike that was missed: the line goes on as if it had never stopped. */
  neverStopped(name: string, struckS: number): boolean {
    return this.#with(name, (line) => {
      if (line.state !== 'fought' || line.sinceS > struckS) return;
      const at = this.#stretches.findLastIndex((stretch) => stretch.line === name);
      const last = this.#stretches[at];
      // It may have been struck in the very second in which it went in.
      const goesOn = last?.toS === line.sinceS;
      if (goesOn) this.#stretches.splice(at, 1);
      line.fishesFromS = goesOn ? last.fromS : line.sinceS;
      [line.state, line.sinceS] = ['fishing', line.fishesFromS];
      this.#states.splice(
        this.#states.findLastIndex((each) => each.line === name),
        1,
      );
    });
  }

  foul(name: string, atS: number): boolean {
    return this.#with(name, (line) => {
      this.#end(line, atS, true);
      this.#set(line, 'fouled', atS);
    });
  }

  clean(name: string, atS: number): boolean {
    return this.#with(name, (line) => {
      if (line.state === 'fouled') this.#fish(line, atS);
      else if (line.state === 'fishing') {
        // Clean until here: what is found later casts no doubt on it.
        this.#end(line, atS);
        line.fishesFromS = atS;
      }
    });
  }

  change(name: string, atS: number, changed: (gear: Gear) => Gear): boolean {
    return this.#with(name, (line) => {
      const isFishing = line.fishesFromS !== null;
      this.#end(line, atS);
      line.gear = changed(line.gear);
      if (isFishing) line.fishesFromS = atS;
    });
  }

  takeOutAll(atS: number): void {
    for (const line of this.#lines.values()) {
      this.#end(line, atS);
      if (line.state !== 'out') this.#set(line, 'out', atS);
    }
  }

  now(): readonly LineNow[] {
    return [...this.#lines].map(([line, { state, sinceS, gear }]) => ({ line, state, sinceS, gear }));
  }

  /** In order of time; those that go on have no end. */
  stretches(): readonly Stretch[] {
    const goOn = [...this.#lines.values()].flatMap(({ name, gear, fishesFromS: fromS }): Stretch[] =>
      fromS === null ? [] : [{ line: name, fromS, toS: null, gear, isDoubtful: false }],
    );
    return [...this.#stretches, ...goOn].sort((a, b) => a.fromS - b.fromS || a.line.localeCompare(b.line));
  }

  spells(): readonly Spell[] {
    return this.#states.flatMap((state, i): Spell[] => {
      const next = this.#states.find((each, k) => k > i && each.line === state.line);
      return next && next.fromS <= state.fromS ? [] : [{ ...state, toS: next?.fromS ?? null }];
    });
  }

  #with(name: string, change: (line: Line) => void): boolean {
    const line = this.#lines.get(name);
    if (line) change(line);
    return line !== undefined;
  }

  #fish(line: Line, atS: number): void {
    line.fishesFromS = atS;
    this.#set(line, 'fishing', atS);
  }

  #set(line: Line, state: LineState, atS: number): void {
    [line.state, line.sinceS] = [state, atS];
    this.#states.push({ line: line.name, state, fromS: atS });
  }

  /** Ends the stretch that goes on, if one does. */
  #end(line: Line, toS: number, isDoubtful = false): void {
    const { name, gear, fishesFromS: fromS } = line;
    if (fromS !== null && toS > fromS) this.#stretches.push({ line: name, fromS, toS, gear, isDoubtful });
    line.fishesFromS = null;
  }
}
