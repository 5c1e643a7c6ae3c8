import type { TowPoint } from '@/core/afloat';

/** Of a craft, as far as lines leave it. */
export const TOW_POINT_LIMITS = {
  xM: { min: -12, max: 12 },
  yM: { min: -40, max: 3 },
  upM: { min: 0.05, max: 8 },
  pointsRad: { min: -1.6, max: 1.6 },
  beamM: { min: 0.4, max: 12 },
  crestM: { min: 0, max: 40 },
  crestMps: { min: 0.2, max: 12 },
  whiteWidthM: { min: 0, max: 8 },
  whiteLengthM: { min: 0, max: 60 },
} as const;

/** As many as Rules counts on a craft: 24 holders, 12 downriggers, 12 booms. */
export const MOST_TOW_POINTS = 48;

export const TOW_POINT_KINDS = [
  'holder',
  'downrigger',
  'outrigger',
  'mast',
] as const satisfies readonly TowPoint['kind'][];
