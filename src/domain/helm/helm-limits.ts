import type { ChannelName } from '../instruments/channels';

/** Channels that can stand as a figure. */
export const FIGURES = [
  'probeMps',
  'sogMps',
  'probeC',
  'waterMps',
  'headingRad',
  'cogRad',
  'bottomM',
  'surfaceC',
  'probeM',
  'currentMps',
  'windMps',
  'windRad',
] as const satisfies readonly ChannelName[];
export type FigureName = (typeof FIGURES)[number];

/** Channels of which runs tell the scale. */
export const CALIBRATED = ['waterMps', 'probeMps'] as const satisfies readonly ChannelName[];
export type Calibrated = (typeof CALIBRATED)[number];

export const HELM_LIMITS = {
  port: { min: 1, max: 65_535 },
  smoothingS: { min: 0, max: 60 },
  staleS: { min: 2, max: 600 },
  clearM: { min: 0.2, max: 50 },
  cableM: { min: 0.5, max: 300 },
  ballKg: { min: 0.2, max: 30 },
  cableDiameterM: { min: 0.1e-3, max: 5e-3 },
  scale: { min: 0.2, max: 5 },
  offsetMps: { min: -2, max: 2 },
} as const;

export const MOST_CONNECTIONS = 8;
export const MOST_ROUTES = 60;
/** Large figures. */
export const LARGE = 3;
/** Figures beside them. */
export const MOST_BESIDE = 8;
export const MOST_CALIBRATIONS = 40;
