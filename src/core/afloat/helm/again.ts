import { InputRuleError, requireInRange, type Limits } from '../../base/guard';
import { CURRENT_LIMITS, tow, type CurrentLayer, type TowInput, type TowOutcome } from '../../water';
import { flowAt, flowOf, lengthOf, minus, overGround, type Flow, type FlowLayer } from './course';

export const AGAIN_LIMITS = {
  ...CURRENT_LIMITS,
  lineOutM: { min: 0, max: 5000, exclusiveMin: true },
  layerMps: { min: 0, max: 10 },
} as const satisfies Record<string, Limits>;

export interface AgainInput extends Pick<TowInput, 'water' | 'segments' | 'weights' | 'end'> {
  /** how the boat went over ground at the strike, and how much line was in the water, all of it [m] */
  readonly strike: { readonly sogMps: number; readonly cogRad: number; readonly lineOutM: number };
  /** how the water moved then, from the surface down */
  readonly then: readonly FlowLayer[];
  /** the course that is steered now; the layers of then where none are given */
  readonly now: { readonly cogRad: number; readonly layers?: readonly FlowLayer[] | undefined };
}

export interface Again {
  readonly outcome: 'ok' | 'not-possible' | Exclude<TowOutcome, 'ok' | 'no-weight-does'>;
  readonly depthM: number | null;
  readonly lureWaterMps: number | null;
  readonly sogMps: number | null;
  readonly surfaceWaterMps: number | null;
  readonly lineOutM: number | null;
}

/**
 * A strike becomes orders: the depth and the speed through its water that the lure had, and what to make over ground and let out
 * on another course so that it has them again.
 *
 * Model: `tow` in the vertical plane of the flow at the surface, |V − C(0)| there and its component at each layer; the lure's own
 * speed |V − C(depth)|; over ground the larger root of |u·ê − C(depth)|; then the line that `tow` asks for that depth. Side
 * currents do not bow the line. Segment 0 is paid out: its own length is not used.
 *
 * @throws {InputRangeError} when a value lies outside AGAIN_LIMITS, layers do not go down, or more line hangs behind the main
 * line than was out.
 */
export function again({ water, segments, weights, end, strike, then, now }: AgainInput): Again {
  const L = AGAIN_LIMITS;
  const V = flowOf(
    requireInRange('strike.sogMps', strike.sogMps, L.sogMps),
    requireInRange('strike.cogRad', strike.cogRad, L.courseRad),
  );
  const outM = requireInRange('strike.lineOutM', strike.lineOutM, L.lineOutM);
  requireInRange('now.cogRad', now.cogRad, L.courseRad);
  checkLayers('then', then);
  const layersNow = now.layers ?? then;
  if (now.layers) checkLayers('now.layers', now.layers);
  const [main, ...rest] = segments;
  const behindM = rest.reduce((sum, { lengthM }) => sum + lengthM, 0);
  if (outM - behindM <= 0)
    throw new InputRuleError('strike.lineOutM', `more than the ${behindM} m behind the main line`);
  const rig = { water, weights, end };
  const was = tow(
    {
      ...rig,
      ...planeOf(V, strike.cogRad, then),
      segments: [{ ...main!, lengthM: outM - behindM }, ...rest],
      solve: { for: 'depth' },
    },
    { shaped: false },
  );
  if (was.outcome !== 'ok') return { ...NOTHING, outcome: was.outcome as Again['outcome'] };
  const depthM = was.depthM!;
  const lureWaterMps = lengthOf(minus(V, flowAt(then, depthM)));
  const sogMps = overGround(now.cogRad, flowAt(layersNow, depthM), lureWaterMps);
  if (sogMps === null) return { ...NOTHING, outcome: 'not-possible', depthM, lureWaterMps };
  const U = flowOf(sogMps, now.cogRad);
  const surfaceWaterMps = lengthOf(minus(U, flowAt(layersNow, 0)));
  const known = { depthM, lureWaterMps, sogMps, surfaceWaterMps };
  const is = tow(
    { ...rig, ...planeOf(U, now.cogRad, layersNow), segments, solve: { for: 'line-out', depthM } },
    { shaped: false },
  );
  return is.outcome === 'ok'
    ? { outcome: 'ok', ...known, lineOutM: is.lineOutM! }
    : { outcome: is.outcome as Again['outcome'], ...known, lineOutM: null };
}

const NOTHING = { depthM: null, lureWaterMps: null, sogMps: null, surfaceWaterMps: null, lineOutM: null };

/** The plane in which a line is towed: that of the flow past the boat at the surface, and how the layers go along it. */
function planeOf(V: Flow, courseRad: number, layers: readonly FlowLayer[]): Pick<TowInput, 'speedMps' | 'current'> {
  const past = minus(V, flowAt(layers, 0));
  const speedMps = lengthOf(past);
  const [n, e] = speedMps > 0 ? [past[0] / speedMps, past[1] / speedMps] : flowOf(1, courseRad);
  return {
    speedMps,
    current: layers.map(({ depthM }): CurrentLayer => {
      const [rn, re] = minus(V, flowAt(layers, depthM));
      return { depthM, alongMps: speedMps - (rn * n + re * e) };
    }),
  };
}

function checkLayers(path: string, layers: readonly FlowLayer[]): void {
  if (layers.length === 0) throw new InputRuleError(path, 'at least one layer');
  layers.forEach(({ depthM, speedMps, towardRad }, i) => {
    requireInRange(`${path}[${i}].speedMps`, speedMps, AGAIN_LIMITS.layerMps);
    requireInRange(`${path}[${i}].towardRad`, towardRad, AGAIN_LIMITS.courseRad);
    if (i > 0 && depthM <= layers[i - 1]!.depthM)
      throw new InputRuleError(`${path}[${i}].depthM`, `more than ${layers[i - 1]!.depthM}`);
  });
}
