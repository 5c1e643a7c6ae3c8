import { MATERIALS, type BodyMaterial } from '../../tackle/defaults/sink-classes';
import { requireInRange, type Limits } from '../../base/guard';
import { waterProperties, type WaterInput } from '../../water';
import { meanOf, type Measured } from './readings';

export interface FloatTest {
  readonly water: WaterInput;
  readonly massKg: number;
  /** the least mass, hung from it under water, that just sinks it; one a try [kg] */
  readonly addedKg: readonly number[];
  readonly addedMaterial: BodyMaterial;
}

export interface Displaced {
  readonly outcome: 'ok';
  readonly volumeM3: number;
  readonly volumeSdM3: number;
  readonly densityKgPm3: number;
  readonly spread: number;
}

export const FLOAT_TEST_LIMITS = {
  massKg: { min: 0, max: 20, exclusiveMin: true },
  addedKg: { min: 0, max: 20 },
} as const satisfies Record<string, Limits>;

/** A single try finds the turn from floating to sinking to about a twentieth of what was added. */
const LONE_TRY = 0.05;
/** Steps in which shot or clay is added [kg]. */
const STEP_KG = 1e-4;

/**
 * Volume [m³] of a floating body from the mass that just sinks it.
 *
 * Model: m + a = ρ·(V + a/ρ_a), so V = (m + a·(1 − ρ/ρ_a))/ρ. Archimedes.
 *
 * @throws {InputRangeError} when the added mass would itself float.
 */
export function floatTest({ water, massKg, addedKg, addedMaterial }: FloatTest): Displaced {
  const { densityKgPm3: rho } = waterProperties(water);
  const m = requireInRange('massKg', massKg, FLOAT_TEST_LIMITS.massKg);
  addedKg.forEach((added, i) => requireInRange(`addedKg[${i}]`, added, FLOAT_TEST_LIMITS.addedKg));
  const rhoAdded = requireInRange('density of addedMaterial', MATERIALS[addedMaterial].densityKgPm3, {
    min: rho,
    max: 25_000,
    exclusiveMin: true,
  });
  const added: Measured = meanOf(addedKg, { step: STEP_KG, loneSd: LONE_TRY * addedKg[0]! });
  const volumeM3 = (m + added.value * (1 - rho / rhoAdded)) / rho;
  const volumeSdM3 = (added.sd * (1 - rho / rhoAdded)) / rho;
  return { outcome: 'ok', volumeM3, volumeSdM3, densityKgPm3: m / volumeM3, spread: volumeSdM3 / volumeM3 };
}
