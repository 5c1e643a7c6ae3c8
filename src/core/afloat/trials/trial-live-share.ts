import { requireInRange, type Limits } from '../../base/guard';
import { ENOUGH, lnSum, MOST_EVIDENCE, type Version } from './trial-live';

export const TRIAL_LIVE_SHARE_LIMITS = { tries: { min: 0, max: 20_000 } } as const satisfies Record<string, Limits>;

/** One strike of a version, and whether it came to what is counted: hooked, or landed. */
export interface LiveTry {
  readonly version: Version;
  readonly hit: boolean;
}

export interface TrialLiveShare {
  readonly outcome: 'b-better' | 'a-better' | 'not-yet';
  readonly evidence: number;
  readonly alwaysValidP: number;
  /** tries of each version that had one of the other beside them; later ones wait */
  readonly pairs: number;
}

/** Shares that both versions may have in common, and how far apart they may be: ln of the odds of B over those of A. */
const COMMON = [0.05, 0.15, 0.25, 0.35, 0.45, 0.55, 0.65, 0.75, 0.85, 0.95] as const;
const ODDS_SD = 1;
const STEPS = 10;
const SPAN_SD = 3;

interface Apart {
  readonly lnWeight: number;
  /** ln of what a pair says, by hit of A and of B */
  readonly says: readonly [readonly [number, number], readonly [number, number]];
}

/** Pairs of shares a and b, each weighed; against the null the mean of both stands, as the source asks. */
const APART: readonly Apart[] = COMMON.flatMap((common) =>
  Array.from({ length: 2 * STEPS + 1 }, (_, i): Apart => {
    const odds = (ODDS_SD * SPAN_SD * (i - STEPS)) / STEPS;
    const at = (shift: number) => 1 / (1 + Math.exp(-(Math.log(common / (1 - common)) + shift)));
    const [a, b] = [at(-odds / 2), at(odds / 2)];
    const mean = (a + b) / 2;
    const ln = (share: number, hit: boolean) => Math.log(hit ? share / mean : (1 - share) / (1 - mean));
    const pair = (aHit: boolean, bHit: boolean) => ln(a, aHit) + ln(b, bHit);
    return {
      lnWeight: -0.5 * (odds / ODDS_SD) ** 2,
      says: [
        [pair(false, false), pair(false, true)],
        [pair(true, false), pair(true, true)],
      ],
    };
  }),
);
const LN_WEIGHTS = Math.log(APART.reduce((sum, { lnWeight }) => sum + Math.exp(lnWeight), 0));

/** Evidence that two shares differ, from pairs of one try of each. */
export class PairedEvidence {
  private readonly ln = Float64Array.from(APART, ({ lnWeight }) => lnWeight - LN_WEIGHTS);
  pairs = 0;
  aHits = 0;
  bHits = 0;
  lnEvidence = 0;

  add(aHit: boolean, bHit: boolean): void {
    this.pairs += 1;
    this.aHits += Number(aHit);
    this.bHits += Number(bHit);
    for (const [i, { says }] of APART.entries()) this.ln[i]! += says[Number(aHit) as 0 | 1][Number(bHit) as 0 | 1];
    this.lnEvidence = lnSum(this.ln);
  }
}

/**
 * A comparison of two shares that may be looked at after every try.
 *
 * Model: the first try of A stands beside the first of B, the second beside the second; of each pair
 * p_a(y_a)·p_b(y_b)/(p̄(y_a)·p̄(y_b)) with p̄ = (p_a + p_b)/2 has a mean of at most 1 where both shares are one, whatever it is, so
 * that the weighed mean E over many p_a, p_b exceeds 20 in one of twenty trials at most, however often one looks. `trial-live` is
 * for strikes that come by chance in time; here a try is counted whether it comes to something or not.
 * Source: Turner, Ly and Grünwald, Generic E-variables for exact sequential k-sample tests (2024), with n_a = n_b = 1.
 *
 * @throws {InputRangeError} for more than 20,000 tries.
 */
export function trialLiveShare(tries: readonly LiveTry[]): TrialLiveShare {
  const { paired, lnEvidence } = watch(tries);
  const most = lnEvidence.reduce((greatest, each) => Math.max(greatest, each), 0);
  return {
    outcome: most < Math.log(ENOUGH) ? 'not-yet' : paired.bHits > paired.aHits ? 'b-better' : 'a-better',
    evidence: Math.min(MOST_EVIDENCE, Math.exp(paired.lnEvidence)),
    alwaysValidP: Math.min(1, Math.exp(-most)),
    pairs: paired.pairs,
  };
}

/** Evidence after each pair, as `trialLiveShare` would tell it then. */
export const sharePath = (tries: readonly LiveTry[]): readonly number[] =>
  watch(tries).lnEvidence.map((each) => Math.min(MOST_EVIDENCE, Math.exp(each)));

function watch(tries: readonly LiveTry[]): {
  readonly paired: PairedEvidence;
  readonly lnEvidence: readonly number[];
} {
  requireInRange('tries', tries.length, TRIAL_LIVE_SHARE_LIMITS.tries);
  const [a, b] = [tries.filter(({ version }) => version === 'a'), tries.filter(({ version }) => version === 'b')];
  const paired = new PairedEvidence();
  const lnEvidence: number[] = [];
  for (let i = 0; i < Math.min(a.length, b.length); i += 1) {
    paired.add(a[i]!.hit, b[i]!.hit);
    lnEvidence.push(paired.lnEvidence);
  }
  return { paired, lnEvidence };
}
