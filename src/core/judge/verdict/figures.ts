import type { Chain, RodBend } from '../../tackle';
import type { Trim } from '../../water';
import type { Hookset } from '../../strike';

/** How a hook fits its body. */
export interface HookFit {
  readonly jointId: string;
  readonly gapM: number;
  /** gap that stays clear of the bitten body [m]; null where no body lies in it */
  readonly clearGapM: number | null;
  readonly askedGapM: number;
  /** where the point stands along the trunk, 0 nose to 1 tail's root; null without a body */
  readonly station: number | null;
  readonly pointsInReach: number;
  /** which station of a lure it hangs at */
  readonly hangsAt: 'front' | 'middle' | 'tail' | null;
  /** pull at which it opens [N] */
  readonly opensN: number;
}

export interface BalancedEnd {
  readonly jointId: string;
  readonly bodyLengthM: number | null;
  readonly trim: Trim;
  /** whether it is read at rest or pulled */
  readonly read: 'rest' | 'pulled';
  readonly pitchRad: number;
  readonly hooks: readonly HookFit[];
  /** length of a natural bait behind the last hook's bend [m] */
  readonly pastHookM: number | null;
  /** a bait on two hooks: how much of the last bend stands out of it [m], and its turns in a metre of way */
  readonly spin: { readonly exposedM: number; readonly turnsPerM: number } | null;
}

export interface BalanceFigures {
  readonly ends: readonly BalancedEnd[];
  readonly pointsInReach: number;
}

export interface HoldFigures {
  readonly chain: Chain;
  /** weakest joint over the clutch at a full spool; null while the clutch is locked */
  readonly clutchMargin: number | null;
}

export interface SetFigures {
  readonly hookset: Omit<Hookset, 'curve'>;
  /** the rod under the set's pull, for the drawing */
  readonly rodBend: RodBend;
  readonly mainLineM: number;
  readonly stretchM: number;
  /** pull at which the clutch gives line at this distance [N]; null: locked */
  readonly clutchNowN: number | null;
  /** how long the fish holds the bait [s]; null: not judged */
  readonly holdsS: number | null;
}
