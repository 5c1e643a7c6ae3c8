import type { Limits } from '../../base/guard';

/** What `hookset` takes. */
export const HOOKSET_LIMITS = {
  timeS: { min: 0, max: 60 },
  gainM: { min: 0, max: 50 },
  peakMomentNm: { min: 0, max: 1000, exclusiveMin: true },
  lineLengthM: { min: 0, max: 2000 },
  eaN: { min: 0, max: 1e8, exclusiveMin: true },
  strengthN: { min: 0, max: 1e5, exclusiveMin: true },
  distanceM: { min: 0, max: 2000, exclusiveMin: true },
  dropM: { min: -100, max: 2000 },
  wireMm: { min: 0, max: 10, exclusiveMin: true },
  gapMm: { min: 0, max: 200, exclusiveMin: true },
  forceN: { min: 0, max: 1e4 },
  lossM: { min: 0, max: 50 },
  wrapRad: { min: 0, max: 20 },
  fishKg: { min: 0, max: 1000, exclusiveMin: true },
  through: { min: 0, max: 1, exclusiveMin: true },
} as const satisfies Record<string, Limits>;
