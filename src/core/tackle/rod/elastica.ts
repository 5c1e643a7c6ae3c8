import { InputRangeError, requireInRange } from '../../base/guard';

export const ELASTICA_LIMITS = {
  loadRatio: { min: 0, max: 2000 },
  /** thinner is no rod, and takes the solver a hundred times as long */
  tipRatio: { min: 0.01, max: 1 },
  pullAngleRad: { min: 0, max: 3.1415 },
} as const;

export interface ElasticaInput {
  /** F·L²/EI at the grip */
  readonly loadRatio: number;
  /** tip diameter over grip diameter */
  readonly tipRatio: number;
  /** direction of the pull from the grip axis [rad] */
  readonly pullAngleRad: number;
}

/**
 * Where Newton starts for a neighbouring pull: the tip value that solved this one and how it moves with the load and
 * with the pull's direction, all as X = ln tan(ψ/4).
 */
export interface ElasticaStart {
  readonly tip: number;
  readonly loadRatio: number;
  readonly pull: number;
  readonly byLoad: number;
  readonly byPull: number;
  /** the nodes it stood on, which serve for any pull that needs as many */
  readonly grid: TaperGrid | null;
}

/** A bent rod in units of its own length and grip rigidity. */
export interface Elastica {
  /** where a solution for a neighbouring pull starts */
  readonly start: ElasticaStart;
  /** tip, along and across the grip axis, over L */
  readonly tipX: number;
  readonly tipY: number;
  /** slope of the tip against the grip axis [rad] */
  readonly tipAngleRad: number;
  /** moment at the grip over F·L */
  readonly leverArm: number;
  /** shift of the tip along the pull from the straight rod, over L */
  readonly yieldAlong: number;
  /** elastic energy, over EI/L */
  readonly energy: number;
  /** d(yieldAlong)/d(loadRatio) */
  readonly compliance: number;
}

/** Points along the rod: `u` from the tip, and the way back from there to the tip along and across the pull. */
export interface ElasticaTrace {
  readonly u: number[];
  readonly along: number[];
  readonly across: number[];
  readonly angle: number[];
}

/**
 * The bent shape of a tapered cantilever pulled at its tip by a force of fixed direction.
 *
 * Model: exact inextensible elastica EI·θ' = M with EI ∝ (1−(1−r)s/L)⁴, no inflexion. With ψ = angle − θ the
 * equations are ψ' = M/EI, M' = F·sin ψ from the tip (M = 0) to the grip, where ψ must be the pull angle. λ = ln ψ
 * and w = M/ψ are marched instead: ψ at the tip of a hard-pulled rod is too small for a double, its logarithm is not.
 * The tip value is found by Newton with the derivative carried along, inside the bracket ψ ≤ angle, in X = ln tan(ψ/4):
 * on the infinite uniform rod X grows evenly along the rod, so that the relation is nearly a straight line.
 * Frame: lengths in L, moments in EI/L. Own weight and shear are left out.
 * Valid: error below 1e-4 of L for loadRatio ≤ 30 and tipRatio ≥ 0.1, a fifth of that in a rod's usual range. Newton's
 * last step is taken with the sensitivities, which leaves lengths off by 1e-9 and the compliance by 5e-5 of itself.
 * Source: Bisshopp and Drucker 1945, Q. Appl. Math. 3, 272, for the uniform rod; tapered by the same balance.
 *
 * @throws {InputRangeError} when a value lies outside ELASTICA_LIMITS.
 */
export function solveElastica(input: ElasticaInput, near?: ElasticaStart): Elastica {
  const f = requireInRange('loadRatio', input.loadRatio, ELASTICA_LIMITS.loadRatio);
  const r = requireInRange('tipRatio', input.tipRatio, ELASTICA_LIMITS.tipRatio);
  const a = requireInRange('pullAngleRad', input.pullAngleRad, ELASTICA_LIMITS.pullAngleRad);
  if (a === 0) return straightAlongPull;

  const grid =
    near?.grid && near.grid.tipRatio === r && near.grid.u.length === stepsFor(r, f) + 1 ? near.grid : taperGrid(r, f);
  const pull = quarterLog(Math.log(a));
  let hi = pull;
  let lo = -Infinity;
  let tip = Math.min(
    near
      ? near.tip + near.byLoad * (f - near.loadRatio) + near.byPull * (pull - near.pull)
      : pull - smallAngleGrowth(f, r),
    pull,
  );
  for (let iteration = 0; iteration < 80; iteration += 1) {
    const logTip = fromQuarterLog(tip);
    const end = march(grid, f, logTip);
    const miss = quarterLog(end.lambda) - pull;
    const slope = (end.lambdaA * quarterSlope(end.lambda)) / quarterSlope(logTip);
    if (Math.abs(miss) < MISS) return finish(end, { tip, logTip, miss, pull, slope, f, a, grid });
    if (miss > 0) hi = tip;
    else lo = tip;
    const newton = tip - miss / slope;
    const next =
      newton > lo && newton < hi ? newton : lo === -Infinity ? hi - Math.max(1, 0.1 * Math.abs(hi)) : (lo + hi) / 2;
    if (Math.abs(next - tip) < 1e-13 * Math.max(1, Math.abs(tip)))
      return finish(end, { tip, logTip, miss, pull, slope, f, a, grid });
    tip = next;
  }
  throw new InputRangeError('loadRatio', f, ELASTICA_LIMITS.loadRatio.min, ELASTICA_LIMITS.loadRatio.max);
}

