import { nothing, type Rule } from '../rule';

/** A stout hook must be pulled home harder than a light blank bears. */
export const stoutHookSoftRod: Rule = ({ rig, presentation }) => {
  const { edge, fails } = rig.classes.checks.stoutHook;
  const { jointId } = rig.hook;
  const neededN = rig.hook.neededN / rig.classes.covers[presentation.cover].through;
  const ratio = neededN / rig.rodHoldsN;
  if (ratio < edge) return nothing;
  return [
    {
      severity: ratio < fails ? 'edge' : 'fails',
      verdict: 'set',
      joints: [jointId, rig.chainOfParts[0]!.joint.id],
      facts: { neededN, holdsN: rig.rodHoldsN, ratio },
    },
  ];
};
