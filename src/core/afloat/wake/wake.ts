import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import { requireInRange, type Limits } from '../../base/guard';

export const WAKE_LIMITS = {
  speedMps: { min: 0, max: 40, exclusiveMin: true },
  lengthM: { min: 0, max: 200, exclusiveMin: true },
  laybackM: { min: 0, max: 2000 },
} as const satisfies Record<string, Limits>;

/** The first crest behind the transom over the wave's length; spread 30 %: it depends on trim and transom. */
const FIRST_CREST = 0.75;
/** Above this Froude number the transverse waves fade. */
const PLANING = 1;
/** Kelvin's wedge: asin(1/3) either side of the course. */
const HALF_ANGLE_RAD = 0.339837;
const CRESTS = 8;
/** Half an octant of the phase either side of crest and trough. */
const EIGHTH = 1 / 8;

export interface WakeInput {
  readonly speedMps: number;
  /** waterline [m] */
  readonly lengthM: number;
  /** as it was seen once on this boat */
  readonly firstCrest?: { readonly behindM: number; readonly speedMps: number } | undefined;
  /** distances behind the transom to place [m] */
  readonly laybacksM?: readonly number[] | undefined;
}

export type WakePlace = 'crest' | 'back' | 'trough' | 'face' | 'before-first';

export interface OnWake {
  /** the crest last passed, counted from the boat; 0 before the first */
  readonly wave: number;
  /** from that crest on, 0 to 1; null before the first */
  readonly phase: number | null;
  readonly place: WakePlace;
}

export interface Wake {
  readonly outcome: 'ok' | 'planing';
  readonly waveLengthM: number;
  readonly froude: number;
  /** behind the transom [m] */
  readonly crestsM: readonly number[];
  readonly halfAngleRad: number;
  readonly at: readonly OnWake[];
}

/**
 * Crests behind a hull, and where lures stand on them.
 *
 * Model: transverse waves run at the hull's speed, λ = 2πU²/g; the first crest moves with U² as it was seen on this boat, or
 * stands 0.75 λ behind the transom (spread 30 %). Phase 0 is a crest, ½ a trough, and from ⅝ on the face of the next wave.
 * Left out: the diverging waves, shallow water, wind waves. Source: Kelvin's ship waves (deep water dispersion).
 *
 * @throws {InputRangeError} when a value lies outside WAKE_LIMITS.
 */
export function wake({ speedMps, lengthM, firstCrest, laybacksM = [] }: WakeInput): Wake {
  const U = requireInRange('speedMps', speedMps, WAKE_LIMITS.speedMps);
  const L = requireInRange('lengthM', lengthM, WAKE_LIMITS.lengthM);
  const g = STANDARD_GRAVITY_MPS2;
  const lambda = (2 * Math.PI * U ** 2) / g;
  const x1 = firstCrest
    ? requireInRange('firstCrest.behindM', firstCrest.behindM, WAKE_LIMITS.laybackM) *
      (U / requireInRange('firstCrest.speedMps', firstCrest.speedMps, WAKE_LIMITS.speedMps)) ** 2
    : FIRST_CREST * lambda;
  const froude = U / Math.sqrt(g * L);
  return {
    outcome: froude > PLANING ? 'planing' : 'ok',
    waveLengthM: lambda,
    froude,
    crestsM: Array.from({ length: CRESTS }, (_, k) => x1 + k * lambda),
    halfAngleRad: HALF_ANGLE_RAD,
    at: laybacksM.map((layback, i) =>
      placeOn(requireInRange(`laybacksM[${i}]`, layback, WAKE_LIMITS.laybackM), x1, lambda),
    ),
  };
}

function placeOn(laybackM: number, x1: number, lambda: number): OnWake {
  if (laybackM < x1 - EIGHTH * lambda) return { wave: 0, phase: null, place: 'before-first' };
  if (laybackM < x1) return { wave: 1, phase: 0, place: 'crest' };
  const waves = (laybackM - x1) / lambda;
  const phase = waves - Math.floor(waves);
  return { wave: Math.floor(waves) + 1, phase, place: placeAt(phase) };
}

function placeAt(phase: number): WakePlace {
  if (phase < EIGHTH || phase >= 7 * EIGHTH) return 'crest';
  if (phase < 3 * EIGHTH) return 'back';
  return phase < 5 * EIGHTH ? 'trough' : 'face';
}

/** Layback [m] that keeps a lure at its wave and phase on the wake of another speed. */
export function laybackOn({ crestsM: [x1], waveLengthM }: Wake, { wave, phase }: OnWake): number | null {
  return phase === null || x1 === undefined ? null : x1 + (wave - 1 + phase) * waveLengthM;
}
