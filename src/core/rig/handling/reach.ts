import type { Classes } from '../../tackle/defaults/classes';

/** Where the tip stands over the water when the rod is worked down [m]; negative: under it. */
export const tipClearM = (handM: number, lengthM: number, downRad: number): number =>
  handM - lengthM * Math.sin(downRad);

/** Radius of the circle on which a bait can be swung beside the boat: reach of rod and arm R, with `leadM` hanging below the tip [m]. */
export const turnCircleM = (reachM: number, leadM: number): number =>
  leadM >= reachM ? 0 : Math.sqrt(reachM ** 2 - leadM ** 2);

/** Length of the longest section with its joint [m]. */
export const packedM = (lengthM: number, sections: number, { handling }: Pick<Classes, 'handling'>): number =>
  lengthM / sections + (sections > 1 ? handling.ferrule.lengthM : 0);

export interface InHolder {
  /** holder to tip [m] */
  readonly lengthM: number;
  /** lean out from upright [rad] */
  readonly leanRad: number;
}

export interface Nesting {
  /** between the tips [m] */
  readonly apartM: number;
  /** the same seen from above: how far the lines start from each other [m] */
  readonly acrossM: number;
  readonly outM: readonly [number, number];
  readonly upM: readonly [number, number];
}

/** Two rods side by side in holders `gapM` apart, both leaning out over the side, as straight lines. */
export function nesting(gapM: number, rods: readonly [InHolder, InHolder]): Nesting {
  const outM = rods.map(({ lengthM, leanRad }) => lengthM * Math.sin(leanRad)) as [number, number];
  const upM = rods.map(({ lengthM, leanRad }) => lengthM * Math.cos(leanRad)) as [number, number];
  const acrossM = Math.hypot(gapM, outM[0] - outM[1]);
  return { apartM: Math.hypot(acrossM, upM[0] - upM[1]), acrossM, outM, upM };
}
