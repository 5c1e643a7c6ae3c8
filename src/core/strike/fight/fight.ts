import { requireInRange } from '../../base/guard';
import { bendRod, resolveRod, ROD_LIMITS, type Pull, type ResolvedRod, type Rod } from '../../tackle';

export interface FightInput {
  readonly rod: Rod;
  readonly pull: Pull;
  /** angles of the line to the grip between which the rod is raised [rad] */
  readonly stroke?: { readonly fromRad: number; readonly toRad: number } | undefined;
}

export interface Fight {
  readonly outcome: 'ok';
  readonly leverArmM: number;
  /** what the hands hold [N·m] */
  readonly momentNm: number;
  /** line gained by the stroke at constant pull [m]; negative where line is lost, null without a stroke */
  readonly gainM: number | null;
}

/**
 * What a fish's pull asks of the hands, and what a stroke of the rod gains.
 *
 * Model: the rod bent by a constant pull; the fish is far off, so the line keeps its direction and the gain is the tip's shift
 * along it, tip·line at the start less tip·line at the end.
 * Frame: angles from the grip axis to the line; raising the rod lets the angle grow.
 *
 * @throws {InputRangeError} when a value lies outside the rod's limits.
 */
export function fight({ rod: given, pull, stroke }: FightInput): Fight {
  const rod = resolveRod(given);
  const F = requireInRange('pull.forceN', pull.forceN, ROD_LIMITS.forceN);
  const a = requireInRange('pull.angleRad', pull.angleRad, ROD_LIMITS.angleRad);
  const { leverArmM } = bendRod(rod, F, a);
  const along = (field: 'fromRad' | 'toRad') =>
    alongLineM(rod, F, requireInRange(`stroke.${field}`, stroke![field], ROD_LIMITS.angleRad));
  return {
    outcome: 'ok',
    leverArmM,
    momentNm: F * leverArmM,
    gainM: stroke ? along('fromRad') - along('toRad') : null,
  };
}

/** How far the tip stands along the line from the grip [m]. */
function alongLineM(rod: ResolvedRod, F: number, a: number): number {
  const { elastica } = bendRod(rod, F, a);
  return rod.lengthM * (elastica.tipX * Math.cos(a) + elastica.tipY * Math.sin(a));
}
