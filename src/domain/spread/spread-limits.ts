import type { TowPoint } from '@/core/afloat';
import { PRESENTATION_LIMITS as L } from '../presentation-limits';

/** Where a spread makes sense; forms, handles and files share it. */
export const SPREAD_DOCUMENT_LIMITS = {
  speedMps: { min: 0.2, max: 12 },
  currentMps: { min: -3, max: 3 },
  depthM: { min: 0, max: 300 },
  breakM: { min: 0.5, max: 200 },
  /** of a band from the temperature break, above it negative [m] */
  fromBreakM: { min: -60, max: 60 },
  clearM: { min: 0.3, max: 20 },
  radiusM: { min: 5, max: 1000 },
  lineM: { min: 0.5, max: 400 },
  cableM: L.cableM,
  ballKg: L.ballKg,
  boardM: L.boardM,
  boardOutM: { min: 0, max: 80 },
  turnsAPass: { min: 1, max: 200 },
  releaseN: { min: 0.5, max: 200 },
  forS: { min: 1, max: 120 },
} as const;

export const MOST_LINES = 12;
export const MOST_LAYERS = 6;

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
