import { leastDistanceM, pieceDistanceM, wetPieces, type Piece } from './distance';
import type { Point, Side, SpreadLine } from './lines';
import { arcsIn, endsOf, onArc, type Turned, type Turning } from './place';

/** The tightest turn that keeps all clear. */
export type Tightest =
  | { readonly outcome: 'ok'; readonly radiusM: number; readonly because: readonly string[] }
  | { readonly outcome: 'any' }
  | { readonly outcome: 'too-close-straight'; readonly because: readonly string[] };

/** Radii that are looked at [m], and the step between them [share]: what lasts over half a per cent is seen. */
const WIDEST_M = 1000;
const TIGHTEST_M = 5;
const STEP = 0.004;
const BISECTIONS = 12;

export interface TightestInput {
  readonly lines: readonly SpreadLine[];
  readonly parents: readonly (number | null)[];
  readonly speedMps: number | undefined;
  readonly side: Side;
  /** pairs that share no point, the nearest first */
  readonly pairs: readonly (readonly [number, number])[];
  /** distance below which a pair stands too close [m] */
  readonly clearOf: (a: number, b: number) => number;
}

/**
 * The largest radius between 5 and 1000 m at which a pair stands too close or a line goes slack; null where none does.
 *
 * Model: radii in steps of 0.4 per cent. A pair need not be looked at again before its two lines together have moved by
 * what it stands clear, so few of its distances are worked out; what lasts less than a step is not seen. Two ordinary lines
 * may touch at 81 m and stand apart again at 30 m, so the search goes down from the widest turn and never halves the span.
 */
export function tightestTurn(
  input: TightestInput,
): { readonly radiusM: number; readonly because: readonly string[] } | null {
  const { lines, pairs, clearOf } = input;
  const { steps, slack, moved } = stepsOf(input);
  let best: { readonly k: number; readonly because: readonly number[] } | null =
    slack < 0 ? null : { k: steps.length - 1, because: [slack] };
  // The pair that stands nearest now is likely to rule, and the others need not be followed past it.
  for (const [a, b] of pairs) {
    const clear = clearOf(a, b);
    const last: number = best ? best.k - 1 : steps.length - 1;
    for (let k = 0; k <= last;) {
      // Seen from above two lines stand no farther apart than they do: most pairs need no more than that.
      const above = apartFromAboveM(steps[k]!, a, b);
      const distanceM = above > clear ? above : apartAt(input, steps[k]!.radiusM, a, b);
      if (distanceM !== null && distanceM < clear) {
        best = { k, because: [a, b] };
        break;
      }
      k = distanceM === null ? k + 1 : nextToLookAt(moved[a]!, moved[b]!, k, distanceM - clear);
    }
  }
  if (!best) return null;
  const { k, because } = best;
  const [a, b] = because as [number, number?];
  const holds = (radiusM: number): boolean => {
    if (b === undefined) return lineAt(input, radiusM, a) === null;
    const distanceM = apartAt(input, radiusM, a, b);
    return distanceM !== null && distanceM < clearOf(a, b);
  };
  let lo = steps[k]!.radiusM;
  let hi = k === 0 ? lo : steps[k - 1]!.radiusM;
  for (let i = 0; i < BISECTIONS && hi > lo; i += 1) {
    const middle = (lo + hi) / 2;
    if (holds(middle)) lo = middle;
    else hi = middle;
  }
  return { radiusM: lo, because: because.map((i) => lines[i]!.name) };
}

/** One radius that is looked at: start and end of each line as seen from above, four numbers a line [m]. */
interface Step {
  readonly radiusM: number;
  readonly ends: Float64Array;
}

interface Steps {
  /** from the widest turn on; the last is the one at which a line goes slack, where one does */
  readonly steps: readonly Step[];
  /** the first line that goes slack; −1: none does */
  readonly slack: number;
  /** how far each line has moved since the widest turn, added up step by step [m] */
  readonly moved: readonly (readonly number[])[];
}

