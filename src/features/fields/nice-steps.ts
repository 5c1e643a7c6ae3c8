import type { Measure } from '@/core/base/measure';
import type { I18n } from '@/i18n/client';

/** Steps that a table or an axis may have, over a power of ten. */
const NICE = [1, 1.5, 2, 2.5, 3, 4, 5, 7.5, 10] as const;

/** The largest nice step that is not above a value: `1.5` for 1.9, `20` for 24. */
export function niceStep(value: number): number {
  const power = 10 ** Math.floor(Math.log10(value));
  return power * NICE.findLast((step) => step * power <= value * (1 + 1e-9))!;
}

/**
 * So many steps from one step on, round in the unit that is shown and given in SI, the last near `mostSi`; for measures
 * whose units differ by a factor.
 */
export function niceSteps(
  mostSi: number,
  count: number,
  measure: Measure,
  { inUnit }: Pick<I18n, 'inUnit'>,
): readonly number[] {
  const perUnit = 1 / inUnit(1, measure);
  const step = niceStep(mostSi / count / perUnit);
  return Array.from({ length: count }, (_, i) => Number(((i + 1) * step * perUnit).toPrecision(12)));
}

/** The smallest step of an axis, round in the unit that is shown and no less than `least` [SI]. */
export function axisStep(least: number, measure: Measure, { inUnit }: Pick<I18n, 'inUnit'>): number {
  const perUnit = 1 / inUnit(1, measure);
  const power = 10 ** Math.floor(Math.log10(least / perUnit));
  return perUnit * power * [1, 2, 5, 10].find((each) => each * power * perUnit >= least * (1 - 1e-9))!;
}

/** Steps of an axis from the first one on, round in the unit that is shown and no smaller than `least`, the last at `most` or less than a step beyond it [SI]. */
export function axisSteps(
  most: number,
  least: number,
  measure: Measure,
  i18n: Pick<I18n, 'inUnit'>,
): readonly number[] {
  const step = axisStep(least, measure, i18n);
  const count = Math.max(1, Math.ceil(most / step - 1e-9));
  return Array.from({ length: count }, (_, i) => Number(((i + 1) * step).toPrecision(12)));
}
