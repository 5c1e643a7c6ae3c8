import { resolveRod } from '../../tackle';
import { gripRiseRad, tipHeightM, type Rig } from '../../rig';
import type { TowedPresentation } from '../../tackle';
import type { Point } from '../spread';

/** A place of a craft where a line leaves it; in its frame, from the middle of the transom at the waterline. */
export interface TowPoint {
  readonly id: string;
  /** a rod's holder, the end of a downrigger's boom, an outrigger's clip, a mast that large boards are towed from */
  readonly kind: 'holder' | 'downrigger' | 'outrigger' | 'mast';
  /** to starboard, aft, and up over the water [m] */
  readonly xM: number;
  readonly yM: number;
  readonly upM: number;
  /** where a rod in a holder points, from straight aft, positive to starboard [rad] */
  readonly pointsRad: number;
}

/** Where the line leaves the boat: the tip of the rod in its holder, or the point itself. */
export function tipAt(rig: Rig, presentation: TowedPresentation, point: TowPoint): Point {
  const { kind, xM, yM, upM, pointsRad } = point;
  if (kind !== 'holder') return [xM, yM, -upM];
  const reachM = resolveRod(rig.rod).lengthM * Math.cos(gripRiseRad(rig, presentation));
  return [
    xM + reachM * Math.sin(pointsRad),
    yM + reachM * Math.cos(pointsRad),
    -tipHeightM(rig, { ...presentation, handHeightM: upM }),
  ];
}
