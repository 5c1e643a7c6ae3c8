import type { Limits } from '../../base/guard';
import { gammaQuantile, lnGamma } from '../../base/stats';

/** Events n in H hours. */
export interface Counted {
  readonly n: number;
  readonly H: number;
}

export interface Gamma {
  readonly shape: number;
  readonly rate: number;
}

/** Shape of the prior of rates, and steps of its logarithm. */
export const RATE_SHAPE = { min: 0.3, max: 300 } as const satisfies Limits;
export const GRID = 60;
export const SHAPES: readonly number[] = Array.from(
  { length: GRID + 1 },
  (_, i) => RATE_SHAPE.min * (RATE_SHAPE.max / RATE_SHAPE.min) ** (i / GRID),
);

/** ln of the negative-binomial likelihood of counts whose rates are Gamma(k, k/μ), but for what k does not change. */
export const lnLikelihood = (cells: readonly Counted[], mu: number, k: number): number =>
  cells.reduce(
    (sum, { n, H }) =>
      sum + lnGamma(k + n) - lnGamma(k) + k * Math.log(k / (k + mu * H)) + n * Math.log((mu * H) / (k + mu * H)),
    0,
  );

/** 5 % and 95 % */
export const middle90 = ({ shape, rate }: Gamma): readonly [number, number] => [
  gammaQuantile(0.05, shape, rate),
  gammaQuantile(0.95, shape, rate),
];

/**
 * How far off each rate may be [1/h], 5 % to 95 %, where neither the common rate μ nor the shape k is better known than the counts
 * allow. With both taken as known, five strikes in five hours of one cell would be 1.0 give or take a tenth.
 *
 * Model: for each k the posterior Gamma(k + n, k/μ + H) has the mean m(μ), and what Var μ = Σ(μH + (μH)²/k)/(ΣH)² moves that,
 * (dm/dμ)²·Var μ, is added to its variance; k is averaged over its likelihood and a prior that is flat in k/(k + z), z the mean
 * count; a Gamma of the mean and the variance that come of it gives the quantiles. Of rates that are drawn from a Gamma of shape 4
 * or more, 86 to 99 % lie within, of one of shape 1 82 to 95 %, in 1 to 12 cells of 1 to 15 expected events.
 * Source: Kass and Steffey, Approximate Bayesian inference in conditionally independent hierarchical models, Journal of the American
 * Statistical Association 84, 1989 (the common rate). Christiansen and Morris, Hierarchical Poisson regression modeling, the same
 * journal 92, 1997 (the prior of k).
 */
export function fullIntervals(cells: readonly Counted[], mu: number): readonly (readonly [number, number])[] {
  const hours = cells.reduce((sum, { H }) => sum + H, 0);
  const meanCount = (mu * hours) / cells.length;
  const lnL = SHAPES.map((k) => lnLikelihood(cells, mu, k) + Math.log(k / (k + meanCount) ** 2));
  const most = Math.max(...lnL);
  const weights = lnL.map((each) => Math.exp(each - most));
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  const muVariances = SHAPES.map((k) => cells.reduce((sum, { H }) => sum + mu * H + (mu * H) ** 2 / k, 0) / hours ** 2);
  const averaged = (of: (k: number, i: number) => number) =>
    SHAPES.reduce((sum, k, i) => sum + weights[i]! * of(k, i), 0) / whole;
  return cells.map(({ n, H }) => {
    const mean = (k: number) => (mu * (k + n)) / (k + mu * H);
    const variance = (k: number, i: number) =>
      mean(k) ** 2 / (k + n) + ((k * (k + n)) / (k + mu * H) ** 2) ** 2 * muVariances[i]!;
    const m = averaged(mean);
    const V = averaged((k, i) => variance(k, i) + (mean(k) - m) ** 2);
    return middle90({ shape: m ** 2 / V, rate: m / V });
  });
}
