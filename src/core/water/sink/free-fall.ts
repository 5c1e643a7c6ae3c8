import type { WaterProperties } from '../water';
import { fallTable, type FallRow } from './fall-table';
import type { LineInWater, SinkingRig } from './sinking-rig';

export interface FreeFallInput {
  readonly rig: SinkingRig;
  readonly water: WaterProperties;
  readonly line: LineInWater;
  readonly payoutN: number;
  readonly depthsM: readonly number[];
}

/**
 * Fall on slack line, straight down, drawing its line after it.
 *
 * Model: (m + ½ρV)·v̇ = W + w·z − ½ρ·CdA·v² − ½ρπd·ct·z·v² − payout from rest at z = 0; half the displaced water moves
 * along (the sphere's added mass), the line's own mass is left out.
 */
export function freeFall({ rig, water, line, payoutN, depthsM }: FreeFallInput): FallRow[] {
  const rho = water.densityKgPm3;
  const inertia = rig.massKg + 0.5 * rho * rig.volumeM3;
  const { diameterM: d, tangentialCt: ct, submergedWeightNpm: w } = line;
  if (rig.netWeightN <= payoutN) return depthsM.map((depthM) => ({ depthM, timeS: null, speedMps: null }));
  return fallTable(
    {
      derivative: (_t, y, out) => {
        const z = y[0]!;
        const v = y[1]!;
        const drag = 0.5 * rho * (rig.dragAreaM2(Math.abs(v)) + Math.PI * d * ct * z) * v * Math.abs(v);
        out[0] = v;
        out[1] = (rig.netWeightN + w * z - drag - payoutN) / inertia;
      },
      positionAt: (depthM) => depthM,
      speedAt: (_z, v) => v,
      firstStepS: 1e-3,
      restRate: 1e-4,
    },
    depthsM,
  );
}
