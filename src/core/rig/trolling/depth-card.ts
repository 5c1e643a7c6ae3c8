import type { Rig } from '../rigging';
import type { TowedPresentation } from '../../tackle';
import { runRig } from './run-rig';
import { withLine } from './with-line';

/** Depths of one rig by line out and speed, as a card carries them; null: in the air. */
export interface DepthCard {
  readonly linesM: readonly number[];
  readonly speedsMps: readonly number[];
  /** rows by line, columns by speed */
  readonly depthsM: readonly (readonly (number | null)[])[];
}

export function depthCard(
  rig: Rig,
  presentation: TowedPresentation,
  linesM: readonly number[],
  speedsMps: readonly number[],
): DepthCard {
  return {
    linesM,
    speedsMps,
    depthsM: linesM.map((lineM) =>
      speedsMps.map((speedMps) => runRig(rig, withLine({ ...presentation, speedMps }, lineM)).depthM),
    ),
  };
}
