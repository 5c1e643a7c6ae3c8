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
  const slope = () => new Float64Array(n);
  const [k1, k2, k3, k4, k5, k6, k7] = [slope(), slope(), slope(), slope(), slope(), slope(), slope()];
  let y = Float64Array.from(start.y);
  const stage = new Float64Array(n);
  let t = start.t;
  const { until = Infinity } = options;
  let h = Math.min(options.firstStep, until - t);
  f(t, y, k1);
  let taken = 0;
  for (let attempt = 0; attempt < options.maxSteps; attempt += 1) {
    // Written out, since a loop over the tableau takes three times as long, and this is the inner loop of every fall and tow.
    for (let i = 0; i < n; i += 1) stage[i] = y[i]! + h * a21 * k1[i]!;
    f(t + h / 5, stage, k2);
    for (let i = 0; i < n; i += 1) stage[i] = y[i]! + h * (a31 * k1[i]! + a32 * k2[i]!);
    f(t + (3 * h) / 10, stage, k3);
    for (let i = 0; i < n; i += 1) stage[i] = y[i]! + h * (a41 * k1[i]! + a42 * k2[i]! + a43 * k3[i]!);
    f(t + (4 * h) / 5, stage, k4);
    for (let i = 0; i < n; i += 1) stage[i] = y[i]! + h * (a51 * k1[i]! + a52 * k2[i]! + a53 * k3[i]! + a54 * k4[i]!);
    f(t + (8 * h) / 9, stage, k5);
    for (let i = 0; i < n; i += 1)
      stage[i] = y[i]! + h * (a61 * k1[i]! + a62 * k2[i]! + a63 * k3[i]! + a64 * k4[i]! + a65 * k5[i]!);
    f(t + h, stage, k6);
    const next = new Float64Array(n);
    for (let i = 0; i < n; i += 1)
      next[i] = y[i]! + h * (a71 * k1[i]! + a73 * k3[i]! + a74 * k4[i]! + a75 * k5[i]! + a76 * k6[i]!);
    f(t + h, next, k7);

    let error = 0;
    for (let i = 0; i < n; i += 1) {
      const miss = h * (e1 * k1[i]! + e3 * k3[i]! + e4 * k4[i]! + e5 * k5[i]! + e6 * k6[i]! + e7 * k7[i]!);
      const size = Math.max(Math.abs(y[i]!), Math.abs(next[i]!), options.scale);
      error = Math.max(error, Math.abs(miss) / (options.tolerance * size));
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

const a21 = 1 / 5;
const [a31, a32] = [3 / 40, 9 / 40];
const [a41, a42, a43] = [44 / 45, -56 / 15, 32 / 9];
const [a51, a52, a53, a54] = [19372 / 6561, -25360 / 2187, 64448 / 6561, -212 / 729];
const [a61, a62, a63, a64, a65] = [9017 / 3168, -355 / 33, 46732 / 5247, 49 / 176, -5103 / 18656];
const [a71, a73, a74, a75, a76] = [35 / 384, 500 / 1113, 125 / 192, -2187 / 6784, 11 / 84];
/** The fifth order less the fourth. */
const [e1, e3, e4, e5, e6, e7] = [71 / 57600, -71 / 16695, 71 / 1920, -17253 / 339200, 22 / 525, -1 / 40];
