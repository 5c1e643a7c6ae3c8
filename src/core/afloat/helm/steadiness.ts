import { requireInRange } from '../../base/guard';
import { checkSeries, meanOf, SERIES_LIMITS } from './series';

export interface SteadinessInput {
  /** ascending */
  readonly tS: readonly number[];
  readonly values: readonly number[];
  /** how much of the end is looked at [s]; a minute when absent */
  readonly windowS?: number | undefined;
}

export interface Steadiness {
  readonly outcome: 'ok' | 'too-few';
  readonly mean: number | null;
  /** about the mean, n − 1 */
  readonly sd: number | null;
  /** slope by least squares, a minute */
  readonly trendPerMin: number | null;
}

const WINDOW_S = 60;
const LEAST = 3;

/**
 * Mean, scatter and trend of the last readings of a series; too few below three.
 *
 * @throws {InputRangeError} when times do not rise, or the window is not positive.
 */
export function steadiness({ tS, values, windowS = WINDOW_S }: SteadinessInput): Steadiness {
  checkSeries(tS, values);
  requireInRange('windowS', windowS, SERIES_LIMITS.windowS);
  const last = tS.at(-1) ?? 0;
  const from = tS.findIndex((t) => t >= last - windowS);
  const [t, y] = from < 0 ? [[], []] : [tS.slice(from), values.slice(from)];
  if (y.length < LEAST) return { outcome: 'too-few', mean: null, sd: null, trendPerMin: null };
  const [meanT, mean] = [meanOf(t), meanOf(y)];
  let [tt, ty, yy] = [0, 0, 0];
  for (const [i, at] of t.entries()) {
    const [dt, dy] = [at - meanT, y[i]! - mean];
    tt += dt * dt;
    ty += dt * dy;
    yy += dy * dy;
  }
  return { outcome: 'ok', mean, sd: Math.sqrt(yy / (y.length - 1)), trendPerMin: (60 * ty) / tt };
}
