import type { Flat, Head } from '@/core/make';

/** A ball of ten grams on a 3/0 hook with a hand's length of soft worm: what the lab opens with. */
export const SAMPLE: Head = {
  shape: 'ball',
  material: 'lead',
  headKg: 0.01,
  hook: { shankM: 0.038, gapM: 0.013, wireM: 1.2e-3 },
  eyeRad: 1.2,
  collarM: 0.006,
  bait: { massKg: 0.006, lengthM: 0.09, densityKgPm3: 1080 },
  cuts: [],
};

/** The flat that was filed by hand under the chin. */
export const BY_HAND: Flat = { normalRad: -1.9, depth: 0.16 };
