import { requireInRange, type Limits } from '../../base/guard';
import { normalCdf, normalQuantile } from '../../base/stats';

export const STRATA_LIMITS = {
  strata: { min: 1, max: 1000 },
  count: { min: 0, max: 1e6 },
  exposureH: { min: 0, max: 1e6 },
} as const satisfies Record<string, Limits>;

/** Strikes in some hours. */
export interface RateArm {
  readonly events: number;
  readonly exposureH: number;
}

/** Hits of so many tries. */
export interface ShareArm {
  readonly hits: number;
  readonly of: number;
}

interface Stratum<Arm> {
  readonly name: string;
  readonly a: Arm;
  readonly b: Arm;
}

export type TrialStrataInput =
  | { readonly kind: 'rate'; readonly strata: readonly Stratum<RateArm>[] }
  | { readonly kind: 'share'; readonly strata: readonly Stratum<ShareArm>[] };

export interface TrialStrata {
  /** not-determined: a sum or the variance is nothing */
  readonly outcome: 'ok' | 'not-determined';
  /** B over A */
  readonly ratio: number | null;
  readonly interval: readonly [number, number] | null;
  readonly p: number | null;
  /** without strata; null where nothing can be divided */
  readonly crudeRatio: number | null;
  /** strata moved the ratio by more than 15 % */
  readonly shifted: boolean | null;
}

const SHIFT = Math.log(1.15);

/**
 * B over A within strata, as rods, sides, anglers or trips.
 *
 * Model: Mantel–Haenszel ratio; its variance in ln by Greenland and Robins 1985, for rates Σ nᵢHAᵢHBᵢ/Hᵢ² over the product of
 * both sums; p by χ² with one degree of freedom, for shares Cochran–Mantel–Haenszel without continuity.
 *
 * @throws {InputRangeError} when a count or an exposure lies outside STRATA_LIMITS, or more hits than tries.
 */
export function trialStrata(input: TrialStrataInput): TrialStrata {
  requireInRange('strata', input.strata.length, STRATA_LIMITS.strata);
  const sums = input.kind === 'rate' ? rateSums(input.strata) : shareSums(input.strata);
  const { forB, forA, variance, difference, differenceVariance, crude } = sums;
  const crudeRatio = crude.forA > 0 && crude.per > 0 ? crude.forB / crude.forA : null;
  if (!(forA > 0 && forB > 0 && variance > 0 && differenceVariance > 0))
    return { outcome: 'not-determined', ratio: null, interval: null, p: null, crudeRatio, shifted: null };
  const ln = Math.log(forB / forA);
  const sd = Math.sqrt(variance / (forA * forB));
  const z = normalQuantile(0.95);
  return {
    outcome: 'ok',
    ratio: Math.exp(ln),
    interval: [Math.exp(ln - z * sd), Math.exp(ln + z * sd)],
    p: 2 * normalCdf(-Math.abs(difference) / Math.sqrt(differenceVariance)),
    crudeRatio,
    shifted: crudeRatio === null ? null : Math.abs(ln - Math.log(crudeRatio)) > SHIFT,
  };
}

interface Sums {
  /** the two sums whose quotient is the ratio */
  readonly forB: number;
  readonly forA: number;
  /** of ln ratio, times both sums */
  readonly variance: number;
  /** what B has beyond its part, and its variance */
  readonly difference: number;
  readonly differenceVariance: number;
  /** rates or shares without strata; `per` 0 where they are none */
  readonly crude: { readonly forA: number; readonly forB: number; readonly per: number };
}

function rateSums(strata: readonly Stratum<RateArm>[]): Sums {
  let [forB, forA, variance, difference] = [0, 0, 0, 0];
  for (const [i, { a, b }] of strata.entries()) {
    for (const [name, arm] of Object.entries({ a, b })) {
      requireInRange(`strata[${i}].${name}.events`, arm.events, STRATA_LIMITS.count);
      requireInRange(`strata[${i}].${name}.exposureH`, arm.exposureH, STRATA_LIMITS.exposureH);
    }
    const H = a.exposureH + b.exposureH;
    if (H === 0) continue;
    const n = a.events + b.events;
    forB += (b.events * a.exposureH) / H;
    forA += (a.events * b.exposureH) / H;
    variance += (n * a.exposureH * b.exposureH) / H ** 2;
    difference += b.events - (n * b.exposureH) / H;
  }
  const total = (pick: (stratum: Stratum<RateArm>) => number) => strata.reduce((sum, each) => sum + pick(each), 0);
  const [hoursA, hoursB] = [total(({ a }) => a.exposureH), total(({ b }) => b.exposureH)];
  return {
    forB,
    forA,
    variance,
    difference,
    differenceVariance: variance,
    crude: {
      forA: hoursA > 0 ? total(({ a }) => a.events) / hoursA : 0,
      forB: hoursB > 0 ? total(({ b }) => b.events) / hoursB : 0,
      per: Math.min(hoursA, hoursB),
    },
  };
}

function shareSums(strata: readonly Stratum<ShareArm>[]): Sums {
  let [forB, forA, variance, difference, differenceVariance] = [0, 0, 0, 0, 0];
  for (const [i, { a, b }] of strata.entries()) {
    for (const [name, arm] of Object.entries({ a, b })) {
      requireInRange(`strata[${i}].${name}.of`, arm.of, STRATA_LIMITS.count);
      requireInRange(`strata[${i}].${name}.hits`, arm.hits, { min: 0, max: arm.of });
    }
    const N = a.of + b.of;
    if (N === 0) continue;
    const h = a.hits + b.hits;
    forB += (b.hits * a.of) / N;
    forA += (a.hits * b.of) / N;
    variance += (a.of * b.of * h - a.hits * b.hits * N) / N ** 2;
    difference += b.hits - (h * b.of) / N;
    if (N > 1) differenceVariance += (h * (N - h) * a.of * b.of) / (N ** 2 * (N - 1));
  }
  const total = (pick: (stratum: Stratum<ShareArm>) => number) => strata.reduce((sum, each) => sum + pick(each), 0);
  const [ofA, ofB] = [total(({ a }) => a.of), total(({ b }) => b.of)];
  return {
    forB,
    forA,
    variance,
    difference,
    differenceVariance,
    crude: {
      forA: ofA > 0 ? total(({ a }) => a.hits) / ofA : 0,
      forB: ofB > 0 ? total(({ b }) => b.hits) / ofB : 0,
      per: Math.min(ofA, ofB),
    },
  };
}
