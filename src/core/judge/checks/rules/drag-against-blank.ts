import { nothing, type Rule } from '../rule';

/** A drag set to more than the blank bears breaks the rod, not the line. */
export const dragAgainstBlank: Rule = ({ rig, presentation }) => {
  const { clutchN } = presentation;
  if (clutchN === null) return nothing;
  const { clutchEdge, clutchFails } = rig.classes.checks.blank;
  const ratio = clutchN / rig.rodHoldsN;
  if (ratio <= clutchEdge) return nothing;
  return [
    {
      severity: ratio > clutchFails ? 'fails' : 'edge',
      verdict: 'hold',
      joints: [rig.chainOfParts[0]!.joint.id, rig.chainOfParts[1]!.joint.id],
      facts: { clutchN, holdsN: rig.rodHoldsN, ratio },
    },
  ];
};
