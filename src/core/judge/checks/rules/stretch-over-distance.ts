import { nothing, sideOf, type Rule } from '../rule';

/** Stretch that eats the sweep: what the line gives at the pull the hook needs, over what the sweep takes up. */
export const stretchOverDistance: Rule = (input) => {
  const { rig, set, presentation } = input;
  if (!set || set.hookset.tensionN <= 0) return nothing;
  const spareM = set.hookset.takeUpM - presentation.slackM;
  const stretchM =
    (set.stretchM / set.hookset.tensionN) * (rig.hook.neededN / rig.classes.covers[presentation.cover].through);
  const share = stretchM / Math.max(spareM, 1e-3);
  const { edge, fails } = rig.classes.checks.stretch;
  if (share < edge) return nothing;
  const side = sideOf(input, 'stretch');
  const severity = share >= fails ? 'fails' : side === 'forgives' ? 'note' : 'edge';
  return [
    {
      severity,
      verdict: 'set',
      joints: [rig.pieces[0]!.jointId],
      facts: { stretchM, spareM, share },
      school: 'stretch',
      side,
    },
  ];
};
