import type { Scenario } from './scenario';

const rad = (deg: number): number => (deg * Math.PI) / 180;
/** A June morning; satellite clocks of the simulated boat start here. */
const MORNING_S = Date.UTC(2026, 5, 14, 4, 30) / 1000;
const quiet = { mps: 0.035, celsius: 0.04, depthM: 0.12, headingRad: 0.02 } as const;

const LAKE: Scenario = {
  name: 'lake',
  start: { latDeg: 46.5, lonDeg: -38.2, atS: MORNING_S },
  water: { temperatureC: 9, salinity: 0 },
  thermocline: { surfaceC: 15.2, deepC: 6.4, depthM: 17, spanM: 10 },
  current: [
    { depthM: 0, speedMps: 0.08, towardRad: rad(40) },
    { depthM: 14, speedMps: 0.06, towardRad: rad(60) },
    { depthM: 20, speedMps: 0.14, towardRad: rad(200) },
  ],
  throughMps: 1.15,
  headingRad: rad(20),
  bottomM: { mean: 44, swing: 16, everyM: 1400 },
  wind: { mps: 4, towardRad: rad(70) },
  probe: { cableM: 20, ballKg: 4.5, cableDiameterM: 0.9e-3 },
  sensors: { waterScale: 1.06, probeScale: 1 },
  noise: quiet,
  script: [
    { atS: 180, kind: 'throttle', throughMps: 1.32 },
    { atS: 300, kind: 'throttle', throughMps: 1.15 },
    {
      atS: 420,
      kind: 'current',
      layers: [
        { depthM: 0, speedMps: 0.08, towardRad: rad(40) },
        { depthM: 14, speedMps: 0.1, towardRad: rad(20) },
        { depthM: 20, speedMps: 0.16, towardRad: rad(20) },
      ],
    },
    { atS: 560, kind: 'probe', cableM: 24 },
    { atS: 640, kind: 'dropout', forS: 12 },
    { atS: 700, kind: 'bad-checksums', forS: 6 },
    { atS: 760, kind: 'thermocline', thermocline: { surfaceC: 15.2, deepC: 6.4, depthM: 21, spanM: 10 } },
    { atS: 860, kind: 'clock', byS: 3600, forS: 5 },
    { atS: 900, kind: 'course', headingRad: rad(200) },
    { atS: 1020, kind: 'gust', byMps: 0.2, forS: 40 },
    { atS: 1150, kind: 'course', headingRad: rad(20) },
  ],
};

const SOUND: Scenario = {
  ...LAKE,
  name: 'sound',
  start: { latDeg: 47.1, lonDeg: -37.6, atS: MORNING_S },
  water: { temperatureC: 11, salinity: 33 },
  thermocline: { surfaceC: 12.6, deepC: 9.8, depthM: 14, spanM: 8 },
  current: [
    { depthM: 0, speedMps: 0.55, towardRad: rad(310) },
    { depthM: 10, speedMps: 0.45, towardRad: rad(312) },
    { depthM: 25, speedMps: 0.2, towardRad: rad(320) },
  ],
  throughMps: 1.5,
  headingRad: rad(130),
  bottomM: { mean: 32, swing: 9, everyM: 900 },
  wind: { mps: 7, towardRad: rad(300) },
  probe: { cableM: 18, ballKg: 5.4, cableDiameterM: 0.9e-3 },
  noise: { ...quiet, mps: 0.05 },
  script: [
    {
      atS: 240,
      kind: 'current',
      layers: [
        { depthM: 0, speedMps: 0.55, towardRad: rad(310) },
        { depthM: 10, speedMps: 0.3, towardRad: rad(310) },
        { depthM: 25, speedMps: 0.05, towardRad: rad(130) },
      ],
    },
    { atS: 400, kind: 'throttle', throughMps: 1.75 },
    { atS: 520, kind: 'dropout', forS: 20 },
    { atS: 620, kind: 'course', headingRad: rad(310) },
    { atS: 800, kind: 'probe', cableM: 12 },
    { atS: 960, kind: 'gust', byMps: -0.25, forS: 30 },
    { atS: 1100, kind: 'bad-checksums', forS: 8 },
  ],
};

export const SCENARIOS: Readonly<Record<string, Scenario>> = { lake: LAKE, sound: SOUND };
