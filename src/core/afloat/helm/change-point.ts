import { requireInRange } from '../../base/guard';
import { checkSeries, meanOf, SERIES_LIMITS } from './series';

export interface ChangePointInput {
  /** ascending */
  readonly tS: readonly number[];
  readonly values: readonly number[];
  /** scatter of one reading, where it is known */
  readonly sd?: number | undefined;
}

export interface ChangePoint {
  readonly outcome: 'changed' | 'no-change';
  /** midway between the readings on either side */
  readonly atS: number | null;
  readonly before: number;
  readonly after: number | null;
  /** the step over the scatter; null without a change, and where readings do not scatter */
  readonly stepSd: number | null;
}

export const CHANGE_POINT_SAMPLES = 8;
/** Readings that each side has at least. */
const SIDE = 3;
/** Scatter below this share of the step is none: readings in whole steps. */
const NO_SCATTER = 1e-9;
const TIE = 1e-9;
const NO_STEP = 1e-12;

/**
 * The one time at which the mean of a series changed, if it did.
 *
 * Model: of all splits with three readings a side the one with the greatest D = (n₁n₂/n)(m₂ − m₁)²/σ², σ given or the pooled
 * deviation within the split, √(SS/(n − 2)); changed where D > 2 ln n + 6. Of equal splits the earliest. Scatter is taken as
 * independent: a slow drift also reads as a change, and waves must be averaged out first.
 *
 * @throws {InputRangeError} with fewer than eight readings, times that do not rise, or a scatter that is not positive.
 */
export function changePoint({ tS, values, sd }: ChangePointInput): ChangePoint {
  checkSeries(tS, values);
  requireInRange('tS', tS.length, { min: CHANGE_POINT_SAMPLES, max: SERIES_LIMITS.samples.max });
  if (sd !== undefined) requireInRange('sd', sd, SERIES_LIMITS.sd);
  const n = values.length;
  const all = meanOf(values);
  // About the mean of all, so that sums of squares keep their digits.
  const centred = values.map((value) => value - all);
  const sum = centred.reduce((whole, value) => whole + value, 0);
  // A difference of means below this is rounding.
  const least = NO_STEP * Math.max(...values.map(Math.abs));
  const total2 = centred.reduce((whole, value) => whole + value * value, 0);
  let best: { at: number; D: number; m1: number; m2: number; sigma: number } | null = null;
  let left = 0;
  for (let k = 1; k <= n - SIDE; k += 1) {
    left += centred[k - 1]!;
    if (k < SIDE) continue;
    const [m1, m2] = [left / k, (sum - left) / (n - k)];
    const between = k * m1 * m1 + (n - k) * m2 * m2;
    const step = Math.abs(m2 - m1);
    const sigma = sd ?? Math.sqrt(Math.max(0, total2 - between) / (n - 2));
    const D = step <= least ? 0 : sigma < NO_SCATTER * step ? Infinity : ((k * (n - k)) / n) * (step / sigma) ** 2;
    if (!best || D > best.D * (1 + TIE)) best = { at: k, D, m1, m2, sigma };
  }
  if (!best || !(best.D > 2 * Math.log(n) + 6))
    return { outcome: 'no-change', atS: null, before: all, after: null, stepSd: null };
  const { at, D, m1, m2, sigma } = best;
  return {
    outcome: 'changed',
    atS: (tS[at - 1]! + tS[at]!) / 2,
    before: all + m1,
    after: all + m2,
    stepSd: D === Infinity ? null : Math.abs(m2 - m1) / sigma,
  };
}
