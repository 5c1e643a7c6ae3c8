import { InputRangeError, requireInRange, type Limits } from '../../base/guard';
import { meanOf } from './readings';

export interface PullTest {
  /** what each of the knots held, or each of the hooks opened at [N] */
  readonly pullsN: readonly number[];
  /** the scale's smallest step [N] */
  readonly stepN: number;
  /** strength of the straight line the knots were tied in [N]; absent for a hook */
  readonly onLineN?: number | undefined;
}

export interface PullTestResult {
  readonly outcome: 'ok';
  readonly meanN: number;
  /** spread of one piece, relative: the next knot will scatter as these did */
  readonly spread: number;
  /** share of the line's strength; null without `onLineN` */
  readonly share: number | null;
  /** the weakest one [N] */
  readonly leastN: number;
}

export const PULL_TEST_LIMITS = {
  pullN: { min: 0, max: 5000, exclusiveMin: true },
  stepN: { min: 0, max: 100 },
} as const satisfies Record<string, Limits>;

/** Spread of a lone pull: knots tied by one hand scatter by about a tenth. */
const LONE_SPREAD = 0.1;
/** A scale and a line that disagree: no knot holds more than its line by more than this. */
const MOST_SHARE = 1.25;

/**
 * What a knot holds, or a hook opens at, from pulls to failure.
 *
 * Model: mean over the pulls; the spread is that of one piece, s, not of the mean, because one knot will be fished.
 *
 * @throws {InputRangeError} a knot that held a quarter more than its line.
 */
export function pullTest({ pullsN, stepN, onLineN }: PullTest): PullTestResult {
  pullsN.forEach((pull, i) => requireInRange(`pullsN[${i}]`, pull, PULL_TEST_LIMITS.pullN));
  requireInRange('stepN', stepN, PULL_TEST_LIMITS.stepN);
  const mean = meanOf(pullsN, { step: stepN, loneSd: LONE_SPREAD * pullsN[0]! });
  if (onLineN !== undefined) {
    requireInRange('onLineN', onLineN, PULL_TEST_LIMITS.pullN);
    pullsN.forEach((pull, i) => {
      if (pull > MOST_SHARE * onLineN) throw new InputRangeError(`pullsN[${i}]`, pull, 0, MOST_SHARE * onLineN);
    });
  }
  return {
    outcome: 'ok',
    meanN: mean.value,
    spread: pullsN.length === 1 ? mean.spread : mean.spread * Math.sqrt(pullsN.length),
    share: onLineN === undefined ? null : Math.min(1, mean.value / onLineN),
    leastN: Math.min(...pullsN),
  };
}
