import { craftOf } from '../look';
import { nothing, type Rule } from '../rule';

/** Rods in neighbouring holders: their tips stand as far apart as the holders, and lines cross where that is too little. */
export const tipsApart: Rule = ({ rig, presentation }) => {
  if (presentation.kind !== 'towed' || presentation.held !== 'holder') return nothing;
  const craft = craftOf(rig, presentation.craftId);
  if (!craft || craft.holders < 2 || craft.holderGapM >= LEAST_GAP_M) return nothing;
  return [
    {
      severity: 'note',
      verdict: 'hold',
      joints: [rig.chainOfParts[0]!.joint.id],
      facts: {
        gapM: craft.holderGapM,
        leastM: LEAST_GAP_M,
        overM: rig.rod.lengthM * Math.sin(craft.holderAngleRad),
        craft: craft.name,
      },
    },
  ];
};

/** A line swings about this far when a craft turns in chop [m]. */
const LEAST_GAP_M = 0.35;
