import type { BodyMaterial } from '../../tackle/defaults/sink-classes';
import type { Rig } from '../rigging';
import type { TowedPresentation } from '../../tackle';
import { rightWeight, type Bottom } from './bottom-weight';

export interface WeightTableAsk {
  readonly depthsM: readonly number[];
  readonly speedsMps: readonly number[];
  /** line above the surface's level [rad] */
  readonly surfaceAngleRad: number;
  /** null: it hangs free of the bottom */
  readonly bottom: Bottom | null;
  readonly share?: number | undefined;
  readonly material: BodyMaterial;
}

/** Weights by depth and speed, as a card carries them; null: none does. */
export interface WeightTable {
  readonly depthsM: readonly number[];
  readonly speedsMps: readonly number[];
  /** rows by depth, columns by speed [kg in air] */
  readonly massesKg: readonly (readonly (number | null)[])[];
}

/** The weight that holds this rig at an angle, for each depth and speed. */
export const weightTable = (rig: Rig, presentation: TowedPresentation, ask: WeightTableAsk): WeightTable => ({
  depthsM: ask.depthsM,
  speedsMps: ask.speedsMps,
  massesKg: ask.depthsM.map((depthM) =>
    ask.speedsMps.map((speedMps) => rightWeight(rig, { ...presentation, speedMps }, { ...ask, depthM }).massKg),
  ),
});
