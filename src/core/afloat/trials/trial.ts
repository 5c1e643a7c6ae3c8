import { InputRuleError, requireInRange } from '../../base/guard';
import { findRoot } from '../../base/numeric';
import { betaBelow, betaOf, betaQuantile, lnGamma, type Beta } from '../../base/stats';
import { STRATA_LIMITS, type RateArm, type ShareArm } from './trial-strata';

export type TrialInput =
  | { readonly kind: 'rate'; readonly a: RateArm; readonly b: RateArm }
  | { readonly kind: 'share'; readonly a: ShareArm; readonly b: ShareArm };

export interface Trial {
  readonly outcome: 'ok';
  /** B over A, posterior median, and from 5 % to 95 % */
  readonly ratio: number;
  readonly interval: readonly [number, number];
  readonly probabilityBBetter: number;
  /** two-sided: the sum of outcomes no likelier than the one that was seen */
  readonly p: number;
  /** hours more with each version until a true ratio of two would be told; null for shares */
  readonly moreHoursForRatio2: number | null;
}

/** Jeffreys' prior: half an event, or half a hit and half a miss. */
const HALF = 0.5;
/** What is as likely up to rounding is no less likely. */
const AS_LIKELY = 1 + 1e-9;
/** One-sided 5 % and a power of 80 %, in standard deviations. */
const NEEDED = 1.645 + 0.842;

/**
 * Two totals compared: strikes in hours, or hits of tries.
 *
 * Model: rates have posteriors Gamma(n + ½, H), so the ratio B over A is HA/HB · x/(1 − x) with x ~ Beta(nB + ½, nA + ½); shares
 * Beta(h + ½, n − h + ½), their ratio by quadrature. p is the conditional binomial test, for shares Fisher's. More hours: the
 * least h, both extended, with 2.487·√(1/(λ(HA + h)) + 1/(2λ(HB + h))) ≤ ln 2, λ = (nA + ½)/HA.
 *
 * @throws {InputRangeError} when a count or an exposure lies outside STRATA_LIMITS, an exposure is zero, or more hits than tries.
 */
export function trial(input: TrialInput): Trial {
  return input.kind === 'rate' ? ofRates(input.a, input.b) : ofShares(input.a, input.b);
}

function ofRates(a: RateArm, b: RateArm): Trial {
  for (const [name, { events, exposureH }] of [['a', a] as const, ['b', b] as const]) {
    requireInRange(`${name}.events`, events, STRATA_LIMITS.count);
    requireInRange(`${name}.exposureH`, exposureH, { ...STRATA_LIMITS.exposureH, exclusiveMin: true });
  }
  const x = betaOf(b.events + HALF, a.events + HALF);
  const ratioAt = (theta: number) => (a.exposureH / b.exposureH) * Math.tan(theta) ** 2;
  const share = b.exposureH / (a.exposureH + b.exposureH);
  return {
    outcome: 'ok',
    ratio: ratioAt(betaQuantile(x, 0.5)),
    interval: [ratioAt(betaQuantile(x, 0.05)), ratioAt(betaQuantile(x, 0.95))],
    probabilityBBetter: 1 - betaBelow(x, Math.asin(Math.sqrt(share))),
    p: twoSided(0, a.events + b.events, b.events, (k) => lnBinomial(a.events + b.events, k, share)),
    moreHoursForRatio2: moreHours(a, b),
  };
}

function moreHours(a: RateArm, b: RateArm): number {
  const rate = (a.events + HALF) / a.exposureH;
  const short = (h: number): number =>
    NEEDED * Math.sqrt(1 / (rate * (a.exposureH + h)) + 1 / (2 * rate * (b.exposureH + h))) - Math.LN2;
  const now = short(0);
  if (now <= 0) return 0;
  // With h alone both terms are at most 1.5/(λh).
  const most = (1.5 * (NEEDED / Math.LN2) ** 2) / rate;
  return findRoot(short, { lo: 0, hi: most, fLo: now, fHi: Math.min(0, short(most)) }, 1e-9 * most);
}

function ofShares(a: ShareArm, b: ShareArm): Trial {
  for (const [name, { hits, of }] of [['a', a] as const, ['b', b] as const]) {
    requireInRange(`${name}.of`, of, STRATA_LIMITS.count);
    requireInRange(`${name}.hits`, hits, STRATA_LIMITS.count);
    if (hits > of) throw new InputRuleError(`${name}.hits`, `at most of = ${of}`);
  }
  const [A, B] = [a, b].map(({ hits, of }) => betaOf(hits + HALF, of - hits + HALF)) as [Beta, Beta];
  const below = (lnRatio: number): number => {
    let sum = 0;
    for (const [i, weight] of A.weight.entries()) {
      const p = Math.exp(lnRatio) * Math.sin(A.theta[i]!) ** 2;
      sum += weight * (p >= 1 ? 1 : betaBelow(B, Math.asin(Math.sqrt(p))));
    }
    return sum;
  };
  const at = (share: number): number => {
    const f = (ln: number) => below(ln) - share;
    return Math.exp(findRoot(f, { lo: -WIDEST_LN, hi: WIDEST_LN, fLo: -share, fHi: 1 - share }, 1e-7));
  };
  const hits = a.hits + b.hits;
  return {
    outcome: 'ok',
    ratio: at(0.5),
    interval: [at(0.05), at(0.95)],
    probabilityBBetter: 1 - below(0),
    p: twoSided(
      Math.max(0, hits - a.of),
      Math.min(b.of, hits),
      b.hits,
      (k) => lnChoose(b.of, k) + lnChoose(a.of, hits - k),
    ),
    moreHoursForRatio2: null,
  };
}

/** No ratio of shares lies beyond [ln]. */
const WIDEST_LN = 40;

/** Sum of all outcomes no likelier than the one seen; weights in logarithms, to any common factor. */
function twoSided(from: number, to: number, seen: number, lnWeight: (k: number) => number): number {
  const limit = lnWeight(seen) + Math.log(AS_LIKELY);
  let [all, asFar] = [0, 0];
  for (let k = from; k <= to; k += 1) {
    const ln = lnWeight(k);
    const weight = Math.exp(ln - limit);
    if (weight === Infinity) return 0;
    all += weight;
    if (ln <= limit) asFar += weight;
  }
  return all > 0 ? Math.min(1, asFar / all) : 1;
}

const lnChoose = (n: number, k: number): number => lnGamma(n + 1) - lnGamma(k + 1) - lnGamma(n - k + 1);

const lnBinomial = (n: number, k: number, share: number): number =>
  lnChoose(n, k) + k * Math.log(share) + (n - k) * Math.log1p(-share);
