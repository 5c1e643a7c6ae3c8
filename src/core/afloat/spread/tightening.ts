import { wetPieces, type Piece } from './distance';
import type { Side, SpreadLine } from './lines';
import { arcsIn, endsOf, onArc, type Arc, type Turned, type Turning } from './place';

/** Radii that are looked at [m], and the step between them [share]: what lasts over half a per cent is seen. */
const WIDEST_M = 1000;
const TIGHTEST_M = 5;
const STEP = 0.004;
const AT_A_TIME = 160;
const MOST_STEPS = Math.ceil(Math.log(WIDEST_M / TIGHTEST_M) / Math.log(1 + STEP)) + 2;

export interface Turns {
  readonly lines: readonly SpreadLine[];
  readonly parents: readonly (number | null)[];
  readonly speedMps: number | undefined;
  readonly side: Side;
}

/** One radius that is looked at. */
export interface Step {
  readonly radiusM: number;
  /** start and end of each line as seen from above, four numbers a line [m] */
  readonly ends: Float64Array;
  /** a line as it lies in the water there, worked out when it is first asked for */
  readonly wet: (line: number) => readonly Piece[];
}

/** A pair that is looked at again once its lines together have moved so far since `from`; not before the step `next`. */
export interface Look {
  readonly a: number;
  readonly b: number;
  from: number;
  byM: number;
  next: number;
}

/** Turns from the widest on, a hundred or two at a time: most spreads are too near long before the tightest. */
export class Tightening {
  /** the last is the one at which a line goes slack, where one does */
  readonly steps: Step[] = [];
  /** the first line that goes slack; −1: none does so far */
  slack = -1;
  isOver = false;
  /** how far each line has moved since the widest turn, added up step by step [m] */
  readonly #moved: readonly Float64Array[];
  readonly #rises: readonly Rise[];
  readonly #speedMps: Float64Array;
  /** how far the points of a line have risen or sunk since the step before, with those that it goes on from [m] */
  readonly #risenM: Float64Array;
  #radiusM = WIDEST_M;

  constructor(private readonly input: Turns) {
    const { lines } = input;
    this.#rises = risesOf(input);
    this.#moved = lines.map(() => new Float64Array(MOST_STEPS));
    this.#speedMps = new Float64Array(lines.length);
    this.#risenM = new Float64Array(lines.length);
  }

  goOn(): void {
    for (let i = 0; i < AT_A_TIME && !this.isOver; i += 1) this.#step();
  }

  #step(): void {
    const { lines, parents } = this.input;
    const k = this.steps.length;
    const turning = turningAt(this.input, Math.max(TIGHTEST_M, this.#radiusM));
    this.#radiusM /= 1 + STEP;
    const arcs = arcsIn(turning);
    const step: Step = {
      radiusM: turning.turn.radiusM,
      ends: new Float64Array(4 * lines.length),
      wet: wetOnce(turning, arcs),
    };
    this.slack = arcs.indexOf(null);
    this.isOver = this.slack >= 0 || step.radiusM <= TIGHTEST_M;
    const before = this.steps[k - 1];
    this.steps.push(step);
    if (this.slack >= 0) return;
    for (let i = 0; i < lines.length; i += 1) {
      const arc = arcs[i]!;
      endsInto(arc, turning.turn, step.ends, 4 * i);
      const now = ((this.input.speedMps ?? 0) * arc.toRadiusM) / step.radiusM;
      if (before) {
        const { perMps, cut } = this.#rises[i]!;
        const parent = parents[i]!;
        this.#risenM[i] = perMps * Math.abs(now - this.#speedMps[i]!) + (parent === null ? 0 : this.#risenM[parent]!);
        this.#moved[i]![k] = this.#moved[i]![k - 1]! + endsMovedM(before, step, i) + cut * this.#risenM[i]!;
      }
      this.#speedMps[i] = now;
    }
  }

  /** The next step at which a pair may have come nearer by so much, by halving; past the end where it cannot so far. */
  nextToLookAt(look: Look): number {
    const [a, b] = [this.#moved[look.a]!, this.#moved[look.b]!];
    const until = a[look.from]! + b[look.from]! + look.byM;
    let [lo, hi] = [look.next, this.steps.length];
    while (lo < hi) {
      const middle = Math.floor((lo + hi) / 2);
      if (a[middle]! + b[middle]! >= until) hi = middle;
      else lo = middle + 1;
    }
    look.next = lo;
    return lo;
  }
}

function endsInto(arc: Arc, turn: Turning['turn'], ends: Float64Array, at: number): void {
  const [[x0, y0], [x1, y1]] = endsOf(arc, turn);
  ends[at] = x0;
  ends[at + 1] = y0;
  ends[at + 2] = x1;
  ends[at + 3] = y1;
}

/** Each line of a turn is placed once; those that go on from others find them placed. */
function wetOnce(turning: Turning, arcs: ReturnType<typeof arcsIn>): Step['wet'] {
  const placed: (Turned | undefined)[] = [];
  const wet: (readonly Piece[] | undefined)[] = [];
  const place = (i: number): Turned => (placed[i] ??= onArc(turning, arcs, i, place)!);
  return (i) => (wet[i] ??= wetPieces(place(i)));
}

export const turningAt = ({ lines, parents, speedMps, side }: Turns, radiusM: number): Turning => ({
  lines,
  parents,
  speedMps,
  turn: { radiusM, side },
});

/** How much a line's points rise and sink with its speed. */
interface Rise {
  /** of its points, at the most, beyond that of the line that it goes on from [m for each m/s] */
  readonly perMps: number;
  /** so many times as far the place moves where it passes the surface: a flat line is cut far from where it was */
  readonly cut: number;
}

/** A line flatter than this at the surface is taken for as steep [sine of its angle]. */
const FLATTEST = 0.02;

function risesOf({ lines }: Turns): readonly Rise[] {
  return lines.map(({ depthsAt, profileM, tipM }) => {
    if (!depthsAt) return { perMps: 0, cut: 1 };
    let perMps = 0;
    for (let k = 1; k < depthsAt.length; k += 1) {
      const [a, b] = [depthsAt[k - 1]!, depthsAt[k]!];
      const start = tipM ? 0 : b.zM[0]! - a.zM[0]!;
      for (const [i, z] of b.zM.entries())
        perMps = Math.max(perMps, Math.abs(z - a.zM[i]! - start) / (b.speedMps - a.speedMps));
    }
    let flattest = 1;
    for (const { zM } of depthsAt)
      for (let i = 1; i < zM.length; i += 1)
        if (zM[i - 1]! <= 0 !== zM[i]! <= 0) {
          const fall = Math.abs(zM[i]! - zM[i - 1]!);
          flattest = Math.min(flattest, fall / Math.hypot(fall, profileM[i]![0] - profileM[i - 1]![0]));
        }
    return { perMps, cut: 1 / Math.max(FLATTEST, flattest) };
  });
}

/** A line of fixed depths is straight in plan: none of its points moves farther than its ends [m]. */
function endsMovedM({ ends: a }: Step, { ends: b }: Step, i: number): number {
  const at = 4 * i;
  return Math.max(
    Math.hypot(a[at]! - b[at]!, a[at + 1]! - b[at + 1]!),
    Math.hypot(a[at + 2]! - b[at + 2]!, a[at + 3]! - b[at + 3]!),
  );
}
