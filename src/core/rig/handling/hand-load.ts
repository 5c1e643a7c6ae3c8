import { STANDARD_GRAVITY_MPS2 as g } from '../../base/constants';
import { DEFAULT_CLASSES, type Classes } from '../../tackle/defaults/classes';
import { requireInRange, type Limits } from '../../base/guard';

export const HAND_LOAD_LIMITS = {
  rodKg: { min: 0, max: 10 },
  reelKg: { min: 0, max: 10 },
  lengthM: { min: 0, max: 15 },
  lureKg: { min: 0, max: 10 },
  pullN: { min: 0, max: 2000 },
  reachM: { min: 0, max: 1.5 },
  peakMomentNm: { min: 0, max: 1000, exclusiveMin: true },
  castMps2: { min: 0, max: 200 },
  castsPerHour: { min: 0, max: 600 },
  hours: { min: 0, max: 24 },
} as const satisfies Record<string, Limits>;

export interface HandLoadInput {
  readonly rodKg: number;
  /** it sits in the hand, so it counts at the shoulder only */
  readonly reelKg?: number | undefined;
  /** grip to tip [m] */
  readonly lengthM: number;
  /** what hangs from the tip before a cast [kg] */
  readonly lureKg: number;
  /** pull of the lure while it is worked, square to the rod [N] */
  readonly pullN: number;
  /** shoulder to grip [m] */
  readonly reachM?: number | undefined;
  /** moment that the angler's hands hold for a moment [N·m] */
  readonly peakMomentNm: number;
  /** acceleration of the tip in a cast [m/s²], and how often; a rod in a holder casts nothing */
  readonly castMps2?: number | undefined;
  readonly castsPerHour?: number | undefined;
  readonly hours?: number | undefined;
}

export interface HandLoad {
  readonly outcome: 'ok';
  /** at the grip while the lure is worked or hangs [N·m] */
  readonly momentNm: number;
  /** what is asked for: a share of the peak [N·m] */
  readonly limitNm: number;
  /** the same at the shoulder, arm outstretched [N·m] */
  readonly shoulderNm: number;
  /** how long an arm holds that at the grip without a rest [min]; null: as long as one likes */
  readonly lastsMin: number | null;
  /** mean over an hour, casts included [N·m], over what an arm holds as long as one likes */
  readonly hourShare: number;
  /** moment by time of an hour and of the whole day [N·m·s] */
  readonly hourNms: number;
  readonly dayNms: number;
}

/** Below this share of its strength a muscle is fed while it holds. */
const UNTIRING = 0.15;
/** A cast loads the rod for so long [s]. */
const CAST_S = 0.3;

/**
 * What a rod asks of hand and shoulder.
 *
 * Model: rod mass at its centre (class share of the working length) and, at the tip, the larger of the lure's weight, which
 * hangs there before the cast, and its pull while worked; the two are never there together. Endurance of a static hold
 * t = −1.5 + 2.1/f − 0.6/f² + 0.1/f³ minutes at the share f of strength, without end below 15 %.
 * Source: Rohmert 1960, Int. Z. angew. Physiol. 18, 123.
 * Valid: a steady hold; how tired an arm feels differs between people by half.
 *
 * @throws {InputRangeError} when a value lies outside HAND_LOAD_LIMITS.
 */
export function handLoad(
  input: HandLoadInput,
  classes: Pick<Classes, 'rodMass' | 'handling'> = DEFAULT_CLASSES,
): HandLoad {
  const H = HAND_LOAD_LIMITS;
  const take = (field: keyof typeof H, value: number) => requireInRange(field, value, H[field]);
  const [rodKg, reelKg, L] = [
    take('rodKg', input.rodKg),
    take('reelKg', input.reelKg ?? 0),
    take('lengthM', input.lengthM),
  ];
  const [lureKg, pullN, reachM] = [
    take('lureKg', input.lureKg),
    take('pullN', input.pullN),
    take('reachM', input.reachM ?? 0),
  ];
  const peak = take('peakMomentNm', input.peakMomentNm);
  const atTipN = Math.max(lureKg * g, pullN);
  const momentNm = rodKg * g * classes.rodMass.centre.share * L + atTipN * L;
  const shoulderNm = momentNm + (rodKg + reelKg + lureKg) * g * reachM;
  const castNm = lureKg * take('castMps2', input.castMps2 ?? 0) * L;
  const hourNms = momentNm * 3600 + take('castsPerHour', input.castsPerHour ?? 0) * castNm * CAST_S;
  return {
    outcome: 'ok',
    momentNm,
    limitNm: classes.handling.share.value * peak,
    shoulderNm,
    lastsMin: enduranceMin(momentNm / peak),
    hourShare: hourNms / 3600 / (UNTIRING * peak),
    hourNms,
    dayNms: hourNms * take('hours', input.hours ?? 1),
  };
}

/** How long a share of one's strength is held [min]; null below the share that does not tire, 0 at all of it and more. */
export function enduranceMin(share: number): number | null {
  if (share < UNTIRING) return null;
  return Math.max(0, -1.5 + 2.1 / share - 0.6 / share ** 2 + 0.1 / share ** 3);
}
