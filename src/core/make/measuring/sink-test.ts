import { STANDARD_GRAVITY_MPS2 as g } from '../../base/constants';
import { InputRangeError, requireInRange, type Limits } from '../../base/guard';
import { leastSquares } from '../../base/numeric';
import { BODY_LIMITS, waterProperties, type WaterInput } from '../../water';

export interface TimedFall {
  readonly depthM: number;
  readonly timeS: number;
}

export interface SinkTest {
  readonly water: WaterInput;
  readonly massKg: number;
  readonly volumeM3: number;
  readonly falls: readonly TimedFall[];
}

export type SinkTestResult =
  | {
      readonly outcome: 'ok';
      /** drag coefficient times area [m²] */
      readonly dragAreaM2: number;
      readonly dragAreaSdM2: number;
      readonly spread: number;
      readonly terminalMps: number;
      /** root mean square of time read minus time computed [s] */
      readonly rmsTimeS: number;
      /** water that a single fall needs for a spread of 10 % [m] */
      readonly depthForTenthM: number;
    }
  | { readonly outcome: 'floats' };

export const SINK_TEST_LIMITS = {
  depthM: { min: 0.05, max: 50 },
  timeS: { min: 0, max: 3600, exclusiveMin: true },
  falls: { min: 1, max: 100 },
} as const satisfies Record<string, Limits>;

/** A thumb on a stopwatch, at the start and at the end together: one standard deviation [s]. */
const WATCH_SD_S = 0.15;
/** Added mass of a body along its fall, as a share of the water it displaces: a sphere's. */
const ADDED_MASS = 0.5;

/**
 * Drag area [m²] of a body from timed falls from rest.
 *
 * Model: (m + ½ρV)·v̇ = (m − ρV)g − ½ρA·v² has t(z) = (v∞/a)·arcosh(e^{a·z/v∞²}) with a = W/(m + ½ρV), v∞² = 2W/(ρA);
 * least squares in ln A over the times.
 * Valid: A steady over the fall, which is what a lure in a tub shows; line left slack.
 *
 * @throws {InputRangeError} a fall that is quicker than it would be without any drag.
 */
export function sinkTest({ water, massKg, volumeM3, falls }: SinkTest): SinkTestResult {
  const { densityKgPm3: rho } = waterProperties(water);
  const m = requireInRange('massKg', massKg, BODY_LIMITS.massKg);
  const V = requireInRange('volumeM3', volumeM3, BODY_LIMITS.volumeM3);
  requireInRange('falls', falls.length, SINK_TEST_LIMITS.falls);
  const W = (m - rho * V) * g;
  if (W <= 0) return { outcome: 'floats' };
  const a = W / (m + ADDED_MASS * rho * V);
  falls.forEach(({ depthM, timeS }, i) => {
    const z = requireInRange(`falls[${i}].depthM`, depthM, SINK_TEST_LIMITS.depthM);
    const t = requireInRange(`falls[${i}].timeS`, timeS, SINK_TEST_LIMITS.timeS);
    const least = Math.sqrt((2 * z) / a);
    if (t <= least) throw new InputRangeError(`falls[${i}].timeS`, t, least, SINK_TEST_LIMITS.timeS.max);
  });
  const terminal = (A: number) => Math.sqrt((2 * W) / (rho * A));
  const timeS = (z: number, A: number) => {
    const v = terminal(A);
    const x = (a * z) / v ** 2;
    // arcosh(e^x) = x + ln(1 + √(1 − e^(−2x))), which does not overflow for a long fall.
    return (v / a) * (x + Math.log1p(Math.sqrt(-Math.expm1(-2 * x))));
  };
  const longest = falls.reduce((p, q) => (q.depthM > p.depthM ? q : p));
  const start = Math.log((2 * W * longest.timeS ** 2) / (rho * longest.depthM ** 2));
  const fit = leastSquares({
    field: 'falls',
    observed: falls.map((fall) => fall.timeS),
    sd: falls.map(() => WATCH_SD_S),
    model: ([lnA]) => falls.map(({ depthM }) => timeS(depthM, Math.exp(lnA!))),
    start: [start],
    min: [start - 8],
    max: [start + 3],
  });
  const A = Math.exp(fit.parameters[0]!);
  const spread = fit.sd[0]!;
  return {
    outcome: 'ok',
    dragAreaM2: A,
    dragAreaSdM2: A * spread,
    spread,
    terminalMps: terminal(A),
    rmsTimeS: Math.sqrt(fit.residuals.reduce((sum, residual) => sum + residual ** 2, 0) / falls.length),
    // At the terminal speed t = z/v∞ ∝ √A, so dA/A = 2·dt/t.
    depthForTenthM: (terminal(A) * 2 * WATCH_SD_S) / 0.1,
  };
}
