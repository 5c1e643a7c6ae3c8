import { leastDistanceM, pieceDistanceM, wetPieces, type Piece } from './distance';
import { arcsIn, onArc, type Turned } from './place';
import { Tightening, turningAt, type Look, type Step, type Turns } from './tightening';

/** The tightest turn that keeps all clear. */
export type Tightest =
  | { readonly outcome: 'ok'; readonly radiusM: number; readonly because: readonly string[] }
  | { readonly outcome: 'any' }
  | { readonly outcome: 'too-close-straight'; readonly because: readonly string[] };

const BISECTIONS = 12;

export interface TightestInput extends Turns {
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
  const way = new Tightening(input);
  const { steps } = way;
  const looks = pairs.map(([a, b]): Look => ({ a, b, from: 0, byM: -Infinity, next: 0 }));
  let best: { readonly k: number; readonly because: readonly number[] } | null = null;
  while (!best && !way.isOver) {
    way.goOn();
    if (way.slack >= 0) best = { k: steps.length - 1, because: [way.slack] };
    // The pair that stands nearest now is likely to rule, and the others need not be followed past it.
    for (const look of looks) {
      const { a, b } = look;
      const clear = clearOf(a, b);
      const end: number = best ? best.k : steps.length;
      for (let k = way.nextToLookAt(look); k < end; k = way.nextToLookAt(look)) {
        // Seen from above two lines stand no farther apart than they do: most pairs need no more than that.
        const above = apartFromAboveM(steps[k]!, a, b);
        const distanceM = above > clear ? above : apartOn(steps[k]!, a, b);
        if (distanceM !== null && distanceM < clear) {
          best = { k, because: [a, b] };
          break;
        }
        [look.from, look.byM, look.next] = [k, distanceM === null ? -Infinity : distanceM - clear, k + 1];
      }
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

/** Least distance of two lines in the water on a step where none is slack [m]; null where one is never in it. */
const apartOn = ({ wet }: Step, a: number, b: number): number | null => leastDistanceM(wet(a), wet(b));

/** Least distance of two lines as seen from above [m]. */
const apartFromAboveM = (step: Step, a: number, b: number): number =>
  pieceDistanceM(fromAbove(step, a), fromAbove(step, b));

const fromAbove = ({ ends }: Step, i: number): Piece => [
  [ends[4 * i]!, ends[4 * i + 1]!, 0],
  [ends[4 * i + 2]!, ends[4 * i + 3]!, 0],
];
