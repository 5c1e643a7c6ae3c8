import { HOOKSET_LIMITS } from '@/core/strike';
import { ROD_LIMITS } from '@/core/tackle';
import { SINK_LIMITS } from '@/core/water';

/** Where a presentation makes sense; forms, handles and files share it. */
export const PRESENTATION_LIMITS = {
  distanceM: { min: 1, max: 150 },
  depthM: { min: 0.1, max: 100 },
  bandM: { min: 0, max: 100 },
  handHeightM: { min: 0, max: 6 },
  sweepRad: ROD_LIMITS.angleRad,
  timeS: { min: 0.05, max: 5 },
  gainM: { min: 0, max: 10 },
  slackM: { min: 0, max: 10 },
  fishKg: HOOKSET_LIMITS.fishKg,
  fishHoldsS: { min: 0.05, max: 60 },
  lineAngleRad: { min: 0.02, max: 1.56 },
  contactShare: { min: 0, max: 0.95 },
  clutchN: { min: 0.5, max: 1000 },
  currentMps: SINK_LIMITS.currentMps,
  fallMps: { min: 0.01, max: 10 },
  speedMps: { min: 0, max: 12 },
  workedMps: { min: 0.05, max: 12 },
  lineOutM: { min: 0.5, max: 400 },
  pitchRad: { min: -1.6, max: 1.6 },
  holderRad: { min: 0, max: 1.6 },
  bottomM: { min: 0.3, max: 300 },
  leadM: { min: 0.5, max: 150 },
  cableM: { min: 0.5, max: 150 },
  cableDiameterM: { min: 2e-4, max: 4e-3 },
  ballKg: { min: 0.2, max: 15 },
  boardM: { min: 1, max: 100 },
} as const;
