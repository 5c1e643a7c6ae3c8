import { requireInRange, type Limits } from '../../base/guard';
import { leastSquares } from '../../base/numeric';

export interface ClutchReading {
  /** where the star, lever or knob stands, in marks, clicks or turns */
  readonly mark: number;
  /** pull at which line leaves the spool [N] */
  readonly pullN: number;
  /** radius of the line on the spool over that of a full spool */
  readonly fill: number;
}

export type ClutchTestResult =
  | {
      readonly outcome: 'ok';
      readonly atZeroN: number;
      readonly perMarkN: number;
      readonly spread: number;
      readonly rmsN: number;
      readonly strongestN: number;
    }
  /** all readings at one mark: only the pull at that mark is known */
  | { readonly outcome: 'one-mark'; readonly pullAtFullN: number; readonly spread: number };

export const CLUTCH_TEST_LIMITS = {
  mark: { min: 0, max: 1000 },
  pullN: { min: 0, max: 2000, exclusiveMin: true },
  fill: { min: 0.2, max: 1 },
  readings: { min: 1, max: 100 },
} as const satisfies Record<string, Limits>;

/** A clutch starts and creeps; a luggage scale read while it does: relative standard deviation. */
const READING_SPREAD = 0.06;

/**
 * Pull of a clutch at a full spool [N] as a straight line over its marks.
 *
 * Model: pull·fill = zero + perMark·mark: the same torque at the axle gives more pull on a smaller radius.
 */
export function clutchTest(readings: readonly ClutchReading[]): ClutchTestResult {
  requireInRange('readings', readings.length, CLUTCH_TEST_LIMITS.readings);
  const atFull = readings.map(({ mark, pullN, fill }, i) => {
    requireInRange(`readings[${i}].mark`, mark, CLUTCH_TEST_LIMITS.mark);
    return (
      requireInRange(`readings[${i}].pullN`, pullN, CLUTCH_TEST_LIMITS.pullN) *
      requireInRange(`readings[${i}].fill`, fill, CLUTCH_TEST_LIMITS.fill)
    );
  });
  const sd = atFull.map((pull) => READING_SPREAD * pull);
  const mean = atFull.reduce((sum, pull) => sum + pull, 0) / atFull.length;
  if (new Set(readings.map(({ mark }) => mark)).size === 1) {
    const fit = leastSquares({
      field: 'readings',
      observed: atFull,
      sd,
      model: ([pull]) => atFull.map(() => pull!),
      start: [mean],
      min: [0],
      max: [2000],
    });
    return { outcome: 'one-mark', pullAtFullN: fit.parameters[0]!, spread: fit.sd[0]! / fit.parameters[0]! };
  }
  const model = ([zero, perMark]: readonly number[]) => readings.map(({ mark }) => zero! + perMark! * mark);
  const fit = leastSquares({
    field: 'readings',
    observed: atFull,
    sd,
    model,
    start: [mean, 0],
    min: [-2000, -2000],
    max: [2000, 2000],
  });
  const rmsN = Math.sqrt(fit.residuals.reduce((sum, r) => sum + r ** 2, 0) / readings.length);
  return {
    outcome: 'ok',
    atZeroN: fit.parameters[0]!,
    perMarkN: fit.parameters[1]!,
    spread: Math.max(rmsN / mean, READING_SPREAD / Math.sqrt(readings.length)),
    rmsN,
    strongestN: Math.max(...atFull),
  };
}
