import { InputRangeError, requireInRange, type Limits } from '../../base/guard';
import { leastSquares } from '../../base/numeric';

export interface LineTest {
  /** length under test, unloaded [m] */
  readonly lengthM: number;
  readonly pulls: readonly { readonly forceN: number; readonly stretchM: number }[];
}

export interface LineTestResult {
  readonly outcome: 'ok';
  /** stiffness of the line, force over relative stretch [N] */
  readonly eaN: number;
  readonly eaSdN: number;
  readonly spread: number;
  readonly rmsStretchM: number;
}

export const LINE_TEST_LIMITS = {
  lengthM: { min: 0.5, max: 200 },
  forceN: { min: 0, max: 2000, exclusiveMin: true },
  stretchM: { min: 0, max: 100, exclusiveMin: true },
  pulls: { min: 1, max: 50 },
} as const satisfies Record<string, Limits>;

/** A mark on the line held against a rule, at both ends: one standard deviation [m]. */
const MARK_SD_M = 0.004;
/** No fishing line doubles its length before it breaks. */
const MOST_STRETCH = 0.6;

/**
 * Stiffness EA [N] of a line from its stretch under known pulls.
 *
 * Model: stretch = F·L/EA, least squares in ln EA over the stretches.
 *
 * @throws {InputRangeError} a stretch beyond 60 % of the length, or a stronger pull that stretches less.
 */
export function lineTest({ lengthM, pulls }: LineTest): LineTestResult {
  const L = requireInRange('lengthM', lengthM, LINE_TEST_LIMITS.lengthM);
  requireInRange('pulls', pulls.length, LINE_TEST_LIMITS.pulls);
  pulls.forEach(({ forceN, stretchM }, i) => {
    requireInRange(`pulls[${i}].forceN`, forceN, LINE_TEST_LIMITS.forceN);
    requireInRange(`pulls[${i}].stretchM`, stretchM, { ...LINE_TEST_LIMITS.stretchM, max: MOST_STRETCH * L });
    const weaker = pulls.find((other) => other.forceN < forceN && other.stretchM >= stretchM);
    if (weaker) throw new InputRangeError(`pulls[${i}].stretchM`, stretchM, weaker.stretchM, MOST_STRETCH * L);
  });
  const start = Math.log((pulls[0]!.forceN * L) / pulls[0]!.stretchM);
  const fit = leastSquares({
    field: 'pulls',
    observed: pulls.map(({ stretchM }) => stretchM),
    sd: pulls.map(() => MARK_SD_M),
    model: ([lnEa]) => pulls.map(({ forceN }) => (forceN * L) / Math.exp(lnEa!)),
    start: [start],
    min: [start - 5],
    max: [start + 5],
  });
  const eaN = Math.exp(fit.parameters[0]!);
  return {
    outcome: 'ok',
    eaN,
    eaSdN: eaN * fit.sd[0]!,
    spread: fit.sd[0]!,
    rmsStretchM: Math.sqrt(fit.residuals.reduce((sum, r) => sum + r ** 2, 0) / pulls.length),
  };
}
