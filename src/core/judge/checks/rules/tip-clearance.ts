import { clearanceAskedM, handOverWaterM, tipClearM } from '../../../rig';
import { nothing, type Rule } from '../rule';

/** A rod that is worked pointing down must not dip its tip. */
export const tipClearance: Rule = ({ rig, presentation }) => {
  if (presentation.rodWorked !== 'down') return nothing;
  const handM = handOverWaterM(rig, presentation);
  const clearM = tipClearM(handM, rig.rod.lengthM, rig.classes.checks.clearance.downRad);
  const askedM = clearanceAskedM(rig, presentation);
  if (clearM >= askedM) return nothing;
  return [
    {
      severity: clearM < 0 ? 'fails' : 'edge',
      verdict: 'throw',
      joints: [rig.chainOfParts[0]!.joint.id],
      facts: { clearM, askedM, handM, rodM: rig.rod.lengthM, stance: presentation.stance },
    },
  ];
};
