import { HOOK_SPREAD } from '../../tackle/defaults/hook-classes';
import { ROD_CLASS_SPREAD } from '../../tackle/defaults/rod-classes';
import type { Rig } from '../../rig';
import { resolveRod, statedPower } from '../../tackle';
import { classTerm, computed, reading, type Term } from './working';

export function rodTerms(rig: Rig): Term[] {
  const { rodPart } = rig;
  const { stiffness } = rodPart;
  const rod = resolveRod(rig.rod);
  return [
    rodPart.workingLengthM
      ? reading('L', 'working-length', rodPart.workingLengthM, 'rodLength', rodPart.id)
      : { ...reading('L', 'working-length', rodPart.lengthM, 'rodLength', rodPart.id), value: rig.rod.lengthM },
    ...(stiffness.kind === 'taper'
      ? [
          reading('EI', 'rigidity', stiffness.buttEiNm2, 'rigidity', rodPart.id),
          reading('r_d', 'tip-ratio', stiffness.tipRatio, 'ratio', rodPart.id),
        ]
      : [
          classTerm('EI', 'rigidity', rod.buttEiNm2, 'rigidity', statedPower(rodPart, rig.classes)!.spread),
          classTerm('r_d', 'tip-ratio', rod.tipRatio, 'ratio', ROD_CLASS_SPREAD.tipRatio),
        ]),
  ];
}

/** What every part beyond the tip weighs, in the order of the chain. */
export function massTerms(rig: Rig): Term[] {
  const terms = rig.chainOfParts.flatMap(({ part }, i): Term[] => {
    if (part.kind === 'rod' || part.kind === 'reel' || !('massKg' in part) || !part.massKg) return [];
    return [reading(`m_{${i + 1}}`, 'mass', part.massKg, 'mass', part.id)];
  });
  return [...terms, computed('m', 'cast-mass', rig.castMassKg, 'mass')];
}

/** The hook that the set is judged by: of its part where it is one, else by its class. */
export function hookTerms(rig: Rig): Term[] {
  const { spec, jointId } = rig.hook;
  const part = rig.chainOfParts.find(({ joint }) => joint.id === jointId)?.part;
  if (part && 'wireM' in part && 'gapM' in part)
    return [reading('d', 'wire', part.wireM, 'size', part.id), reading('g', 'gap', part.gapM, 'size', part.id)];
  return [
    classTerm('d', 'wire', spec.wireM, 'size', HOOK_SPREAD.wire),
    classTerm('g', 'gap', spec.gapM, 'size', HOOK_SPREAD.gap),
  ];
}

export function lineTerms(rig: Rig): Term[] {
  return rig.pieces.map(({ part, line }, i): Term => {
    const name = i === 0 ? 'line-strength' : 'leader-strength';
    return part?.strengthN
      ? reading(`F_{${i + 1}}`, name, part.strengthN, 'force', part.id)
      : computed(`F_{${i + 1}}`, name, line.strengthN, 'force');
  });
}
