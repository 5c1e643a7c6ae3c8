import { nothing, type Rule } from '../rule';

/** A strike on a rod in its holder that no drag softens can break the blank. */
export const strikeAgainstBlank: Rule = ({ rig, presentation, strike }) => {
  if (!strike || presentation.kind !== 'towed' || presentation.held !== 'holder') return nothing;
  const { peakN } = strike.window;
  if (peakN <= rig.rodHoldsN) return nothing;
  return [
    {
      severity: peakN > rig.classes.checks.blank.clutchFails * rig.rodHoldsN ? 'fails' : 'edge',
      verdict: 'hold',
      joints: [rig.chainOfParts[0]!.joint.id],
      facts: { peakN, holdsN: rig.rodHoldsN },
    },
  ];
};
