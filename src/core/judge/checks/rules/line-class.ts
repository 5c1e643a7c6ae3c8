import { nothing, type Rule } from '../rule';

/** The printed line class of a rod, against the main line. */
export const lineClass: Rule = ({ rig }) => {
  const { lineLoN, lineHiN } = rig.rodPart;
  const { strengthN } = rig.pieces[0]!.line;
  const joints = [rig.chainOfParts[0]!.joint.id, rig.pieces[0]!.jointId];
  if (lineHiN && strengthN > lineHiN.value)
    return [
      { severity: 'edge', verdict: 'hold', joints, code: 'strong', facts: { lineN: strengthN, mostN: lineHiN.value } },
    ];
  if (lineLoN && strengthN < lineLoN.value)
    return [
      { severity: 'edge', verdict: 'hold', joints, code: 'weak', facts: { lineN: strengthN, leastN: lineLoN.value } },
    ];
  return nothing;
};
