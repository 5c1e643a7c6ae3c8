import { METALS } from '../look';
import { nothing, sideOf, type Rule } from '../rule';

/** Leader over line. */
const FAR_STRONGER = 2.2;

/** A leader much weaker than the line wastes it; one that is stronger leaves the line in the water. */
export const leaderStrength: Rule = (input) => {
  const { rig, presentation } = input;
  const main = rig.pieces[0]!;
  const leader = rig.pieces
    .slice(1)
    .reduce<(typeof rig.pieces)[number] | null>(
      (least, piece) => (!least || piece.riggedN < least.riggedN ? piece : least),
      null,
    );
  if (!leader) return nothing;
  const lineN = main.line.strengthN;
  const facts = { leaderN: leader.riggedN, lineN };
  // Where it is meant to give in the leader, that is its fuse.
  const { breakAt } = presentation.wanted;
  const isFuse = breakAt !== null && breakAt !== main.jointId;
  const joints = [leader.jointId, main.jointId];
  const side = sideOf(input, 'leader-weight');
  if (!isFuse && leader.riggedN < rig.classes.checks.leaderWeak.edge * lineN)
    return [
      {
        severity: side === 'stout' ? 'edge' : 'note',
        verdict: 'hold',
        joints,
        code: 'weak',
        facts,
        school: 'leader-weight',
        side,
      },
    ];
  // Wire is chosen for teeth and for speed; behind a boat nobody pulls until something breaks.
  const wire = presentation.kind === 'towed' && METALS.has(leader.material);
  if (leader.line.strengthN > lineN && presentation.wear.length === 0 && !wire)
    return [
      {
        // A leader a little over the line is chosen for its wear; one far over it leaves the line in the water.
        severity: side === 'stout' || leader.line.strengthN < FAR_STRONGER * lineN ? 'note' : 'edge',
        verdict: 'hold',
        joints,
        code: 'strong',
        facts,
        school: 'leader-weight',
        side,
      },
    ];
  return nothing;
};