function stepsOf(input: TightestInput): Steps {
  const { lines } = input;
  const varies = depthVaries(input);
  const steps: Step[] = [];
  const moved: number[][] = lines.map(() => [0]);
  for (let radiusM = WIDEST_M; ; radiusM /= 1 + STEP) {
    const step = { radiusM: Math.max(TIGHTEST_M, radiusM), ends: new Float64Array(4 * lines.length) };
    const turning = turningAt(input, step.radiusM);
    const arcs = arcsIn(turning);
    const slack = arcs.indexOf(null);
    const before = steps.at(-1);
    steps.push(step);
    if (slack >= 0) return { steps, slack, moved };
    for (const [i, arc] of arcs.entries()) {
      const [from, to] = endsOf(arc!, turning.turn);
      step.ends.set(from, 4 * i);
      step.ends.set(to, 4 * i + 2);
      if (before)
        moved[i]!.push(
          moved[i]!.at(-1)! + (varies[i] ? followedM(input, before, step, i) : endsMovedM(before, step, i)),
        );
    }
    if (step.radiusM <= TIGHTEST_M) return { steps, slack: -1, moved };
  }
}

const turningAt = ({ lines, parents, speedMps, side }: TightestInput, radiusM: number): Turning => ({
  lines,
  parents,
  speedMps,
  turn: { radiusM, side },
});

function lineAt(input: TightestInput, radiusM: number, i: number): Turned | null {
  const turning = turningAt(input, radiusM);
  return onArc(turning, arcsIn(turning), i);
}

/** Least distance of two lines in the water [m]; null where one is slack, or never in it. */
function apartAt(input: TightestInput, radiusM: number, a: number, b: number): number | null {
  const turning = turningAt(input, radiusM);
  const arcs = arcsIn(turning);
  const [p, q] = [onArc(turning, arcs, a), onArc(turning, arcs, b)];
  return p && q ? leastDistanceM(wetPieces(p), wetPieces(q)) : null;
}

/** Least distance of two lines as seen from above [m]. */
const apartFromAboveM = (step: Step, a: number, b: number): number =>
  pieceDistanceM(fromAbove(step, a), fromAbove(step, b));

const fromAbove = ({ ends }: Step, i: number): Piece => [
  [ends[4 * i]!, ends[4 * i + 1]!, 0],
  [ends[4 * i + 2]!, ends[4 * i + 3]!, 0],
];

/** Which lines change their depth with the radius: such as are given by speed, and what goes on from them. */
function depthVaries({ lines, parents }: TightestInput): readonly boolean[] {
  const varies: boolean[] = [];
  for (const [i, { depthsAt }] of lines.entries()) {
    const parent = parents[i]!;
    varies.push(depthsAt !== undefined || (parent !== null && varies[parent]!));
  }
  return varies;
}

/** A line of fixed depths is straight in plan: none of its points moves farther than its ends [m]. */
function endsMovedM({ ends: a }: Step, { ends: b }: Step, i: number): number {
  const at = 4 * i;
  return Math.max(
    Math.hypot(a[at]! - b[at]!, a[at + 1]! - b[at + 1]!),
    Math.hypot(a[at + 2]! - b[at + 2]!, a[at + 3]! - b[at + 3]!),
  );
}

/** Where the water line cuts a line anew, nothing bounds how near it may have come: it is looked at again [m]. */
const UNBOUNDED_M = 1e6;

/** Of a line that rises or sinks each point in the water is followed, the one at the surface too [m]. */
function followedM(input: TightestInput, before: Step, now: Step, i: number): number {
  const [a, b] = [before, now].map(({ radiusM }) => wetPieces(lineAt(input, radiusM, i)!).flat());
  if (a!.length !== b!.length) return UNBOUNDED_M;
  return a!.reduce((most, p, k) => Math.max(most, apartM(p, b![k]!)), 0);
}

const apartM = (p: Point, q: Point): number => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);

/** The next step at which two lines may have come nearer by so much, by halving; past the end where they cannot. */
function nextToLookAt(a: readonly number[], b: readonly number[], from: number, byM: number): number {
  const gone = (k: number) => a[k]! - a[from]! + b[k]! - b[from]!;
  let [lo, hi] = [from + 1, a.length];
  while (lo < hi) {
    const middle = Math.floor((lo + hi) / 2);
    if (gone(middle) >= byM) hi = middle;
    else lo = middle + 1;
  }
  return lo;
}
