import { HARDWARE_CLASSES } from '../../../tackle/defaults/hardware-classes';
import { hardwareStrengthN, lineOfKnot, type Rig, type RiggedPiece } from '../../../rig';
import type { Found, Rule } from '../rule';

/** Rings, snaps and swivels against the line, and crimps against its diameter. */
export const hardwareSize: Rule = ({ rig }) => {
  const { hardwareStrength, crimpBore } = rig.classes.checks;
  return rig.chainOfParts.flatMap((fitted, i): Found[] => {
    if (fitted.kind !== 'hardware') return [];
    const line = lineBeside(rig, i);
    if (!line) return [];
    const { part, joint } = fitted;
    if (part.form === 'crimp') {
      const inside = lineOfKnot(rig.chainOfParts, i, rig.pieces) ?? line;
      const boreM = part.boreM?.value ?? HARDWARE_CLASSES.crimp.borePerWidth * part.widthM.value;
      const ratio = boreM / inside.line.diameterM;
      if (ratio >= crimpBore.least && ratio <= crimpBore.most) return [];
      const facts = {
        boreM,
        diameterM: inside.line.diameterM,
        leastM: crimpBore.least * inside.line.diameterM,
        mostM: crimpBore.most * inside.line.diameterM,
      };
      return [
        {
          severity: ratio < crimpBore.least ? 'fails' : 'edge',
          verdict: 'hold',
          joints: [joint.id],
          code: ratio < crimpBore.least ? 'crimp-tight' : 'crimp-loose',
          facts,
        },
      ];
    }
    const strengthN = hardwareStrengthN(part);
    if (strengthN === null) return [];
    const ratio = strengthN / line.riggedN;
    const facts = { form: part.form, strengthN, lineN: line.riggedN };
    // Its own weakness is in riggedN already, so the line alone is what it is held against.
    if (strengthN < hardwareStrength.least * Math.min(line.line.strengthN, rig.pieces[0]!.line.strengthN))
      return [
        {
          severity: 'edge',
          verdict: 'hold',
          joints: [joint.id],
          code: 'weak',
          facts: { ...facts, lineN: line.line.strengthN },
        },
      ];
    return ratio > hardwareStrength.most
      ? [{ severity: 'note', verdict: 'balance', joints: [joint.id], code: 'heavy', facts }]
      : [];
  });
};

/** The nearest piece of line to a joint, before it first. */
function lineBeside(rig: Rig, at: number): RiggedPiece | null {
  const ids = rig.chainOfParts.map(({ joint }) => joint.id);
  const behind = rig.pieces.filter(({ jointId }) => ids.indexOf(jointId) < at).at(-1);
  return behind ?? rig.pieces[0] ?? null;
}
