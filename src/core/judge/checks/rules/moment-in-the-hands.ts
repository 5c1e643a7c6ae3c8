import { nothing, type Rule } from '../rule';

/** What a set or a fight asks of the shoulder, against what the angler said it bears. */
export const momentInTheHands: Rule = ({ rig, set }) => {
  const limitNm = rig.house.angler.shoulderLimitNm?.value;
  if (!set || limitNm === undefined) return nothing;
  const momentNm = set.hookset.tensionN * set.rodBend.leverArmM;
  if (momentNm <= limitNm) return nothing;
  return [{ severity: 'edge', verdict: 'set', joints: [rig.chainOfParts[0]!.joint.id], facts: { momentNm, limitNm } }];
};
