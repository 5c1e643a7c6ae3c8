import { requireInRange } from '../../base/guard';
import { ROD_LIMITS } from '../../tackle';
import { DRAG_WINDOW_LIMITS } from './drag-window';

/** Friction of line over rings, as the exponent's factor on the wrapped angle. */
export const RING_FRICTION = 0.15;

export interface ClutchScale {
  readonly fill: 'full' | 'third';
  readonly rod: 'pointed' | 'lifted';
  /** settings at a full spool that keep the pull at the fish inside the window [N] */
  readonly settingN: readonly [number, number];
}

export interface ClutchScalesInput {
  /** pulls at the fish between which the clutch may give line [N] */
  readonly windowN: readonly [number, number];
  readonly fullRadiusM: number;
  /** radius of the wound line with a third of it left [m] */
  readonly thirdRadiusM: number;
  /** line against the grip axis with the rod lifted [rad] */
  readonly liftedRad: number;
}

/**
 * Settings [N] as read at a full spool with the rod pointed at the fish, for each state in which the clutch works.
 *
 * Model: a clutch turns at a constant moment, so its pull grows as R_full/R_now when line leaves, and by e^{0.15·wrap}
 * when the line bends over the rings of a lifted rod. A setting that is right in all four rows is right.
 *
 * @throws {InputRangeError} when a value lies outside its limits, or the spool stands over full.
 */
export function clutchScales({ windowN: [lo, hi], ...input }: ClutchScalesInput): readonly ClutchScale[] {
  const L = DRAG_WINDOW_LIMITS;
  const full = requireInRange('fullRadiusM', input.fullRadiusM, L.radiusM);
  const third = requireInRange('thirdRadiusM', input.thirdRadiusM, { ...L.radiusM, max: full });
  const lifted = requireInRange('liftedRad', input.liftedRad, ROD_LIMITS.angleRad);
  return (
    [
      ['full', full],
      ['third', third],
    ] as const
  ).flatMap(([fill, now]) =>
    (
      [
        ['pointed', 0],
        ['lifted', lifted],
      ] as const
    ).map(([rod, wrap]): ClutchScale => {
      const gain = (full / now) * Math.exp(RING_FRICTION * wrap);
      return { fill, rod, settingN: [lo / gain, hi / gain] };
    }),
  );
}
