import { craftOf } from '../look';
import { nothing, sideOf, type Rule } from '../rule';

/**
 * Rods in neighbouring holders: their tips stand as far apart as the holders, and lines cross where that is too little. Where
 * the house puts longer and shorter rods side by side, the tips stand one behind the other and less is enough.
 */
export const tipsApart: Rule = (input) => {
  const { rig, presentation } = input;
  if (presentation.kind !== 'towed' || presentation.held !== 'holder') return nothing;
  const craft = craftOf(rig, presentation.craftId);
  const side = sideOf(input, 'side-rods');
  const leastM = side === 'equal' ? LEAST_GAP_M : STAGGERED_GAP_M;
  if (!craft || craft.holders < 2 || craft.holderGapM >= leastM) return nothing;
  return [
    {
      severity: 'note',
      verdict: 'hold',
      joints: [rig.chainOfParts[0]!.joint.id],
      facts: {
        gapM: craft.holderGapM,
        leastM,
        overM: rig.rod.lengthM * Math.sin(craft.holderAngleRad),
        craft: craft.name,
      },
      school: 'side-rods',
      side,
    },
  ];
};

/** A line swings about this far when a craft turns in chop [m]; with tips one behind the other. */
const LEAST_GAP_M = 0.35;
const STAGGERED_GAP_M = 0.25;
