import { craftOf } from '../look';
import { nothing, type Rule } from '../rule';

/** A rod that is worked pointing down must not dip its tip. */
export const tipClearance: Rule = ({ rig, presentation }) => {
  if (presentation.rodWorked !== 'down') return nothing;
  const limits = rig.classes.checks.clearance;
  const { angler } = rig.house;
  const craft = craftOf(rig, presentation.craftId);
  const own = presentation.stance === 'standing' ? angler.handStandingM : presentation.stance === 'seated' ? angler.handSeatedM : angler.handWadingM;
  // A hand is measured over the floor that the angler stands or sits on; in a craft that floor lies near the waterline.
  const handM = own ? own.value + (craft && presentation.stance !== 'wading' ? FLOOR_ABOVE_WATER_M : 0) : presentation.handHeightM;
  const clearM = handM - rig.rod.lengthM * Math.sin(limits.downRad);
  const askedM = presentation.stance === 'standing' ? limits.standingM : presentation.stance === 'seated' ? limits.seatedM : limits.wadingM;
  if (clearM >= askedM) return nothing;
  return [{ severity: clearM < 0 ? 'fails' : 'edge', verdict: 'throw', joints: [rig.chainOfParts[0]!.joint.id], facts: { clearM, askedM, handM, rodM: rig.rod.lengthM, stance: presentation.stance } }];
};

/** Floorboards of an open boat over the water [m]. */
const FLOOR_ABOVE_WATER_M = 0.1;
