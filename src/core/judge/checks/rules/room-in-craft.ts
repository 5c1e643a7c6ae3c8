import { craftOf } from '../look';
import { nothing, type Rule } from '../rule';

/** A rod that is longer than the free part of the craft lies across someone. */
export const roomInCraft: Rule = ({ rig, presentation }) => {
  const craft = craftOf(rig, presentation.craftId);
  const lengthM = rig.rodPart.lengthM.value;
  if (!craft || lengthM <= SHARE * craft.lengthM) return nothing;
  return [
    {
      severity: 'note',
      verdict: 'throw',
      joints: [rig.chainOfParts[0]!.joint.id],
      facts: { lengthM, craftM: craft.lengthM, craft: craft.name },
    },
  ];
};

/** Three fifths of the hull are free of seats and engine. */
const SHARE = 0.6;
