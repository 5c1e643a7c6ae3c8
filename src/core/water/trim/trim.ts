import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import { requireInRange } from '../../base/guard';
import { waterProperties, type WaterInput } from '../water';

export const TRIM_LIMITS = {
  massKg: { min: 0, max: 100 },
  volumeM3: { min: 0, max: 0.1 },
  placeM: { min: -5, max: 5 },
  dragAreaM2: { min: 0, max: 10 },
  speedMps: { min: 0, max: 20 },
  parts: { min: 1, max: 200 },
} as const;

/** One thing that a bait is made of; beside the nose, x aft, z up, y to the side [m]. */
export interface TrimPart {
  readonly name: string;
  readonly massKg: number;
  readonly volumeM3: number;
  readonly xM: number;
  readonly zM: number;
  readonly yM?: number | undefined;
  /** along the stream [m²] */
  readonly dragAreaM2?: number | undefined;
}

export interface TrimInput {
  readonly water: WaterInput;
  readonly parts: readonly TrimPart[];
  /** where the line pulls; the nose when absent */
  readonly eye?: { readonly xM: number; readonly zM: number } | undefined;
  /** through the water [m/s]; 0 when absent */
  readonly speedMps?: number | undefined;
}

export interface Trim {
  readonly outcome: 'floats' | 'suspends' | 'sinks';
  /** weight less lift [N]; negative lifts */
  readonly netWeightN: number;
  /** on slack line, nose up positive [rad] */
  readonly pitchFallingRad: number;
  /** pulled level by its eye, nose up positive [rad] */
  readonly pitchPulledRad: number;
  /** how far the weight lies to the side of the lift [m] */
  readonly rollArmM: number;
  readonly massKg: number;
  /** [x, z] of mass and of lift [m] */
  readonly comM: readonly [number, number];
  readonly cobM: readonly [number, number];
}

/** Nearer to weightless than this share of its weight, a bait hangs where it is. */
export const SUSPENDS_SHARE = 0.005;

/**
 * How a bait lies in the water: whether it sinks, and its pitch [rad] on slack line and pulled.
 *
 * Model: slack, weight G and lift B stand over each other: tan φ = (xG − xB)/(zB − zG). Pulled, moments about the eye:
 * tan φ = (ΣWx + ΣDz)/(ΣDx − ΣWz) with W = (m − ρV)g and D = ½ρA·U²; x and z from the eye. No lift by angle of attack:
 * a lip or a blade is left out, so a lipped lure is read at rest.
 * Frame: x aft of the nose, z above the axis; nose up is positive. Where moments vanish the pitch is 0.
 * Valid: falling below about 0.1 m/s; beyond, its own drag turns a bait.
 *
 * @throws {InputRangeError} when a value lies outside TRIM_LIMITS or there is neither mass nor volume.
 */
export function trim(input: TrimInput): Trim {
  requireInRange('parts.length', input.parts.length, TRIM_LIMITS.parts);
  const { densityKgPm3: rho } = waterProperties(input.water);
  const U = requireInRange('speedMps', input.speedMps ?? 0, TRIM_LIMITS.speedMps);
  const eye = {
    xM: requireInRange('eye.xM', input.eye?.xM ?? 0, TRIM_LIMITS.placeM),
    zM: requireInRange('eye.zM', input.eye?.zM ?? 0, TRIM_LIMITS.placeM),
  };
  const parts = input.parts.map((part, i) => ({
    m: requireInRange(`parts[${i}].massKg`, part.massKg, TRIM_LIMITS.massKg),
    V: requireInRange(`parts[${i}].volumeM3`, part.volumeM3, TRIM_LIMITS.volumeM3),
    x: requireInRange(`parts[${i}].xM`, part.xM, TRIM_LIMITS.placeM),
    y: requireInRange(`parts[${i}].yM`, part.yM ?? 0, TRIM_LIMITS.placeM),
    z: requireInRange(`parts[${i}].zM`, part.zM, TRIM_LIMITS.placeM),
    A: requireInRange(`parts[${i}].dragAreaM2`, part.dragAreaM2 ?? 0, TRIM_LIMITS.dragAreaM2),
  }));
  const sum = (of: (part: (typeof parts)[number]) => number) => parts.reduce((total, part) => total + of(part), 0);
  const m = requireInRange(
    'parts.massKg',
    sum(({ m }) => m),
    { ...TRIM_LIMITS.massKg, max: 1e4, exclusiveMin: true },
  );
  const V = requireInRange(
    'parts.volumeM3',
    sum(({ V }) => V),
    { ...TRIM_LIMITS.volumeM3, max: 20, exclusiveMin: true },
  );

  const G = { x: sum(({ m, x }) => m * x) / m, y: sum(({ m, y }) => m * y) / m, z: sum(({ m, z }) => m * z) / m };
  const B = { x: sum(({ V, x }) => V * x) / V, y: sum(({ V, y }) => V * y) / V, z: sum(({ V, z }) => V * z) / V };
  const W = ({ m, V }: { readonly m: number; readonly V: number }) => (m - rho * V) * STANDARD_GRAVITY_MPS2;
  const D = ({ A }: { readonly A: number }) => 0.5 * rho * A * U * U;
  const net = W({ m, V });
  const lifts = sum((part) => W(part) * (part.x - eye.xM) + D(part) * (part.z - eye.zM));
  const holds = sum((part) => D(part) * (part.x - eye.xM) - W(part) * (part.z - eye.zM));
  return {
    outcome: Math.abs(net) <= SUSPENDS_SHARE * m * STANDARD_GRAVITY_MPS2 ? 'suspends' : net > 0 ? 'sinks' : 'floats',
    netWeightN: net,
    pitchFallingRad: pitch(G.x - B.x, B.z - G.z),
    pitchPulledRad: pitch(lifts, holds),
    rollArmM: G.y - B.y,
    massKg: m,
    comM: [G.x, G.z],
    cobM: [B.x, B.z],
  };
}

/** atan2 with no angle where nothing turns it: rounding noise would else point anywhere. */
const pitch = (turning: number, righting: number): number =>
  Math.abs(turning) < 1e-12 && Math.abs(righting) < 1e-12 ? 0 : Math.atan2(turning, righting);
