import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import { InputRangeError, requireInRange } from '../../base/guard';
import { waterProperties, type WaterInput, type WaterProperties } from '../water';
import { resolveBody, type ResolvedBody, type SinkBody } from './body';
import { freeFall } from './free-fall';
import type { LineInWater, SinkingRig } from './sinking-rig';
import { tightLineFall } from './tight-line-fall';

export const SINK_LIMITS = {
  diameterM: { min: 0, max: 0.02, exclusiveMin: true },
  densityKgPm3: { min: 1, max: 25000 },
  tangentialCt: { min: 0, max: 1 },
  lineLengthM: { min: 0, max: 2000, exclusiveMin: true },
  depthM: { min: 0, max: 2000, exclusiveMin: true },
  currentMps: { min: -10, max: 10 },
  payoutN: { min: 0, max: 1e4 },
} as const;

export interface SinkInput {
  readonly water: WaterInput;
  readonly bodies: readonly SinkBody[];
  readonly line: { readonly diameterM: number; readonly densityKgPm3: number; readonly tangentialCt: number };
  readonly mode: 'free' | 'tight-line';
  /** surface to lure on a tight line [m]; the tight-line mode needs it */
  readonly lineLengthM?: number | undefined;
  readonly depthsM: readonly number[];
  readonly currentMps?: number | undefined;
  /** pull that drawing line off the spool takes [N] */
  readonly payoutN?: number | undefined;
}

export interface SinkRow {
  readonly depthM: number;
  /** null: never that deep */
  readonly timeS: number | null;
  readonly speedMps: number | null;
  /** carried along by the current [m]; null on a tight line */
  readonly driftM: number | null;
  /** drawn back toward the rod [m]; null when falling free */
  readonly swingM: number | null;
}

export interface Sink {
  readonly outcome: 'sinks' | 'suspends' | 'floats';
  /** weight minus buoyancy of the bodies [N] */
  readonly netWeightN: number;
  /** steady speed of the bodies without line [m/s]; null unless they sink */
  readonly terminalMps: number | null;
  /** in the order of depthsM; empty unless it sinks */
  readonly table: readonly SinkRow[];
}

/** Below this share of the weight a net weight counts as none: no one trims a lure closer. */
const SUSPENDS_SHARE = 0.005;

/**
 * How a rig falls: net weight [N], steady speed [m/s], and time, speed, drift and swing at each depth.
 *
 * Model: `freeFall` on slack line or `tightLineFall` swinging on a straight line; drag areas of the bodies add up.
 * A real line bows, so the truth lies between the two modes.
 *
 * @throws {InputRangeError} when a value lies outside SINK_LIMITS or a body's limits, or tight-line has no lineLengthM.
 */
export function sink(input: SinkInput): Sink {
  requireInRange('bodies.length', input.bodies.length, { min: 1, max: 100 });
  const water = waterProperties(input.water);
  const bodies = input.bodies.map((body, i) => resolveBody(body, water, `bodies[${i}]`));
  input.depthsM.forEach((depth, i) => requireInRange(`depthsM[${i}]`, depth, SINK_LIMITS.depthM));
  const currentMps = requireInRange('currentMps', input.currentMps ?? 0, SINK_LIMITS.currentMps);
  const payoutN = requireInRange('payoutN', input.payoutN ?? 0, SINK_LIMITS.payoutN);
  const line = lineInWater(input, water);

  const rig = gather(bodies, water);
  const weightN = rig.massKg * STANDARD_GRAVITY_MPS2;
  if (Math.abs(rig.netWeightN) <= SUSPENDS_SHARE * weightN || rig.netWeightN < 0) {
    return {
      outcome: rig.netWeightN < -SUSPENDS_SHARE * weightN ? 'floats' : 'suspends',
      netWeightN: rig.netWeightN,
      terminalMps: null,
      table: [],
    };
  }
  const table =
    input.mode === 'free'
      ? freeFall({ rig, water, line, payoutN, depthsM: input.depthsM }).map((row): SinkRow => ({
          ...row,
          driftM: row.timeS === null ? null : currentMps * row.timeS,
          swingM: null,
        }))
      : tightLineFall({ rig, water, line, lineLengthM: tightLength(input), depthsM: input.depthsM }).map(
          (row): SinkRow => ({ ...row, driftM: null }),
        );
  return { outcome: 'sinks', netWeightN: rig.netWeightN, terminalMps: terminalSpeed(rig, water), table };
}

function gather(bodies: readonly ResolvedBody[], water: WaterProperties): SinkingRig {
  const massKg = bodies.reduce((sum, body) => sum + body.massKg, 0);
  const volumeM3 = bodies.reduce((sum, body) => sum + body.volumeM3, 0);
  return {
    massKg,
    volumeM3,
    netWeightN: (massKg - water.densityKgPm3 * volumeM3) * STANDARD_GRAVITY_MPS2,
    dragAreaM2: (v) => bodies.reduce((sum, body) => sum + body.dragAreaM2(v), 0),
  };
}

/** W = ½ρ·CdA(v)·v², by fixed-point steps: CdA·v² grows with v and CdA changes slowly. */
function terminalSpeed(rig: SinkingRig, water: WaterProperties): number {
  const speedFor = (v: number) => Math.sqrt((2 * rig.netWeightN) / (water.densityKgPm3 * rig.dragAreaM2(v)));
  let v = speedFor(1);
  for (let i = 0; i < 200; i += 1) {
    const next = Math.sqrt(v * speedFor(v));
    if (Math.abs(next - v) < 1e-12 * v) return next;
    v = next;
  }
  return v;
}

function lineInWater(input: SinkInput, water: WaterProperties): LineInWater {
  const d = requireInRange('line.diameterM', input.line.diameterM, SINK_LIMITS.diameterM);
  const density = requireInRange('line.densityKgPm3', input.line.densityKgPm3, SINK_LIMITS.densityKgPm3);
  return {
    diameterM: d,
    tangentialCt: requireInRange('line.tangentialCt', input.line.tangentialCt, SINK_LIMITS.tangentialCt),
    submergedWeightNpm: ((density - water.densityKgPm3) * STANDARD_GRAVITY_MPS2 * Math.PI * d * d) / 4,
  };
}

function tightLength(input: SinkInput): number {
  if (input.lineLengthM === undefined)
    throw new InputRangeError('lineLengthM', Number.NaN, SINK_LIMITS.lineLengthM.min, SINK_LIMITS.lineLengthM.max);
  return requireInRange('lineLengthM', input.lineLengthM, SINK_LIMITS.lineLengthM);
}
