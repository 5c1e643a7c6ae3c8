import { requireInRange, type Limits } from '../../base/guard';
import { gammaQuantile, lnGamma } from '../../base/stats';
import {
  fullIntervals,
  GRID,
  lnLikelihood,
  middle90,
  RATE_SHAPE,
  SHAPES,
  type Counted,
  type Gamma,
} from './full-intervals';

export const RATES_LIMITS = {
  cells: { min: 1, max: 60 },
  events: { min: 0, max: 1e6 },
  exposureH: { min: 0, max: 1e6, exclusiveMin: true },
  /** shape of the prior */
  shape: RATE_SHAPE,
} as const satisfies Record<string, Limits>;

export interface RateCell {
  readonly name: string;
  readonly events: number;
  readonly exposureH: number;
}

export interface Rates {
  readonly outcome: 'ok' | 'nothing-yet';
  readonly overallPerH: number;
  readonly priorShape: number | null;
  readonly cells: readonly {
    readonly name: string;
    readonly ratePerH: number;
    /** 5 % to 95 % of the posterior, the common rate and the shape taken as known */
    readonly interval: readonly [number, number];
    /** the same with the common rate and the shape as uncertain as the counts leave them */
    readonly fullInterval: readonly [number, number];
    readonly rawPerH: number;
    readonly probabilityBest: number | null;
  }[];
}

const GOLDEN_STEPS = 40;
const GOLDEN = (Math.sqrt(5) - 1) / 2;
/** Of no event at all: the shape of Jeffreys' prior. */
const NO_EVENT_SHAPE = 0.5;
const POINTS = 4000;

/**
 * Rates of several cells, each drawn toward what all have in common as far as they agree.
 *
 * Model: prior Gamma(shape k, mean μ = Σn/ΣH), k where the negative-binomial likelihood of the counts is greatest; posterior
 * Gamma(k + n, k/μ + H). The chance to be best is ∫ fᵢ Π Fⱼ over ln x by the trapezoid rule.
 * Source: Gelman et al., Bayesian Data Analysis, 3rd edition, section 5.1 (empirical Bayes).
 *
 * @throws {InputRangeError} when a count or an exposure lies outside RATES_LIMITS.
 */
export function rates(given: readonly RateCell[]): Rates {
  requireInRange('cells', given.length, RATES_LIMITS.cells);
  const cells = given.map(({ name, events, exposureH }, i) => ({
    name,
    n: requireInRange(`cells[${i}].events`, events, RATES_LIMITS.events),
    H: requireInRange(`cells[${i}].exposureH`, exposureH, RATES_LIMITS.exposureH),
  }));
  const total = cells.reduce((sum, { n }) => sum + n, 0);
  if (total === 0)
    return {
      outcome: 'nothing-yet',
      overallPerH: 0,
      priorShape: null,
      cells: cells.map(({ name, H }) => ({
        name,
        ratePerH: 0,
        interval: [0, gammaQuantile(0.95, NO_EVENT_SHAPE, H)],
        fullInterval: [0, gammaQuantile(0.95, NO_EVENT_SHAPE, H)],
        rawPerH: 0,
        probabilityBest: null,
      })),
    };
  const mu = total / cells.reduce((sum, { H }) => sum + H, 0);
  const k = likeliestShape(cells, mu);
  const posteriors = cells.map(({ n, H }) => ({ shape: k + n, rate: k / mu + H }));
  const best = chancesToBeBest(posteriors);
  const full = fullIntervals(cells, mu);
  return {
    outcome: 'ok',
    overallPerH: mu,
    priorShape: k,
    cells: cells.map(({ name, n, H }, i) => {
      const { shape, rate } = posteriors[i]!;
      return {
        name,
        ratePerH: shape / rate,
        interval: middle90({ shape, rate }),
        fullInterval: full[i]!,
        rawPerH: n / H,
        probabilityBest: best[i]!,
      };
    }),
  };
}

/** The shape in [0.3, 300] at which the counts are likeliest, looked for in ln k: a grid, then golden section. */
function likeliestShape(cells: readonly Counted[], mu: number): number {
  const { min, max } = RATES_LIMITS.shape;
  const likelihood = (lnK: number) => lnLikelihood(cells, mu, Math.exp(lnK));
  const at = (i: number) => Math.log(SHAPES[Math.min(GRID, Math.max(0, i))]!);
  const values = SHAPES.map((k) => lnLikelihood(cells, mu, k));
  const peak = values.indexOf(Math.max(...values));
  let [lo, hi] = [at(peak - 1), at(peak + 1)];
  for (let i = 0; i < GOLDEN_STEPS; i += 1) {
    const [a, b] = [hi - GOLDEN * (hi - lo), lo + GOLDEN * (hi - lo)];
    if (likelihood(a) >= likelihood(b)) hi = b;
    else lo = a;
  }
  return Math.min(max, Math.max(min, Math.exp((lo + hi) / 2)));
}

function chancesToBeBest(posteriors: readonly Gamma[]): readonly number[] {
  if (posteriors.length === 1) return [1];
  const lo = Math.min(
    ...posteriors.map(({ shape, rate }) => Math.log(shape / rate) - Math.max(9 / Math.sqrt(shape), 16 / shape)),
  );
  const hi = Math.max(...posteriors.map(({ shape, rate }) => Math.log((shape + 9 * Math.sqrt(shape) + 25) / rate)));
  const step = (hi - lo) / (POINTS - 1);
  const lnX = Float64Array.from({ length: POINTS }, (_, i) => lo + i * step);
  const X = lnX.map(Math.exp);
  const masses = posteriors.map(({ shape, rate }) => {
    const constant = shape * Math.log(rate) - lnGamma(shape);
    const mass = new Float64Array(POINTS);
    let whole = 0;
    for (let i = 0; i < POINTS; i += 1) {
      mass[i] = Math.exp(constant + shape * lnX[i]! - rate * X[i]!);
      whole += mass[i]!;
    }
    for (let i = 0; i < POINTS; i += 1) mass[i]! /= whole;
    return mass;
  });
  const count = posteriors.length;
  const below = new Float64Array(count);
  const best = Array.from(posteriors, () => 0);
  const chance = new Float64Array(count);
  // Behind a cell's place: the chance that all from it on lie below this rate.
  const after = new Float64Array(count + 1).fill(1);
  for (let i = 0; i < POINTS; i += 1) {
    // Of a point's own mass half lies below it.
    for (let j = 0; j < count; j += 1) chance[j] = below[j]! + masses[j]![i]! / 2;
    for (let j = count - 1; j >= 0; j -= 1) after[j] = after[j + 1]! * chance[j]!;
    let before = 1;
    for (let j = 0; j < count; j += 1) {
      best[j]! += masses[j]![i]! * before * after[j + 1]!;
      before *= chance[j]!;
      below[j]! += masses[j]![i]!;
    }
  }
  return best;
}
