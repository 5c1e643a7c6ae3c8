import { InputRuleError } from '../../base/guard';
import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import { eventIn, findRoot, hermite, integrate, type IntegrationStep } from '../../base/numeric';
import type { WaterProperties } from '../water';
import { currentAt, DOWN_AT_MPS, TOW_LIMITS, type TowedBody, type TowInput, type TowSegment } from './tow-input';

/** A point of the line: way along it, forward and up from the towed end [m]; forward and upward pull [N]. */
export interface LinePoint {
  readonly sM: number;
  readonly forwardM: number;
  readonly riseM: number;
  readonly horizontalN: number;
  readonly verticalN: number;
}

export interface Marched {
  /** from the towed end up, the end first */
  readonly points: readonly LinePoint[];
  /** what ended it: the surface, the whole line, a line that lifts itself no more, or more line than anyone has */
  readonly endedBy: 'surface' | 'line' | 'floats' | 'budget';
  /** segment in which it ended */
  readonly segment: number;
}

/** A line as the march takes it: per metre, its weight in water and the factors of its drag. */
interface Strand {
  readonly lengthM: number;
  readonly weightNpM: number;
  readonly alongNpM: number;
  readonly acrossNpM: number;
  readonly viscous: number;
}

export interface Marcher {
  /** Every segment at its length, whatever the surface says. */
  readonly whole: (depthM: number, endWeightN: number) => Marched;
  /** The first segment is paid out until the line comes to the surface. */
  readonly toSurface: (depthM: number, endWeightN: number) => Marched;
}

const TOLERANCE = 1e-5;
const SCALE = 1e-2;
const MOST_STEPS = 5000;

/**
 * The line from the towed end up, as `tow` asks for it again and again with other depths and end weights.
 *
 * Model: the pull's forward and upward parts (H, V) instead of tension and angle, so that a slack end is no singularity:
 * dH/ds = Ft·cos θ + Fn·sin θ, dV/ds = w + Ft·sin θ − Fn·cos θ, which is dT/ds = w·sin θ + Ft, T·dθ/ds = w·cos θ − Fn with
 * Ft = ½ρπd·ct·ut|ut|, Fn = ½ρfd·un(|un| + 10(ρd/μ)^(−2/3)|un|^(1/3)). Lengths over the whole line, forces over its load.
 */
export function marcher(input: TowInput, water: WaterProperties): Marcher {
  const strands = input.segments.map((segment) => strandOf(segment, water));
  const bodies = strands.map((_, k) => (input.weights ?? []).filter(({ afterSegment }) => afterSegment === k));
  const speedAt = (depthM: number) => input.speedMps - currentAt(input.current, Math.max(0, depthM));
  const load = (body: TowedBody, depthM: number) => loadOf(body, speedAt(depthM), water);

  const start = (depthM: number, endWeightN: number) => {
    const { rest } = input.end;
    const end = load({ ...input.end, netWeightN: endWeightN }, depthM);
    if (!rest) return end;
    // The bottom rubs against the way over it; a weight that stands still is rubbed by nothing.
    const carriedN = rest.share * Math.max(0, endWeightN);
    return {
      horizontalN: end.horizontalN + (input.speedMps > 0 ? rest.mu * carriedN : 0),
      verticalN: end.verticalN - carriedN,
    };
  };

  const run = (depthM: number, endWeightN: number, pays: boolean): Marched => {
    let { horizontalN, verticalN } = start(depthM, endWeightN);
    const lengthM =
      (pays ? depthM : strands[0]!.lengthM) + strands.slice(1).reduce((sum, strand) => sum + strand.lengthM, 0);
    const forceN =
      Math.hypot(horizontalN, verticalN) +
        strands.reduce(
          (sum, { weightNpM, alongNpM, acrossNpM }) =>
            sum + lengthM * (Math.abs(weightNpM) + (alongNpM + 0.1 * acrossNpM) * speedAt(depthM) ** 2),
          0,
        ) || 1e-6;
    const points: LinePoint[] = [];
    let at: LinePoint = { sM: 0, forwardM: 0, riseM: 0, horizontalN, verticalN };
    const add = (k: number) => {
      for (const body of bodies[k]!) {
        const more = load(body, depthM - at.riseM);
        horizontalN = at.horizontalN + more.horizontalN;
        verticalN = at.verticalN + more.verticalN;
        at = { ...at, horizontalN, verticalN };
      }
    };
    let endedBy: Marched['endedBy'] = 'line';
    let segment = 0;
    for (let k = strands.length - 1; k >= 0 && endedBy === 'line'; k -= 1) {
      const strand = strands[k]!;
      segment = k;
      add(k);
      points.push(at);
      const until = pays && k === 0 ? TOW_LIMITS.lengthM.max : strand.lengthM;
      if (until === 0) continue;
      if (Math.hypot(at.horizontalN, at.verticalN) < 1e-9 * forceN) {
        const rad = criticalAngleRad(strand, speedAt(depthM - at.riseM));
        at = { ...at, horizontalN: 1e-9 * forceN * Math.cos(rad), verticalN: 1e-9 * forceN * Math.sin(rad) };
        points[points.length - 1] = at;
      }
      const { sM, forwardM, riseM } = at;
      const pointAt = (read: (i: number) => number, t: number): LinePoint => ({
        sM: sM + t * lengthM,
        forwardM: read(2) * lengthM,
        riseM: read(3) * lengthM,
        horizontalN: read(0) * forceN,
        verticalN: read(1) * forceN,
      });
      const inside = (step: IntegrationStep, t: number) => pointAt((i) => hermite(step, i, t), t);
      const { kind } = integrate(
        (_t, y, out) => {
          const T = Math.hypot(y[0]!, y[1]!);
          const cos = y[0]! / T;
          const sin = y[1]! / T;
          const U = speedAt(depthM - y[3]! * lengthM);
          const un = U * sin;
          const ut = U * cos;
          const across = strand.acrossNpM * un * (Math.abs(un) + strand.viscous * Math.cbrt(Math.abs(un)));
          const along = strand.alongNpM * ut * Math.abs(ut);
          out[0] = ((along * cos + across * sin) * lengthM) / forceN;
          out[1] = ((strand.weightNpM + along * sin - across * cos) * lengthM) / forceN;
          out[2] = cos;
          out[3] = sin;
        },
        { t: 0, y: [at.horizontalN / forceN, at.verticalN / forceN, forwardM / lengthM, riseM / lengthM] },
        { tolerance: TOLERANCE, scale: SCALE, firstStep: 0.1, maxSteps: MOST_STEPS, until: until / lengthM },
        (step) => {
          const surfaced = pays ? eventIn(step, (y) => depthM / lengthM - y(3)) : null;
          if (surfaced !== null) {
            at = inside(step, surfaced);
            points.push(at);
            endedBy = 'surface';
            return false;
          }
          // Where it stops rising: the highest place of a line that floats.
          const levels = step.y0[1]! > 0 ? eventIn(step, (y) => y(1)) : null;
          if (levels !== null) points.push(inside(step, levels));
          at = pointAt((i) => step.y1[i]!, step.t1);
          points.push(at);
          if (pays && k === 0 && step.y1[1]! <= 0 && strand.weightNpM <= 0) {
            endedBy = 'floats';
            return false;
          }
          return true;
        },
      );
      if (kind === 'out-of-steps') throw new InputRuleError(`segments[${k}]`, 'a line whose shape can be followed');
      if (pays && k === 0 && endedBy === 'line') endedBy = 'budget';
    }
    return { points, endedBy, segment };
  };

  return {
    whole: (depthM, endWeightN) => run(depthM, endWeightN, false),
    toSurface: (depthM, endWeightN) => run(depthM, endWeightN, true),
  };
}