/** The nodes of a solved rod from tip to grip, for drawing. */
export function traceElastica(input: ElasticaInput, start: ElasticaStart): ElasticaTrace {
  const logTip = fromQuarterLog(start.tip);
  const trace: ElasticaTrace = { u: [0], along: [0], across: [0], angle: [Math.exp(logTip)] };
  march(start.grid ?? taperGrid(input.tipRatio, input.loadRatio), input.loadRatio, logTip, trace);
  return trace;
}

/** Relative error in the angle at the grip from which on the last step of Newton is taken with the sensitivities, in place of another march. */
const MISS = 1e-5;

const straightAlongPull: Elastica = {
  start: { tip: -Infinity, loadRatio: 0, pull: -Infinity, byLoad: 0, byPull: 1, grid: null },
  tipX: 1,
  tipY: 0,
  tipAngleRad: 0,
  leverArm: 0,
  yieldAlong: 0,
  energy: 0,
  compliance: 0,
};

interface TaperGrid {
  readonly tipRatio: number;
  readonly u: Float64Array;
  /** 1/EI at nodes and midpoints, alternating */
  readonly flexibility: Float64Array;
}

/** Enough steps that the explicit march stays stable. */
const stepsFor = (r: number, f: number): number =>
  Math.max(24, Math.ceil((Math.sqrt(f) * (r < 1 - 1e-6 ? -Math.log(r) / (1 - r) : 1)) / r));

/** Steps even in ln(diameter), fine at the slim tip. */
function taperGrid(r: number, f: number): TaperGrid {
  const steps = stepsFor(r, f);
  const u = new Float64Array(steps + 1);
  const flexibility = new Float64Array(2 * steps + 1);
  for (let i = 0; i <= steps; i += 1) {
    const x = i / steps;
    u[i] = r < 1 - 1e-6 ? (r * Math.expm1(-x * Math.log(r))) / (1 - r) : x;
  }
  u[steps] = 1;
  for (let i = 0; i <= steps; i += 1) {
    flexibility[2 * i] = flexibilityAt(r + (1 - r) * u[i]!);
    if (i < steps) flexibility[2 * i + 1] = flexibilityAt(r + ((1 - r) * (u[i]! + u[i + 1]!)) / 2);
  }
  return { tipRatio: r, u, flexibility };
}

/** 1/EI where the diameter is `d` of that at the grip: the power function takes many times as long as three products. */
function flexibilityAt(d: number): number {
  const square = d * d;
  return 1 / (square * square);
}

/** ln tan(ψ/4) of λ = ln ψ, its inverse, and its derivative by λ; for tiny ψ it is λ − ln 4. */
const quarterLog = (lambda: number) =>
  lambda < -20 || lambda === Infinity ? lambda - LOG_4 : Math.log(Math.tan(Math.exp(lambda) / 4));
const fromQuarterLog = (x: number) => (x < -20 ? x + LOG_4 : Math.log(4 * Math.atan(Math.exp(x))));
const quarterSlope = (lambda: number) => {
  const half = Math.exp(lambda) / 2;
  return half < 1e-4 ? 1 : half / Math.sin(half);
};
const LOG_4 = Math.log(4);

/** Growth of ln ψ from tip to grip where ψ is small: f·∫u/q⁴ for a light load, √f/r for a heavy one. */
function smallAngleGrowth(f: number, r: number): number {
  const light = r < 0.99 ? (f * (1 / (6 * r * r) - 0.5 + r / 3)) / (1 - r) ** 2 : f / 2;
  const heavy = Math.sqrt(f) / r;
  return (light * heavy) / (light + heavy || 1);
}

const LOG_PI = Math.log(Math.PI);

interface MarchEnd {
  lambda: number;
  C: number;
  S: number;
  U: number;
  /** derivatives by the tip value (A) and by the load ratio (B) */
  lambdaA: number;
  CA: number;
  SA: number;
  lambdaB: number;
  CB: number;
}

/**
 * Classical fourth-order Runge-Kutta over the grid. State: λ, w, ∫cos ψ, ∫sin ψ, energy, and the two sensitivities of
 * (λ, w, ∫cos ψ). The loop is written out because this is the innermost loop of every hookset.
 */
