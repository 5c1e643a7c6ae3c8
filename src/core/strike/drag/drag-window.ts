import { FIGHT_CLASSES } from '../../tackle/defaults/fight-classes';
import { requireInRange, type Limits } from '../../base/guard';
import { resolveRod, ROD_LIMITS, type Rod } from '../../tackle';
import { CLUTCH_JERK, pullAtEnergy, strikeEnergyJ } from './elastic-strike';

export const DRAG_WINDOW_LIMITS = {
  lineLengthM: { min: 0, max: 2000 },
  eaN: { min: 0, max: 1e8, exclusiveMin: true },
  fishKg: { min: 0, max: 1000, exclusiveMin: true },
  speedMps: { min: 0, max: 20 },
  forceN: { min: 0, max: 1e5, exclusiveMin: true },
  neededN: { min: 0, max: 1e4 },
  radiusM: { min: 0, max: 1, exclusiveMin: true },
} as const satisfies Record<string, Limits>;

export interface DragWindowInput {
  readonly rod: Rod;
  /** line against the grip axis [rad] */
  readonly pullAngleRad: number;
  readonly line: readonly { readonly lengthM: number; readonly eaN: number }[];
  readonly fishKg: number;
  /** speed at which the rod is carried away from the fish [m/s] */
  readonly speedMps: number;
  /** how fast the fish turns away; its class speed when absent [m/s] */
  readonly fishMps?: number | undefined;
  readonly neededN: number;
  readonly openingN: number;
  readonly weakestN: number;
  readonly tearN: number;
  /** setting at a full spool [N] */
  readonly clutchN?: number | undefined;
  readonly spool?: { readonly fullRadiusM: number; readonly nowRadiusM: number } | undefined;
  /** steady pull of the bait or lure [N] */
  readonly baitPullN?: number | undefined;
}

export interface DragWindow {
  readonly outcome: 'window' | 'no-window';
  /** pulls at which the clutch may give line now [N]; crossed where there is none */
  readonly windowN: readonly [number, number];
  /** what sets the upper bound, and so the part to change */
  readonly upperBy: 'opening' | 'weakest' | 'tear';
  /** peak of the strike if no clutch gave [N] */
  readonly elasticPeakN: number;
  readonly peakN: number;
  /** whether the strike alone buries the hook */
  readonly strikeBuries: boolean;
  /** settings at a full spool that stay in the window now [N] */
  readonly atFullN: readonly [number, number];
  /** light setting that holds the bait and still gives line [N]; null without a bait's pull */
  readonly holdsBaitN: number | null;
}

/** What the clutch must exceed of the hook's need, and stay under of what gives. */
export const DRAG_MARGINS = { needed: 1.3, upper: 1.8, bait: 1.3 } as const;

/**
 * Clutch settings [N] between burying the hook and losing the fish, and the peak [N] of an elastic strike.
 *
 * Model: the strike's energy goes into rod and line, ½·1.5·M·(v + v_fish)² = E_rod(T) + T²·ΣL/(2EA); a clutch that gives
 * holds the peak to 1.2 of its pull as the spool stands. Window: from 1.3·needed to a 1.8th of the least of opening, weakest
 * joint and tearing. Left out: drag of line and fish, and the clutch's own stiction beyond the fifth.
 *
 * @throws {InputRangeError} when a value lies outside DRAG_WINDOW_LIMITS or the rod's limits, or the spool stands over full.
 */
export function dragWindow(input: DragWindowInput): DragWindow {
  const L = DRAG_WINDOW_LIMITS;
  const rod = resolveRod(input.rod);
  const angle = requireInRange('pullAngleRad', input.pullAngleRad, ROD_LIMITS.angleRad);
  const M = requireInRange('fishKg', input.fishKg, L.fishKg);
  const v =
    requireInRange('speedMps', input.speedMps, L.speedMps) +
    requireInRange('fishMps', input.fishMps ?? FIGHT_CLASSES.fish.strikeMps, L.speedMps);
  const neededN = requireInRange('neededN', input.neededN, L.neededN);
  const compliance = input.line.reduce(
    (sum, piece, i) =>
      sum +
      requireInRange(`line[${i}].lengthM`, piece.lengthM, L.lineLengthM) /
        requireInRange(`line[${i}].eaN`, piece.eaN, L.eaN),
    0,
  );
  const uppers = (['opening', 'weakest', 'tear'] as const).map((by) => ({
    by,
    forceN: requireInRange(`${by}N`, input[`${by}N`], L.forceN),
  }));
  const upper = uppers.reduce((least, each) => (each.forceN < least.forceN ? each : least));
  const full = input.spool ? requireInRange('spool.fullRadiusM', input.spool.fullRadiusM, L.radiusM) : 1;
  const now = input.spool ? requireInRange('spool.nowRadiusM', input.spool.nowRadiusM, { ...L.radiusM, max: full }) : 1;

  const elasticPeakN = pullAtEnergy(
    { rod, angleRad: angle, complianceMPerN: compliance },
    strikeEnergyJ(M, v),
  ).tensionN;
  const clutched =
    input.clutchN === undefined
      ? Infinity
      : (CLUTCH_JERK * requireInRange('clutchN', input.clutchN, { ...L.forceN, exclusiveMin: false }) * full) / now;
  const peakN = Math.min(elasticPeakN, clutched);
  const windowN = [DRAG_MARGINS.needed * neededN, upper.forceN / DRAG_MARGINS.upper] as const;
  return {
    outcome: windowN[0] <= windowN[1] ? 'window' : 'no-window',
    windowN,
    upperBy: upper.by,
    elasticPeakN,
    peakN,
    strikeBuries: peakN >= neededN,
    atFullN: [(windowN[0] * now) / full, (windowN[1] * now) / full],
    holdsBaitN:
      input.baitPullN === undefined
        ? null
        : DRAG_MARGINS.bait * requireInRange('baitPullN', input.baitPullN, { ...L.forceN, exclusiveMin: false }),
  };
}
