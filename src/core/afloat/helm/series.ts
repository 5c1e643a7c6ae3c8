import { InputRuleError, requireInRange, type Limits } from '../../base/guard';

export const SERIES_LIMITS = {
  samples: { min: 0, max: 200_000 },
  windowS: { min: 0, max: 86_400, exclusiveMin: true },
  sd: { min: 0, max: 1e6, exclusiveMin: true },
} as const satisfies Record<string, Limits>;

/**
 * Readings with their times, which must rise.
 *
 * @throws {InputRangeError} at the first time that does not rise, or at `values` where there are not as many as times.
 */
export function checkSeries(tS: readonly number[], values: readonly number[]): void {
  requireInRange('tS', tS.length, SERIES_LIMITS.samples);
  const falls = tS.findIndex((t, i) => i > 0 && t <= tS[i - 1]!);
  if (falls > 0) throw new InputRuleError(`tS[${falls}]`, `more than ${tS[falls - 1]}`);
  if (values.length !== tS.length) throw new InputRuleError('values', `${tS.length} values, one for each time`);
}

/** @returns the mean of some values; 0 of none. */
export const meanOf = (values: readonly number[]): number =>
  values.length === 0 ? 0 : values.reduce((sum, value) => sum + value, 0) / values.length;
