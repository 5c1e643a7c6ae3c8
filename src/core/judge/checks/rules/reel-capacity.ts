import { fishRun } from '../../../strike';
import { spoolCapacityM, spoolOf } from '../../../tackle';
import { nothing, type Rule } from '../rule';

/** Line on the reel for what is out and what the fish may take. */
export const reelCapacity: Rule = ({ rig, presentation }) => {
  const { runs, leastM } = rig.classes.checks.reserveLine;
  const runM = presentation.fishKg === null ? 0 : fishRun(presentation.fishKg, rig.classes).lengthM;
  const outM = presentation.kind === 'cast' ? presentation.distanceM : presentation.lineOutM;
  const neededM = outM + Math.max(leastM, runs * runM);
  const spool = spoolOf(rig.reel);
  const main = rig.pieces[0]!;
  const holdsM = spoolCapacityM(spool, { material: main.material, diameterM: main.line.diameterM });
  const haveM = Math.min(holdsM, rig.linePart.lengthM.value);
  if (haveM >= neededM) return nothing;
  return [
    {
      severity: haveM < outM ? 'fails' : 'edge',
      verdict: 'hold',
      joints: [rig.chainOfParts[1]!.joint.id, main.jointId],
      code: holdsM < neededM ? 'reel' : 'spool',
      facts: { haveM, neededM, outM },
    },
  ];
};
