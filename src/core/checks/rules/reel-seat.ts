import { nothing, type Rule } from '../rule';

/** A fixed spool hangs under large rings on the belly of the blank, a multiplier sits on its back over small ones. */
export const reelSeat: Rule = ({ rig, presentation }) => {
  const { mount } = rig.rodPart;
  const { build } = rig.reel;
  if (mount === undefined || mount === 'boat' || (mount === 'spin') === (build === 'fixed-spool')) return nothing;
  const [rod, reel] = [rig.chainOfParts[0]!.joint.id, rig.chainOfParts[1]!.joint.id];
  return [{ severity: 'fails', verdict: presentation.kind === 'cast' ? 'throw' : 'hold', joints: [rod, reel], facts: {}, code: build }];
};
