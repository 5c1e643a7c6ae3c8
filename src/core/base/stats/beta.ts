import { lnGamma } from './distributions';

/** Points of the grid; the steps are far below the width of any beta. */
const POINTS = 8001;
/** So many deviations to either side hold all that counts. */
const DEVIATIONS = 12;

/** A beta distribution over p = sin²θ, which keeps its density finite at both ends where both shapes are at least ½. */
export interface Beta {
  /** angles, evenly, rising */
  readonly theta: Float64Array;
  /** share below each, from 0 to 1 */
  readonly below: Float64Array;
  /** weight of each in a sum over the distribution; together 1 */
  readonly weight: Float64Array;
}

/** Density in θ is 2·sin^(2a−1)θ·cos^(2b−1)θ / B(a, b); summed by trapezoids. Shapes of ½ and more. */
export function betaOf(a: number, b: number): Beta {
  const mean = a / (a + b);
  const middle = Math.asin(Math.sqrt(mean));
  const sd = 1 / (2 * Math.sqrt(a + b));
  const from = Math.max(0, middle - DEVIATIONS * sd);
  const to = Math.min(Math.PI / 2, middle + DEVIATIONS * sd);
  const step = (to - from) / (POINTS - 1);
  const lnB = lnGamma(a) + lnGamma(b) - lnGamma(a + b);
  const theta = new Float64Array(POINTS);
  const weight = new Float64Array(POINTS);
  const below = new Float64Array(POINTS);
  const power = (base: number, exponent: number): number =>
    exponent === 0 ? 0 : base > 0 ? exponent * Math.log(base) : -Infinity;
  let before = 0;
  for (let i = 0; i < POINTS; i += 1) {
    const t = from + i * step;
    theta[i] = t;
    const density = 2 * Math.exp(power(Math.sin(t), 2 * a - 1) + power(Math.max(0, Math.cos(t)), 2 * b - 1) - lnB);
    if (i > 0) below[i] = below[i - 1]! + ((before + density) / 2) * step;
    weight[i] = density * step * (i === 0 || i === POINTS - 1 ? 0.5 : 1);
    before = density;
  }
  const all = below[POINTS - 1]!;
  for (let i = 0; i < POINTS; i += 1) {
    below[i]! /= all;
    weight[i]! /= all;
  }
  return { theta, below, weight };
}

/** Share of a beta below an angle. */
export function betaBelow({ theta, below }: Beta, at: number): number {
  const [from, to] = [theta[0]!, theta.at(-1)!];
  if (at <= from) return 0;
  if (at >= to) return 1;
  const place = ((at - from) / (to - from)) * (POINTS - 1);
  const i = Math.min(POINTS - 2, Math.floor(place));
  return below[i]! + (place - i) * (below[i + 1]! - below[i]!);
}

/** Angle below which a share of a beta lies. */
export function betaQuantile({ theta, below }: Beta, share: number): number {
  let [lo, hi] = [0, POINTS - 1];
  while (hi - lo > 1) {
    const middle = (lo + hi) >> 1;
    if (below[middle]! <= share) lo = middle;
    else hi = middle;
  }
  const span = below[hi]! - below[lo]!;
  return theta[lo]! + (span > 0 ? (share - below[lo]!) / span : 0) * (theta[hi]! - theta[lo]!);
}
