import { nothing, type Rule } from '../rule';

/** A handle on the other side than the hand that winds. */
export const handleSide: Rule = ({ rig }) => {
  const { winds } = rig.house.angler;
  const { handleSide: side } = rig.reel;
  if (!winds || !side || side === 'either' || side === winds) return nothing;
  return [{ severity: 'note', verdict: 'hold', joints: [rig.chainOfParts[1]!.joint.id], facts: { side, winds } }];
};
