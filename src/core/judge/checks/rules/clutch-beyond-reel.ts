import { nothing, type Rule } from '../rule';

/** A clutch setting that the reel cannot give. */
export const clutchBeyondReel: Rule = ({ rig, presentation }) => {
  const { clutchN } = presentation;
  const mostN = rig.reel.clutchMaxN.value;
  if (clutchN === null || clutchN <= mostN) return nothing;
  return [{ severity: 'fails', verdict: 'hold', joints: [rig.chainOfParts[1]!.joint.id], facts: { clutchN, mostN } }];
};
