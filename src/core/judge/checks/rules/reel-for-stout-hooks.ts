import { nothing, sideOf, type Rule } from '../rule';

/** Fixed spool or multiplier for stout hooks: the house takes a side. */
export const reelForStoutHooks: Rule = (input) => {
  const { rig } = input;
  const side = sideOf(input, 'stout-reel');
  if (rig.hook.neededN < STOUT_N || rig.reel.build === side) return nothing;
  return [
    {
      severity: 'note',
      verdict: 'set',
      joints: [rig.chainOfParts[1]!.joint.id, rig.hook.jointId],
      code: rig.reel.build,
      facts: { neededN: rig.hook.neededN },
      school: 'stout-reel',
      side,
    },
  ];
};

/** A hook that needs two kilograms is stout [N]. */
const STOUT_N = 19.6;
