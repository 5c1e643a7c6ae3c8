import type { Cut, Head } from '@/core/jig-stand';

/** A ball of ten grams on a 3/0 hook with a hand's length of soft worm: what the lab opens with. */
export const SAMPLE: Head = {
  shape: 'ball', material: 'lead', headKg: 0.01, hook: { shankM: 0.038, gapM: 0.013, wireM: 1.2e-3 }, eyeRad: 1.2, collarM: 0.006,
  bait: { massKg: 0.006, lengthM: 0.09, densityKgPm3: 1080 }, cuts: [],
};

/** A flat as it is filed: which way it faces, and how deep, over the head's radius there. */
export interface Flat {
  readonly normalRad: number;
  readonly depth: number;
}

/** The flat that was filed by hand under the chin. */
export const BY_HAND: Flat = { normalRad: -1.9, depth: 0.16 };

/** A flat as a cut of a head with these half axes. */
export function cutOf({ normalRad, depth }: Flat, [a, b]: readonly [number, number]): Cut {
  const reach = Math.hypot(a * Math.cos(normalRad), b * Math.sin(normalRad)) * (1 - depth);
  return { atM: [reach * Math.cos(normalRad), reach * Math.sin(normalRad)], normalRad };
}

/** The flat that a cut is. */
export function flatOf({ atM, normalRad }: Cut, [a, b]: readonly [number, number]): Flat {
  const reach = Math.hypot(a * Math.cos(normalRad), b * Math.sin(normalRad));
  return { normalRad, depth: 1 - (atM[0] * Math.cos(normalRad) + atM[1] * Math.sin(normalRad)) / reach };
}
