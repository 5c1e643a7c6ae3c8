import type { Cut, XY } from './polygon';

/** A flat as it is filed: which way it faces, and how deep, over the head's reach there. */
export interface Flat {
  readonly normalRad: number;
  readonly depth: number;
}

/** How far an ellipse reaches along a direction. */
export const reachOf = ([a, b]: XY, rad: number): number => Math.hypot(a * Math.cos(rad), b * Math.sin(rad));

/** A flat as a cut of a head with these half axes. */
export function cutOf({ normalRad, depth }: Flat, radiiM: XY): Cut {
  const reach = reachOf(radiiM, normalRad) * (1 - depth);
  return { atM: [reach * Math.cos(normalRad), reach * Math.sin(normalRad)], normalRad };
}

/** The flat that a cut is. */
export const flatOf = ({ atM, normalRad }: Cut, radiiM: XY): Flat => ({
  normalRad,
  depth: 1 - (atM[0] * Math.cos(normalRad) + atM[1] * Math.sin(normalRad)) / reachOf(radiiM, normalRad),
});
