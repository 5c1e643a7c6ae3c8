import { FISH_ADDED_MASS } from '../../base/constants';
import { bendRod, type Bend, type ResolvedRod } from '../../tackle';

/** A rod held at an angle to its line, and what the line stretches a newton, Σ L/EA [m/N]. */
export interface Spring {
  readonly rod: ResolvedRod;
  readonly angleRad: number;
  readonly complianceMPerN: number;
}

export interface Sprung {
  readonly tensionN: number;
  readonly bend: Bend;
}

/** A clutch that starts to turn holds a jerk to this much over its pull. */
export const CLUTCH_JERK = 1.2;

/** What rod and line must take up of a fish of so many kilograms that goes away at a speed [J]. */
export const strikeEnergyJ = (fishKg: number, speedMps: number): number =>
  0.5 * FISH_ADDED_MASS * fishKg * speedMps ** 2;

/** Energy in rod and line under a pull [J]. */
export const heldJ = ({ complianceMPerN }: Spring, { tensionN, bend }: Sprung): number =>
  bend.energyJ + (tensionN ** 2 * complianceMPerN) / 2;

/**
 * The pull [N] at which rod and line have taken up an energy [J].
 *
 * Model: Newton on √(2E), which is nearly straight in T: its slope is T·(C_line + c_rod)/√(2E), since dE = T·dy. A rod
 * stiffens as it bends, so the steps come from below.
 */
export function pullAtEnergy(spring: Spring, energyJ: number, near?: Sprung): Sprung {
  const { rod, angleRad, complianceMPerN } = spring;
  const wanted = Math.sqrt(2 * energyJ);
  let bend = near && near.tensionN > 0 ? near.bend : bendRod(rod, 0, angleRad);
  if (energyJ === 0) return { tensionN: 0, bend: bendRod(rod, 0, angleRad) };
  // A rod in line with its line, without line, takes up nothing at all.
  if (complianceMPerN + bend.complianceMPerN <= 0) return { tensionN: Infinity, bend };
  let T = near && near.tensionN > 0 ? near.tensionN : wanted / Math.sqrt(complianceMPerN + bend.complianceMPerN);
  for (let iteration = 0; iteration < 60; iteration += 1) {
    bend = bendRod(rod, T, angleRad, bend);
    const held = Math.sqrt(2 * heldJ(spring, { tensionN: T, bend }));
    const step = ((wanted - held) * held) / (T * (complianceMPerN + bend.complianceMPerN));
    T += step;
    if (Math.abs(step) <= 1e-9 * T) break;
  }
  return { tensionN: T, bend };
}
