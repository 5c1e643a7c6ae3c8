import { nothing, sideOf, type Rule } from '../rule';

/** A leader much weaker than the line wastes it; one that is stronger leaves the line in the water. */
export const leaderStrength: Rule = (input) => {
  const { rig, presentation } = input;
  const main = rig.pieces[0]!;
  const leader = rig.pieces.slice(1).reduce<(typeof rig.pieces)[number] | null>((least, piece) => (!least || piece.riggedN < least.riggedN ? piece : least), null);
  if (!leader) return nothing;
  const facts = { leaderN: leader.riggedN, lineN: main.riggedN };
  const joints = [leader.jointId, main.jointId];
  const side = sideOf(input, 'leader-weight');
  if (leader.riggedN < rig.classes.checks.leaderWeak.edge * main.riggedN) return [{ severity: side === 'stout' ? 'edge' : 'note', verdict: 'hold', joints, code: 'weak', facts, school: 'leader-weight', side }];
  if (leader.line.strengthN > main.line.strengthN && presentation.wear.length === 0) return [{ severity: side === 'stout' ? 'note' : 'edge', verdict: 'hold', joints, code: 'strong', facts, school: 'leader-weight', side }];
  return nothing;
};
