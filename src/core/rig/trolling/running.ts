import type { TowInput } from '../../water';
import type { HungCable } from './cable';

/** How a towed rig runs. */
export interface Running {
  readonly outcome: 'runs' | 'on-bottom' | 'at-surface' | 'in-the-air';
  /** where the end runs; null in the air [m] */
  readonly depthM: number | null;
  /** main line from tip or release on, and how much line is not in the water, of a leader too where that is out of it [m] */
  readonly lineM: number;
  readonly airM: number;
  /** behind the tip [m] */
  readonly behindM: number | null;
  /** line above the surface's level at its entry [rad] */
  readonly surfaceAngleRad: number | null;
  /** pull in the line at the tip or the release [N] */
  readonly pullN: number | null;
  /** speed of the end through the water in which it runs, and of the boat over ground [m/s] */
  readonly lureMps: number;
  readonly sogMps: number;
  /** what the bottom carries [N], and of which share of the weight that touches it; null: nothing touches */
  readonly contact: { readonly forceN: number; readonly share: number } | null;
  /** [x behind the tip, z down] from the tip, or from the release, to the end */
  readonly shape: readonly (readonly [number, number])[];
  readonly tipHeightM: number;
  /** line below level at the rod's tip [rad] */
  readonly tipAngleRad: number;
  /** the cable or board that takes the line there, where there is one */
  readonly release: { readonly depthM: number; readonly behindM: number; readonly cable: HungCable | null } | null;
  /** the `tow` call that gave it */
  readonly asked: TowInput;
}
