import { resolveRod, type Presentation } from '../../tackle';
import type { Rig } from '../rigging';

/** Lean of a rod in its holder from upright: the presentation's own, that of the craft, or the class. */
export function holderLeanRad(rig: Rig, presentation: Presentation): number {
  const own = presentation.kind === 'towed' ? presentation.holderRad : undefined;
  return (
    own ??
    rig.house.crafts.find(({ id }) => id === presentation.craftId)?.holderAngleRad ??
    rig.classes.fighting[isOnDownrigger(presentation) ? 'downrigger-holder' : 'holder'].leanRad
  );
}

const isOnDownrigger = (presentation: Presentation): boolean =>
  presentation.kind === 'towed' && presentation.gear?.kind === 'downrigger';

/** Grip above level while fishing [rad]: that of the holder, or as it is held in the hand. */
export function gripRiseRad(rig: Rig, presentation: Presentation): number {
  if (presentation.kind === 'towed' && presentation.held === 'holder')
    return Math.PI / 2 - holderLeanRad(rig, presentation);
  return rig.classes.rodHeld[presentation.rodWorked].riseRad;
}

/** A tip is held out of the water, however low the rod [m]. */
const LEAST_TIP_M = 0.05;

/** Height of the rod's tip over the water, the rod taken as straight [m]. */
export const tipHeightM = (rig: Rig, presentation: Presentation): number =>
  Math.max(
    LEAST_TIP_M,
    presentation.handHeightM + resolveRod(rig.rod).lengthM * Math.sin(gripRiseRad(rig, presentation)),
  );
