import { requireInRange } from '../../base/guard';
import { bendRod } from './bend';
import { traceElastica, type ElasticaTrace } from './elastica';
import type { Rod, StiffnessFit } from './rod';
import { resolveRod, ROD_LIMITS } from './stiffness';

export interface Pull {
  /** pull at the tip [N] */
  readonly forceN: number;
  /** its direction from the grip axis [rad]; π/2 is square to the grip */
  readonly angleRad: number;
}

export interface RodBendInput extends Rod {
  readonly pull: Pull;
}

export type Point = readonly [number, number];

export interface RodBend {
  readonly outcome: 'ok';
  /** tip, x along the grip axis, y toward the pull [m] */
  readonly tip: { readonly xM: number; readonly yM: number };
  /** slope of the tip against the grip axis [rad] */
  readonly tipAngleRad: number;
  /** moment at the grip over the force [m]; at zero force that of the straight rod */
  readonly leverArmM: number;
  /** elastic energy stored [J] */
  readonly energyJ: number;
  /** tangent of the tip's shift along the pull against the force [m/N] */
  readonly compliancePullMPerN: number;
  /** 41 points from grip to tip, even along the rod [m] */
  readonly shape: readonly Point[];
  readonly fit?: StiffnessFit;
}

const SHAPE_POINTS = 41;

/**
 * The bent rod under a pull at its tip: shape [m], lever arm [m], energy [J] and compliance [m/N].
 *
 * Model: see `solveElastica`. Frame: origin at the grip, x along the grip axis, y toward the pull.
 * Valid: 0.05 % of the length.
 *
 * @throws {InputRangeError} when a value lies outside ROD_LIMITS, or F·L²/EI above 2000.
 */
export function rodBend(input: RodBendInput): RodBend {
  const rod = resolveRod(input);
  const F = requireInRange('pull.forceN', input.pull.forceN, ROD_LIMITS.forceN);
  const a = requireInRange('pull.angleRad', input.pull.angleRad, ROD_LIMITS.angleRad);
  const { lengthM: L, buttEiNm2: EI, tipRatio } = rod;
  const bend = bendRod(rod, F, a);
  const { elastica } = bend;
  const shape =
    a === 0
      ? Array.from({ length: SHAPE_POINTS }, (_, i): Point => [(L * i) / (SHAPE_POINTS - 1), 0])
      : evenShape(traceElastica({ loadRatio: (F * L * L) / EI, tipRatio, pullAngleRad: a }, elastica.start), a, L);
  return {
    outcome: 'ok',
    tip: { xM: elastica.tipX * L, yM: elastica.tipY * L },
    tipAngleRad: elastica.tipAngleRad,
    leverArmM: bend.leverArmM,
    energyJ: bend.energyJ,
    compliancePullMPerN: bend.complianceMPerN,
    shape,
    ...(rod.fit ? { fit: rod.fit } : {}),
  };
}

/** Cubic through the solver's nodes, whose slopes are known, read at even steps from grip to tip. */
function evenShape(trace: ElasticaTrace, a: number, L: number): Point[] {
  const last = trace.u.length - 1;
  const toFrame = (along: number, across: number): Point => {
    const c = trace.along[last]! - along;
    const s = trace.across[last]! - across;
    return [L * (c * Math.cos(a) + s * Math.sin(a)), L * (c * Math.sin(a) - s * Math.cos(a))];
  };
  let k = last - 1;
  return Array.from({ length: SHAPE_POINTS }, (_, i) => {
    const u = 1 - i / (SHAPE_POINTS - 1);
    while (k > 0 && trace.u[k]! > u) k -= 1;
    const h = trace.u[k + 1]! - trace.u[k]!;
    const t = (u - trace.u[k]!) / h;
    const read = (values: readonly number[], slope: (angle: number) => number) => {
      const r = 1 - t;
      return (
        r * r * (1 + 2 * t) * values[k]! +
        t * t * (1 + 2 * r) * values[k + 1]! +
        h * t * r * (r * slope(trace.angle[k]!) - t * slope(trace.angle[k + 1]!))
      );
    };
    return toFrame(read(trace.along, Math.cos), read(trace.across, Math.sin));
  });
}
