import type { WaterProperties } from '../water';
import { fallTable, type FallRow } from './fall-table';
import type { LineInWater, SinkingRig } from './sinking-rig';

export interface TightLineInput {
  readonly rig: SinkingRig;
  readonly water: WaterProperties;
  readonly line: LineInWater;
  /** surface to lure [m] */
  readonly lineLengthM: number;
  readonly depthsM: readonly number[];
}

/**
 * Fall on a tight straight line of length ℓ that swings down from level about its entry into the water.
 *
 * Model: (m + ½ρV)ℓ²φ̈ = (Wℓ + wℓ²/2)cos φ − ½ρ·CdA·(ℓφ̇)²ℓ − ∫₀^ℓ ½ρ·Cn·d·(φ̇r)²·r dr with Cn = 1 + 10·Re^(−2/3), whose
 * integral is closed: ½ρd·(φ̇²ℓ⁴/4 + 3·(ρd/μ)^(−2/3)·φ̇^(4/3)·ℓ^(10/3)). Depth ℓ·sin φ, swing ℓ − √(ℓ² − z²).
 */
export function tightLineFall({
  rig,
  water,
  line,
  lineLengthM: l,
  depthsM,
}: TightLineInput): (FallRow & { readonly swingM: number | null })[] {
  const { densityKgPm3: rho, viscosityPaS: mu } = water;
  const { diameterM: d, submergedWeightNpm: w } = line;
  const inertia = (rig.massKg + 0.5 * rho * rig.volumeM3) * l * l;
  const weightMoment = rig.netWeightN * l + (w * l * l) / 2;
  const lineSquare = (0.5 * rho * d * l ** 4) / 4;
  const lineSlow = 0.5 * rho * d * 3 * ((rho * d) / mu) ** (-2 / 3) * l ** (10 / 3);
  const rows =
    weightMoment <= 0
      ? depthsM.map((depthM) => ({ depthM, timeS: null, speedMps: null }))
      : fallTable(
          {
            derivative: (_t, y, out) => {
              const rate = y[1]!;
              const swing = Math.abs(rate);
              const speed = swing * l;
              // A cube root is found in a third of the time of a power.
              const drag =
                0.5 * rho * rig.dragAreaM2(speed) * speed * speed * l +
                lineSquare * rate * rate +
                lineSlow * swing * Math.cbrt(swing);
              out[0] = rate;
              out[1] = (weightMoment * Math.cos(y[0]!) - Math.sign(rate) * drag) / inertia;
            },
            positionAt: (depthM) => (depthM <= l ? Math.asin(depthM / l) : null),
            speedAt: (phi, rate) => l * Math.cos(phi) * rate,
            firstStepS: 1e-3,
            restRate: 1e-7,
          },
          depthsM,
        );
  return rows.map((row) => ({ ...row, swingM: row.timeS === null ? null : l - Math.sqrt(l * l - row.depthM ** 2) }));
}
