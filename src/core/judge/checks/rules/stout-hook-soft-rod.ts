import { nothing, type Rule } from '../rule';

/** A soft rod points at the fish before a stout hook is home. */
export const stoutHookSoftRod: Rule = ({ rig, powerN }) => {
  const { edge, fails } = rig.classes.checks.stoutHook;
  const { neededN, jointId } = rig.hook;
  const ratio = neededN / powerN;
  if (ratio < edge) return nothing;
  return [
    {
      severity: ratio < fails ? 'edge' : 'fails',
      verdict: 'set',
      joints: [jointId, rig.chainOfParts[0]!.joint.id],
      facts: { neededN, powerN, ratio },
    },
  ];
};
