import { craftOf } from '../look';
import { nothing, type Rule } from '../rule';

/** A butt that is too short for the holder of the craft jumps out of it. */
export const rodInHolder: Rule = ({ rig, presentation }) => {
  if (presentation.kind !== 'towed' || presentation.held !== 'holder') return nothing;
  const craft = craftOf(rig, presentation.craftId);
  const handle = rig.rodPart.handleLengthM?.value;
  if (!craft || craft.holders === 0 || handle === undefined) return nothing;
  const neededM = craft.holderDepthM + rig.classes.checks.holder.insideM;
  if (handle >= neededM) return nothing;
  return [
    {
      severity: 'edge',
      verdict: 'hold',
      joints: [rig.chainOfParts[0]!.joint.id],
      facts: { handleM: handle, neededM, craft: craft.name },
    },
  ];
};
