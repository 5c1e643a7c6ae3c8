import { requireInRange, type Limits } from '../../base/guard';
import { meanOf, type Measured } from './readings';

export const ACCURACY_TEST_LIMITS = {
  distanceM: { min: 1, max: 150 },
  missM: { min: 0.01, max: 60 },
} as const satisfies Record<string, Limits>;

export interface AccuracyTest {
  readonly distanceM: number;
  /** how far from the mark each cast came down, to any side; a hit counts as a centimetre [m] */
  readonly missesM: readonly number[];
}

export interface AccuracyTestResult {
  readonly outcome: 'ok';
  /** mean miss over the distance, with its relative spread */
  readonly share: Measured;
  /** within which half of the casts came down [m] */
  readonly halfWithinM: number;
}

/** A miss is read by eye against a hoop or a step. */
const STEP_M = 0.1;

/**
 * How well a rod casts to a mark in these hands: the only way to know it.
 *
 * @throws {InputRangeError} a value outside ACCURACY_TEST_LIMITS, or no cast.
 */
export function accuracyTest({ distanceM, missesM }: AccuracyTest): AccuracyTestResult {
  const A = ACCURACY_TEST_LIMITS;
  requireInRange('distanceM', distanceM, A.distanceM);
  requireInRange('missesM', missesM.length, { min: 1, max: 100 });
  missesM.forEach((miss, i) => requireInRange(`missesM[${i}]`, miss, A.missM));
  const mean = meanOf(missesM, { step: STEP_M, loneSd: missesM[0]! });
  const sorted = [...missesM].sort((a, b) => a - b);
  const middle = sorted.length / 2;
  return {
    outcome: 'ok',
    share: { value: mean.value / distanceM, sd: mean.sd / distanceM, spread: mean.spread },
    halfWithinM: sorted.length % 2 === 1 ? sorted[Math.floor(middle)]! : (sorted[middle - 1]! + sorted[middle]!) / 2,
  };
}
