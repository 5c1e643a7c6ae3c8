import { reachM, turnCircleM } from '../../../rig';
import { stopperOf } from '../look';
import { nothing, type Rule } from '../rule';

/** Circle that a bait can be swung on beside the boat: rod and arm, less what hangs below the tip. */
export const boatsideTurn: Rule = ({ rig, presentation }) => {
  if (!presentation.boatsideTurn) return nothing;
  const R = rig.rod.lengthM + reachM(rig);
  const lead = Math.max(stopperOf(rig)?.beyondM ?? 0, LEAST_HANGING_M);
  const circleM = turnCircleM(R, lead);
  const { leastM } = rig.classes.checks.boatsideCircle;
  if (circleM >= leastM) return nothing;
  return [
    {
      severity: circleM === 0 ? 'fails' : 'edge',
      verdict: 'throw',
      joints: [rig.chainOfParts[0]!.joint.id, ...(rig.pieces[1] ? [rig.pieces[1].jointId] : [])],
      facts: { circleM, leastM, reachM: R, leadM: lead },
    },
  ];
};

/** What hangs below the tip even when all is wound in [m]. */
const LEAST_HANGING_M = 0.3;
