import { requireInRange, type Limits } from '../../base/guard';
import { seeded } from '../../base/numeric';
import { ENOUGH, lnSum, PRIOR_SD, SPAN_SD } from './trial-live';
import { PairedEvidence } from './trial-live-share';

export const TRIAL_SIZE_LIMITS = {
  ratio: { min: 1.05, max: 20 },
  share: { min: 0.01, max: 0.99 },
  chance: { min: 0.1, max: 0.99 },
} as const satisfies Record<string, Limits>;

export type TrialSizeInput = (
  | {
      readonly kind: 'rate';
      /** how many times the rate of one version is that of the other */
      readonly ratio: number;
    }
  | { readonly kind: 'share'; readonly a: number; readonly b: number }
) & {
  /** with which the better one is to be found; 0.8 when absent */
  readonly chance?: number | undefined;
};

export interface TrialSize {
  readonly outcome: 'ok' | 'beyond';
  /** strikes of both versions together, or tries of each; null beyond what was looked at */
  readonly needed: number | null;
  /** by how many half of such trials are over */
  readonly half: number | null;
  /** share of such trials that name the wrong one by then */
  readonly wrong: number;
  readonly lookedTo: number;
}

const CHANCE = 0.8;
/**
 * So many more strikes than with equal lines throughout: each fish takes its line out for a while, and what is left in is uneven.
 * Simulated logs of four lines find a true 2 : 1 in 79 % at the exact size.
 */
const UNEVEN = 1.05;
const MOST_STRIKES = 3000;
const MOST_TRIES = 800;
const SIMULATED = 400;
const SEED = 22;
const POINTS = 401;

/**
 * How long a trial takes that is looked at after every strike, with `trial-live` or `trial-live-share` to decide it.
 *
 * Rates: with equal shares of the lines evidence depends on the two counts alone, and the chance to have come to an end is summed
 * exactly over all ways that lead there; a twentieth is added for lines that come in. Shares: 400 seeded trials.
 *
 * @throws {InputRangeError} when a ratio, a share or the chance lies outside TRIAL_SIZE_LIMITS.
 */
export function trialSize(input: TrialSizeInput): TrialSize {
  const chance = requireInRange('chance', input.chance ?? CHANCE, TRIAL_SIZE_LIMITS.chance);
  if (input.kind === 'rate')
    return strikesNeeded(requireInRange('ratio', input.ratio, TRIAL_SIZE_LIMITS.ratio), chance);
  const a = requireInRange('a', input.a, TRIAL_SIZE_LIMITS.share);
  const b = requireInRange('b', input.b, TRIAL_SIZE_LIMITS.share);
  return triesNeeded(a, b, chance);
}

function strikesNeeded(ratio: number, chance: number): TrialSize {
  const enough = boundary();
  const better = ratio / (1 + ratio);
  // Chance of each number of the better one's strikes in trials that still go on.
  let going = new Float64Array([1]);
  let [right, wrong] = [0, 0];
  let half: number | null = null;
  for (let n = 1; n <= MOST_STRIKES; n += 1) {
    const next = new Float64Array(n + 1);
    for (const [k, p] of going.entries()) {
      next[k]! += p * (1 - better);
      next[k + 1]! += p * better;
    }
    const least = enough(n);
    for (let k = 0; k <= n; k += 1) {
      if (k < least && n - k < least) continue;
      if (k >= least) right += next[k]!;
      else wrong += next[k]!;
      next[k] = 0;
    }
    if (half === null && right + wrong >= 0.5) half = n;
    if (right >= chance) return { outcome: 'ok', needed: Math.ceil(UNEVEN * n), half, wrong, lookedTo: n };
    going = next;
  }
  return { outcome: 'beyond', needed: null, half, wrong, lookedTo: MOST_STRIKES };
}

/** The least number of strikes of one version among n that names it, with as many lines of each; it never falls. */
function boundary(): (n: number) => number {
  const x = Float64Array.from({ length: POINTS }, (_, i) => PRIOR_SD * SPAN_SD * ((2 * i) / (POINTS - 1) - 1));
  const lnPrior = x.map((each) => -0.5 * (each / PRIOR_SD) ** 2);
  const [lnB, lnA] = [x.map((each) => -Math.log1p(Math.exp(-each))), x.map((each) => -Math.log1p(Math.exp(each)))];
  const prior = lnSum(lnPrior);
  const evidence = (n: number, k: number) =>
    lnSum(lnPrior.map((each, i) => each + k * lnB[i]! + (n - k) * lnA[i]!)) - prior + n * Math.LN2;
  let least = 1;
  return (n) => {
    while (least <= n && (2 * least <= n || evidence(n, least) < Math.log(ENOUGH))) least += 1;
    return least;
  };
}

function triesNeeded(a: number, b: number, chance: number): TrialSize {
  const random = seeded(SEED);
  let going = Array.from({ length: SIMULATED }, () => new PairedEvidence());
  let [right, wrong] = [0, 0];
  let half: number | null = null;
  for (let n = 1; n <= MOST_TRIES; n += 1) {
    going = going.filter((paired) => {
      paired.add(random() < a, random() < b);
      if (paired.lnEvidence < Math.log(ENOUGH)) return true;
      if (paired.bHits > paired.aHits === b > a) right += 1;
      else wrong += 1;
      return false;
    });
    if (half === null && right + wrong >= SIMULATED / 2) half = n;
    if (right >= chance * SIMULATED) return { outcome: 'ok', needed: n, half, wrong: wrong / SIMULATED, lookedTo: n };
  }
  return { outcome: 'beyond', needed: null, half, wrong: wrong / SIMULATED, lookedTo: MOST_TRIES };
}
