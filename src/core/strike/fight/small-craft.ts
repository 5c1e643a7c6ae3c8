import { FISH_RUNS } from '../../tackle/defaults/fight-classes';
import { requireInRange, type Limits } from '../../base/guard';
import { fishRun } from './fish-run';
import { hullSpeedUnderN } from './hull';

export const SMALL_CRAFT_LIMITS = {
  pullN: { min: 0, max: 1e4 },
  hullDragN: { min: 0, max: 5000, exclusiveMin: true },
  hullLengthM: { min: 1, max: 30 },
  tipHeightM: { min: 0, max: 15 },
  fishMps: { min: 0, max: 20 },
  runS: { min: 0, max: 600 },
  lineM: { min: 0, max: 2000 },
} as const satisfies Record<string, Limits>;

export interface SmallCraftInput {
  /** steady pull of the fish, at most what the clutch holds [N] */
  readonly pullN: number;
  /** pull that tows the hull at 1 m/s [N] */
  readonly hullDragN: number;
  /** waterline of the hull, which says where its wave stops it [m]; absent: no such wall */
  readonly hullLengthM?: number | undefined;
  /** rod tip over the water [m] */
  readonly tipHeightM: number;
  /** how fast it runs, and for how long [m/s, s]; class values when absent */
  readonly fishMps?: number | undefined;
  readonly runS?: number | undefined;
  /** line that can still leave the spool [m] */
  readonly lineM?: number | undefined;
}

export interface SmallCraft {
  readonly outcome: 'holds' | 'runs-out';
  /** speed at which the fish tows the hull, steady [m/s] */
  readonly towedMps: number;
  /** line that leaves in a run, the hull following [m] */
  readonly lineNeededM: number;
  /** when the spool is empty [s]; null where it lasts */
  readonly emptyS: number | null;
  /** moment of a pull abeam at the height of the tip [N·m] */
  readonly heelingNm: number;
}

/**
 * What a fish does to a small craft: the hull towed, the line that a run takes, and the moment that heels it.
 *
 * Model: hull drag grows with the square of speed and steeply from its hull speed on, see `hullPullN`; the hull is taken to
 * follow at once, and never faster than the fish. Heeling moment F·h of a pull abeam, the hull held by nothing but itself.
 *
 * @throws {InputRangeError} when a value lies outside SMALL_CRAFT_LIMITS.
 */
export function smallCraft(input: SmallCraftInput): SmallCraft {
  const S = SMALL_CRAFT_LIMITS;
  const F = requireInRange('pullN', input.pullN, S.pullN);
  const D = requireInRange('hullDragN', input.hullDragN, S.hullDragN);
  const h = requireInRange('tipHeightM', input.tipHeightM, S.tipHeightM);
  const usual = fishRun(FISH_RUNS.large.massKg);
  const fish = requireInRange('fishMps', input.fishMps ?? usual.runMps, S.fishMps);
  const run = requireInRange('runS', input.runS ?? usual.runS, S.runS);
  const hullM =
    input.hullLengthM === undefined ? undefined : requireInRange('hullLengthM', input.hullLengthM, S.hullLengthM);
  const line = input.lineM === undefined ? Infinity : requireInRange('lineM', input.lineM, S.lineM);
  const towedMps = Math.min(fish, hullSpeedUnderN(F, D, hullM));
  const leaves = fish - towedMps;
  const lineNeededM = leaves * run;
  return {
    outcome: lineNeededM <= line ? 'holds' : 'runs-out',
    towedMps,
    lineNeededM,
    emptyS: lineNeededM <= line ? null : line / leaves,
    heelingNm: F * h,
  };
}