function march(grid: TaperGrid, f: number, logTip: number, trace?: ElasticaTrace): MarchEnd {
  const { u, flexibility } = grid;
  let lambda = logTip,
    w = 0,
    C = 0,
    S = 0,
    U = 0;
  let lambdaA = 1,
    wA = 0,
    CA = 0,
    SA = 0,
    lambdaB = 0,
    wB = 0,
    CB = 0;
  const last = u.length - 1;
  for (let i = 0; i < last; i += 1) {
    const h = u[i + 1]! - u[i]!;
    let sL = 0,
      sW = 0,
      sC = 0,
      sS = 0,
      sU = 0,
      sLA = 0,
      sWA = 0,
      sCA = 0,
      sSA = 0,
      sLB = 0,
      sWB = 0,
      sCB = 0;
    let kL = 0,
      kW = 0,
      kLA = 0,
      kWA = 0,
      kLB = 0,
      kWB = 0;
    let reach = 0;
    for (let stage = 0; stage < 4; stage += 1) {
      const weight = stage === 0 || stage === 3 ? 1 : 2;
      const e = flexibility[2 * i + ((stage + 1) >> 1)]!;
      const psi = Math.exp(lambda + reach * kL);
      const sin = Math.sin(psi);
      const cos = Math.cos(psi);
      const sinc = psi < 1e-4 ? 1 : sin / psi;
      const bow = f * (cos - sinc);
      const LA = lambdaA + reach * kLA,
        WA = wA + reach * kWA;
      const LB = lambdaB + reach * kLB,
        WB = wB + reach * kWB;
      kL = (w + reach * kW) * e;
      kW = f * sinc - (kL * kL) / e;
      kLA = WA * e;
      kWA = bow * LA - 2 * kL * WA;
      kLB = WB * e;
      kWB = sinc + bow * LB - 2 * kL * WB;
      const fall = sin * psi;
      sL += weight * kL;
      sW += weight * kW;
      sC += weight * cos;
      sS += weight * sin;
      sU += (weight * kL * kL * psi * psi) / (2 * e);
      sLA += weight * kLA;
      sWA += weight * kWA;
      sCA -= weight * fall * LA;
      sSA += weight * cos * psi * LA;
      sLB += weight * kLB;
      sWB += weight * kWB;
      sCB -= weight * fall * LB;
      reach = stage === 2 ? h : h / 2;
    }
    const step = h / 6;
    lambda += step * sL;
    w += step * sW;
    C += step * sC;
    S += step * sS;
    U += step * sU;
    lambdaA += step * sLA;
    wA += step * sWA;
    CA += step * sCA;
    SA += step * sSA;
    lambdaB += step * sLB;
    wB += step * sWB;
    CB += step * sCB;
    // Past a half turn the moment would change sign: this tip value lies beyond every solution without inflexion.
    if (lambda > LOG_PI) return { lambda: Infinity, C, S, U, lambdaA, CA, SA, lambdaB, CB };
    if (trace) {
      const psi = Math.exp(lambda);
      trace.u.push(u[i + 1]!);
      trace.along.push(C);
      trace.across.push(S);
      trace.angle.push(psi);
    }
  }
  return { lambda, C, S, U, lambdaA, CA, SA, lambdaB, CB };
}

interface Solved {
  readonly tip: number;
  readonly logTip: number;
  readonly miss: number;
  readonly pull: number;
  readonly slope: number;
  readonly f: number;
  readonly a: number;
  readonly grid: TaperGrid;
}

/** The rod where Newton's last step ends: what the march gave, moved on by its sensitivities; the energy by the work of moment and pull. */
function finish(end: MarchEnd, { tip, logTip, miss, pull, slope, f, a, grid }: Solved): Elastica {
  const step = -miss / slope;
  const tipSlope = quarterSlope(logTip);
  const logStep = step / tipSlope;
  const C = end.C + end.CA * logStep;
  // The moment at the grip is F·∫sin ψ, so that integral is the lever arm.
  const S = end.S + end.SA * logStep;
  const logTipByLoad = -end.lambdaB / end.lambdaA;
  return {
    start: { tip: tip + step, loadRatio: f, pull, byLoad: logTipByLoad * tipSlope, byPull: 1 / slope, grid },
    tipX: C * Math.cos(a) + S * Math.sin(a),
    tipY: C * Math.sin(a) - S * Math.cos(a),
    tipAngleRad: a - Math.exp(logTip + logStep),
    leverArm: S,
    yieldAlong: C - Math.cos(a),
    energy: end.U + f * (end.S * Math.exp(end.lambda) * end.lambdaA + end.CA) * logStep,
    compliance: end.CB + end.CA * logTipByLoad,
  };
}