/** Pull of a body in the stream [N]: its drag aft, and down its weight with what the stream drives it down. */
export function loadOf(
  { netWeightN, dragAreaM2, downAreaM2 = 0, downExponent = 0, downAtMps = DOWN_AT_MPS }: TowedBody,
  speedMps: number,
  { densityKgPm3 }: WaterProperties,
): { readonly horizontalN: number; readonly verticalN: number } {
  const push = 0.5 * densityKgPm3 * speedMps * Math.abs(speedMps);
  const down = speedMps > 0 ? push * downAreaM2 * (speedMps / downAtMps) ** downExponent : 0;
  return { horizontalN: push * dragAreaM2, verticalN: netWeightN + down };
}

function strandOf(
  { lengthM, diameterM, massPerLengthKgPm, tangentialCt = 0.012, normalDragFactor = 1 }: TowSegment,
  { densityKgPm3, viscosityPaS }: WaterProperties,
): Strand {
  return {
    lengthM,
    weightNpM: (massPerLengthKgPm - (densityKgPm3 * Math.PI * diameterM ** 2) / 4) * STANDARD_GRAVITY_MPS2,
    alongNpM: 0.5 * densityKgPm3 * Math.PI * diameterM * tangentialCt,
    acrossNpM: 0.5 * densityKgPm3 * normalDragFactor * diameterM,
    viscous: 10 * ((densityKgPm3 * diameterM) / viscosityPaS) ** (-2 / 3),
  };
}

/** Angle at which a line without end hangs in the stream: its weight across itself is the drag across itself [rad]. */
function criticalAngleRad({ weightNpM: w, acrossNpM, viscous }: Strand, speedMps: number): number {
  if (w === 0) return 0;
  const U = Math.abs(speedMps);
  const balance = (rad: number) => {
    const un = U * Math.sin(rad);
    return acrossNpM * un * (un + viscous * Math.cbrt(un)) - Math.abs(w) * Math.cos(rad);
  };
  const across = balance(Math.PI / 2);
  // In water that stands, straight down: cos of a right angle is no clean zero.
  const rad =
    across <= 0 ? Math.PI / 2 : findRoot(balance, { lo: 0, hi: Math.PI / 2, fLo: -Math.abs(w), fHi: across }, 1e-10);
  return Math.sign(w) * (speedMps < 0 ? Math.PI - rad : rad);
}
