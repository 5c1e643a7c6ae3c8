import { requireInRange, type Limits } from '../../base/guard';

export const TRIAL_LIVE_LIMITS = {
  events: { min: 0, max: 20_000 },
  lines: { min: 0, max: 1000, exclusiveMin: true },
} as const satisfies Record<string, Limits>;

export type Version = 'a' | 'b';

/** One strike, and how many lines of each version were in the water at that moment. */
export interface LiveEvent {
  readonly version: Version;
  readonly aLines: number;
  readonly bLines: number;
}

export interface TrialLive {
  readonly outcome: 'b-better' | 'a-better' | 'not-yet';
  /** how much likelier the strikes are under some difference than under none; at most 1e300 */
  readonly evidence: number;
  /** chance of such evidence without a difference, however often one looked */
  readonly alwaysValidP: number;
  /** B over A, posterior median, and 5 % to 95 % */
  readonly ratio: number;
  readonly interval: readonly [number, number];
}

/** One standard deviation of ln θ before any strike: differences of two to one are common, of four to one rare. */
export const PRIOR_SD = Math.LN2;
const POINTS = 4001;
export const SPAN_SD = 8;
export const MOST_EVIDENCE = 1e300;
/** Evidence at which a winner is named: false in one of twenty trials at most. */
export const ENOUGH = 20;
const QUANTILES = [0.05, 0.5, 0.95] as const;

/**
 * A comparison that may be looked at after every strike.
 *
 * Model: each strike falls on B with probability θ·b/(θ·b + a), a and b the lines in the water; E = ∫ Π P(event|θ) φ(ln θ) d ln θ
 * over Π P(event|1), ln θ ~ N(0, (ln 2)²), by the trapezoid rule in logarithms. Under no difference E is a martingale, so that
 * 1/max E is a p-value at any time (Ville 1939). Slow on few strikes: ten to none is not yet a winner, fifteen are.
 *
 * @throws {InputRangeError} when a number of lines is not positive.
 */
export function trialLive(events: readonly LiveEvent[]): TrialLive {
  const { lnEvidence, ln, lnTheta } = watch(events);
  const lnMost = lnEvidence.reduce((most, each) => Math.max(most, each), 0);
  const [lo, median, hi] = quantilesOf(ln, lnTheta);
  return {
    outcome: lnMost < Math.log(ENOUGH) ? 'not-yet' : median! > 0 ? 'b-better' : 'a-better',
    evidence: Math.min(MOST_EVIDENCE, Math.exp(lnEvidence.at(-1) ?? 0)),
    alwaysValidP: Math.min(1, Math.exp(-lnMost)),
    ratio: Math.exp(median!),
    interval: [Math.exp(lo!), Math.exp(hi!)],
  };
}

/**
 * Evidence after each strike, as `trialLive` would tell it then.
 *
 * @throws {InputRangeError} as `trialLive`.
 */
export const evidencePath = (events: readonly LiveEvent[]): readonly number[] =>
  watch(events).lnEvidence.map((each) => Math.min(MOST_EVIDENCE, Math.exp(each)));

/** ln of the evidence after each strike, and of the posterior after all, up to a constant. */
function watch(events: readonly LiveEvent[]): {
  readonly lnEvidence: readonly number[];
  readonly ln: Float64Array;
  readonly lnTheta: Float64Array;
} {
  requireInRange('events', events.length, TRIAL_LIVE_LIMITS.events);
  const step = (2 * SPAN_SD * PRIOR_SD) / (POINTS - 1);
  const lnTheta = Float64Array.from({ length: POINTS }, (_, k) => -SPAN_SD * PRIOR_SD + k * step);
  // ln of prior times weight, then of the posterior.
  const ln = lnTheta.map((x, k) => -0.5 * (x / PRIOR_SD) ** 2 + (k === 0 || k === POINTS - 1 ? -Math.LN2 : 0));
  const lnPrior = lnSum(ln);
  const terms = new Map<string, Float64Array>();
  let lnUnderNone = 0;
  const lnEvidence = events.map(({ version, aLines, bLines }, i) => {
    const a = requireInRange(`events[${i}].aLines`, aLines, TRIAL_LIVE_LIMITS.lines);
    const b = requireInRange(`events[${i}].bLines`, bLines, TRIAL_LIVE_LIMITS.lines);
    const key = `${version} ${a} ${b}`;
    const term = terms.get(key) ?? lnTheta.map((x) => lnChance(version, a, b, x));
    terms.set(key, term);
    for (let k = 0; k < POINTS; k += 1) ln[k]! += term[k]!;
    lnUnderNone += lnChance(version, a, b, 0);
    return lnSum(ln) - lnPrior - lnUnderNone;
  });
  return { lnEvidence, ln, lnTheta };
}

/** ln of the chance that a strike falls on a version, at ln θ. */
function lnChance(version: Version, a: number, b: number, x: number): number {
  const odds = x + Math.log(b / a);
  return -Math.log1p(Math.exp(version === 'b' ? -odds : odds));
}

/** e to this is lost beside one: four thousand such terms come to 1e-14 of the sum. */
const NEGLIGIBLE = -40;

/** ln of the sum of what these are the logarithms of. */
export function lnSum(ln: Float64Array): number {
  let most = -Infinity;
  for (let k = 0; k < ln.length; k += 1) if (ln[k]! > most) most = ln[k]!;
  let sum = 0;
  for (let k = 0; k < ln.length; k += 1) {
    const less = ln[k]! - most;
    if (less > NEGLIGIBLE) sum += Math.exp(less);
  }
  return most + Math.log(sum);
}

/** ln θ below which given shares of the posterior lie, by its running sum. */
function quantilesOf(ln: Float64Array, lnTheta: Float64Array): readonly number[] {
  const all = lnSum(ln);
  const found: number[] = [];
  let below = 0;
  for (const [k, value] of ln.entries()) {
    const mass = Math.exp(value - all);
    while (found.length < QUANTILES.length && below + mass >= QUANTILES[found.length]!) {
      const share = (QUANTILES[found.length]! - below) / mass;
      const width = lnTheta[1]! - lnTheta[0]!;
      // A point's mass lies half a step to each side of it.
      found.push(lnTheta[k]! + (share - 0.5) * width);
    }
    below += mass;
  }
  return found;
}
