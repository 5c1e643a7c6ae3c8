import {
  clearanceM,
  inTurn,
  leastDistanceM,
  onStraight,
  parentsOf,
  wetPieces,
  type Piece,
  type Side,
  type SpreadLine,
} from '../spread';

/** A course that lines are looked at on: straight, or a steady turn. */
export type Course =
  { readonly kind: 'straight' } | { readonly kind: 'turn'; readonly side: Side; readonly radiusM: number };

/** A chain as it lies on every course: pieces in the water line by line; null where it goes slack. */
export interface Laid {
  readonly chain: readonly SpreadLine[];
  readonly on: readonly (readonly (readonly Piece[])[] | null)[];
}

/** Between the wanted radius and this many times it turns are looked at; wider ones are nearly straight. */
const WIDENING = [1, 1.35, 1.8, 2.6, 4] as const;

/** The straight course, and turns to both sides from the wanted radius up. */
export const coursesFor = (radiusM: number | undefined): readonly Course[] => [
  { kind: 'straight' },
  ...(radiusM === undefined
    ? []
    : (['port', 'starboard'] as const).flatMap((side) =>
        WIDENING.map((times): Course => ({ kind: 'turn', side, radiusM: radiusM * times })),
      )),
];

export function laid(chain: readonly SpreadLine[], courses: readonly Course[], speedMps: number | undefined): Laid {
  const parents = parentsOf(chain);
  return {
    chain,
    on: courses.map((course) => {
      if (course.kind === 'straight') return onStraight(chain, parents).map(wetPieces);
      const turned = inTurn({ lines: chain, parents, turn: course, speedMps });
      return turned.some((each) => each === null) ? null : turned.map((each) => wetPieces(each!));
    }),
  };
}

/** How far two chains stand apart at the nearest, less the room that their doubtful depths ask for [m]; and on which course. */
export interface Apart {
  readonly m: number;
  readonly course: number;
}

export function leastApart(a: Laid, b: Laid): Apart {
  let least: Apart = { m: Infinity, course: 0 };
  for (const [k, pa] of a.on.entries()) {
    const pb = b.on[k];
    if (!pa || !pb) continue;
    for (const [i, p] of pa.entries())
      for (const [j, q] of pb.entries()) {
        const distanceM = leastDistanceM(p, q);
        if (distanceM === null) continue;
        const m = distanceM - clearanceM(0, a.chain[i]!, b.chain[j]!);
        if (m < least.m) least = { m, course: k };
      }
  }
  return least;
}
