import { requireInRange, type Limits } from '../../base/guard';

/** Repeats of one reading as a figure and its spread, one standard deviation, absolute and relative. */
export interface Measured {
  readonly value: number;
  readonly sd: number;
  readonly spread: number;
}

/** More repeats than anyone takes at a kitchen table. */
export const READINGS_COUNT = { min: 1, max: 100 } as const satisfies Limits;

/**
 * Mean of repeated readings and its standard deviation.
 *
 * Model: the mean's spread from the scatter of the readings, s/√n, and from the instrument's step, step/√12, which
 * repeats do not take away. One reading has no scatter of its own; it takes `loneSd` instead.
 * Source: GUM 1995 (JCGM 100), 4.2.3 and F.2.2.1.
 */
export function meanOf(
  readings: readonly number[],
  options: { readonly step: number; readonly loneSd: number },
): Measured {
  const n = requireInRange('readings', readings.length, READINGS_COUNT);
  const value = readings.reduce((sum, reading) => sum + reading, 0) / n;
  const scatter =
    n === 1
      ? options.loneSd
      : Math.sqrt(readings.reduce((sum, reading) => sum + (reading - value) ** 2, 0) / (n - 1) / n);
  const sd = Math.hypot(scatter, options.step / Math.sqrt(12));
  // Of a mean of nothing no share can be told: it is as unsure as it is large.
  return { value, sd, spread: value === 0 ? 1 : sd / Math.abs(value) };
}
