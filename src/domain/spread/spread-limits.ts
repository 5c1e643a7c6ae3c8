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
