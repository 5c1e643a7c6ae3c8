import { nothing, sideOf, type Rule } from '../rule';

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
  if (leader.line.strengthN > lineN && presentation.wear.length === 0)
    return [
      {
        severity: side === 'stout' ? 'note' : 'edge',
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
