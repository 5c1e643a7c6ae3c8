import { leadersM, reachM } from '../../../rig';
import { craftOf, stopperOf } from '../look';
import { nothing, type Rule } from '../rule';

/** A leader long enough to keep the line out of sight, short enough to be handled at the craft. */
export const leaderLength: Rule = ({ rig, presentation }) => {
  const lengthM = leadersM(rig);
  const first = rig.pieces[1];
  if (!first || lengthM === 0) return nothing;
  const { leaderShort, leaderOverRod } = rig.classes.checks;
  if (lengthM < leaderShort.least)
    return [
      {
        severity: 'edge',
        verdict: 'hold',
        joints: [first.jointId],
        code: 'short',
        facts: { lengthM, leastM: leaderShort.least },
      },
    ];
  const stopper = stopperOf(rig);
  if (!stopper) return nothing;
  // What stops at the tip leaves the rest of the rig hanging: rod and arm must reach the fish, less what the gunwale takes.
  const craft = craftOf(rig, presentation.craftId);
  const reach = leaderOverRod.towed * rig.rod.lengthM + reachM(rig) - (craft?.freeboardM ?? 0) / 2;
  if (stopper.beyondM <= reach) return nothing;
  return [
    {
      severity: stopper.beyondM > 1.5 * reach ? 'fails' : 'edge',
      verdict: 'hold',
      joints: [first.jointId, stopper.jointId],
      code: 'long',
      facts: { beyondM: stopper.beyondM, reachM: reach, form: stopper.form },
    },
  ];
};
