import { findRoot } from './find-root';

/** Right-hand side of y' = f(t, y); writes the derivative into `out`. */
export type Derivative = (t: number, y: Readonly<Float64Array>, out: Float64Array) => void;

export interface IntegrationStep {
  readonly t0: number;
  readonly t1: number;
  readonly y0: Readonly<Float64Array>;
  readonly y1: Readonly<Float64Array>;
  readonly dy0: Readonly<Float64Array>;
  readonly dy1: Readonly<Float64Array>;
}

export interface IntegrationOptions {
  /** error allowed a step, relative to max(|y|, scale) */
  readonly tolerance: number;
  /** size below which a component counts as zero */
  readonly scale: number;
  readonly firstStep: number;
  readonly maxSteps: number;
  /** the last step ends here */
  readonly until?: number;
}

/** How a march ended, and the steps that were accepted. */
export interface Integration {
  readonly kind: 'stopped' | 'reached' | 'out-of-steps';
  readonly steps: number;
}

/**
 * Marches y' = f(t, y) forward, handing each accepted step to `visit`, until `visit` returns false, `until` is reached, or
 * the step budget is spent: the caller is told which.
 *
 * Model: explicit Runge-Kutta pair of order 5(4), local extrapolation, first-same-as-last.
 * Source: Dormand and Prince 1980, J. Comp. Appl. Math. 6, 19, table 2.
 */
export function integrate(
  f: Derivative,
  start: { readonly t: number; readonly y: readonly number[] },
  options: IntegrationOptions,
  visit: (step: IntegrationStep) => boolean,
): Integration {
  const n = start.y.length;
  const k = Array.from({ length: 7 }, () => new Float64Array(n));
  const [k1, k2, k3, k4, k5, k6, k7] = k as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  let y = Float64Array.from(start.y);
  const stage = new Float64Array(n);
  let t = start.t;
  const { until = Infinity } = options;
  let h = Math.min(options.firstStep, until - t);
  const combine = (weights: readonly number[]) => {
    for (let i = 0; i < n; i += 1) {
      let sum = 0;
      for (let j = 0; j < weights.length; j += 1) sum += weights[j]! * k[j]![i]!;
      stage[i] = y[i]! + h * sum;
    }
    return stage;
  };
  f(t, y, k1);
  let taken = 0;
  for (let attempt = 0; attempt < options.maxSteps; attempt += 1) {
    f(t + h / 5, combine(A2), k2);
    f(t + (3 * h) / 10, combine(A3), k3);
    f(t + (4 * h) / 5, combine(A4), k4);
    f(t + (8 * h) / 9, combine(A5), k5);
    f(t + h, combine(A6), k6);
    const next = combine(A7).slice();
    f(t + h, next, k7);

    let error = 0;
    for (let i = 0; i < n; i += 1) {
      let sum = 0;
      for (let j = 0; j < 7; j += 1) sum += ERROR[j]! * k[j]![i]!;
      const size = Math.max(Math.abs(y[i]!), Math.abs(next[i]!), options.scale);
      error = Math.max(error, Math.abs(h * sum) / (options.tolerance * size));
    }
    if (error <= 1) {
      taken += 1;
      const goesOn = visit({ t0: t, t1: t + h, y0: y, y1: next, dy0: k1, dy1: k7 });
      t += h;
      y = next;
      k1.set(k7);
      if (!goesOn) return { kind: 'stopped', steps: taken };
      if (t >= until) return { kind: 'reached', steps: taken };
    }
    // Where a stage left the numbers, a smaller step may stay inside.
    h *= Number.isFinite(error) ? Math.min(4, Math.max(0.2, 0.9 * Math.max(error, 1e-10) ** -0.2)) : 0.2;
    // A rest of a rounding error would be a step of its own.
    if (h > (until - t) * (1 - 1e-9)) h = until - t;
  }
  return { kind: 'out-of-steps', steps: taken };
}

/** Cubic through both ends of a step with their slopes: component `i` at `t`. */
export function hermite(step: IntegrationStep, i: number, t: number): number {
  const h = step.t1 - step.t0;
  const s = (t - step.t0) / h;
  const r = 1 - s;
  return (
    r * r * (1 + 2 * s) * step.y0[i]! +
    s * s * (1 + 2 * r) * step.y1[i]! +
    h * s * r * (r * step.dy0[i]! - s * step.dy1[i]!)
  );
}

/**
 * When an accepted step makes an event: where `g` of the interpolated state crosses zero inside it; null when it does not.
 * Half of a step's rounding in t is the most that is asked of the root.
 */
export function eventIn(step: IntegrationStep, g: (at: (i: number) => number) => number): number | null {
  const [fLo, fHi] = [g((i) => step.y0[i]!), g((i) => step.y1[i]!)];
  if (fLo === 0 || fLo > 0 === fHi > 0) return null;
  return findRoot(
    (t) => g((i) => hermite(step, i, t)),
    { lo: step.t0, hi: step.t1, fLo, fHi },
    1e-12 * Math.max(Math.abs(step.t1), step.t1 - step.t0),
  );
}

const A2 = [1 / 5];
const A3 = [3 / 40, 9 / 40];
const A4 = [44 / 45, -56 / 15, 32 / 9];
const A5 = [19372 / 6561, -25360 / 2187, 64448 / 6561, -212 / 729];
const A6 = [9017 / 3168, -355 / 33, 46732 / 5247, 49 / 176, -5103 / 18656];
const A7 = [35 / 384, 0, 500 / 1113, 125 / 192, -2187 / 6784, 11 / 84];
const ERROR = [71 / 57600, 0, -71 / 16695, 71 / 1920, -17253 / 339200, 22 / 525, -1 / 40];
