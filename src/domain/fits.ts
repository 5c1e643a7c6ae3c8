import { KNOTS } from '@/core/defaults/knots';
import { PART_OF_JOINT, type JointKind } from '@/core/evaluate';
import type { Part } from './parts';

/** Parts that a rod's printed windows are about: masses against its lure window, lines against its line window. */
export function fitsRod(part: Part, rod: Part): boolean {
  if (rod.kind !== 'rod') return true;
  if (part.kind === 'line') return (!rod.lineLoN || (part.strengthN?.value ?? 0) >= rod.lineLoN.value) && (!rod.lineHiN || (part.strengthN?.value ?? 0) <= rod.lineHiN.value);
  if (part.kind === 'rod' || part.kind === 'reel' || part.kind === 'knot' || !('massKg' in part) || !part.massKg || !rod.rating) return part.kind === 'rod' ? part.id === rod.id : true;
  return part.massKg.value <= rod.rating.hiKg.value && (part.kind === 'hook' || part.kind === 'hardware' || part.massKg.value >= rod.rating.loKg.value / 2);
}

/** Whether a part could stand in a place of a cast soft-bait rig; a knot by whether it ties line to line. */
export function fitsJoint(part: Part, kind: JointKind, tiesLines: boolean): boolean {
  if (part.kind !== PART_OF_JOINT[kind]) return false;
  switch (part.kind) {
    case 'knot':
      return KNOTS[part.pattern].use === (tiesLines ? 'line-to-line' : 'terminal');
    case 'hook':
      // One point lies in the bait; a treble has nowhere to lie.
      return part.points === 'single';
    case 'rod':
      return part.mount === 'cast' || part.mount === 'spin';
    case 'weight':
      return part.rigging !== 'fixed';
    default:
      return true;
  }
}
