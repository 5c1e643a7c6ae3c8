import type { Rig } from '../rigging';
import type { Presentation } from '../../tackle';

/** Floorboards of an open boat over the water [m]. */
const FLOOR_ABOVE_WATER_M = 0.1;

/** Hands over the water [m]: the angler's own for the stance, over the floor of the craft; else what the presentation says. */
export function handOverWaterM(rig: Rig, { stance, craftId, handHeightM }: Presentation): number {
  const { angler, crafts } = rig.house;
  const own =
    stance === 'standing' ? angler.handStandingM : stance === 'seated' ? angler.handSeatedM : angler.handWadingM;
  // A hand is measured over the floor that the angler stands or sits on; in a craft that floor lies near the waterline.
  const onCraft = crafts.some(({ id }) => id === craftId) && stance !== 'wading';
  return own ? own.value + (onCraft ? FLOOR_ABOVE_WATER_M : 0) : handHeightM;
}

/** What must stay clear between the tip and the water for a stance [m]. */
export function clearanceAskedM({ classes }: Rig, { stance }: Presentation): number {
  const { standingM, seatedM, wadingM } = classes.checks.clearance;
  return stance === 'standing' ? standingM : stance === 'seated' ? seatedM : wadingM;
}

/** Reach of an arm beyond the grip where nobody measured it [m]. */
const USUAL_REACH_M = 0.6;
export const reachM = (rig: Rig): number => rig.house.angler.reachM?.value ?? USUAL_REACH_M;

/** Moment that this angler's hands hold for a moment in this presentation [N·m]. */
export const peakMomentNm = (rig: Rig, { sweep }: Presentation): number =>
  sweep.peakMomentNm ?? rig.classes.setWays[sweep.way].peakMomentNm;
