import { ROD_CLASS_SPREAD } from '../defaults/rod-classes';
import type { Rig } from '../evaluate';
import { resolveRod } from '../rod';
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
      ? [reading('EI', 'rigidity', stiffness.buttEiNm2, 'rigidity', rodPart.id), reading('r_d', 'tip-ratio', stiffness.tipRatio, 'ratio', rodPart.id)]
      : [classTerm('EI', 'rigidity', rod.buttEiNm2, 'rigidity', ROD_CLASS_SPREAD.power), classTerm('r_d', 'tip-ratio', rod.tipRatio, 'ratio', ROD_CLASS_SPREAD.tipRatio)]),
  ];
}

export function massTerms(rig: Rig): Term[] {
  return [
    reading('m_1', 'bait-mass', rig.bait.massKg, 'mass', rig.bait.id),
    reading('m_2', rig.hook.kind === 'hook' ? 'hook-mass' : 'head-mass', rig.hook.massKg, 'mass', rig.hook.id),
    ...(rig.weight ? [reading('m_3', 'weight-mass', rig.weight.massKg, 'mass', rig.weight.id)] : []),
    computed('m', 'cast-mass', rig.castMassKg, 'mass'),
  ];
}

export function lineTerms(rig: Rig): Term[] {
  const of = (part: NonNullable<Rig['leaderPart']>, strengthN: number, sub: string, name: 'line' | 'leader'): Term =>
    part.strengthN ? reading(`F_{${sub}}`, `${name}-strength`, part.strengthN, 'force', part.id) : computed(`F_{${sub}}`, `${name}-strength`, strengthN, 'force');
  return [
    of(rig.linePart, rig.line.strengthN, '1', 'line'),
    ...(rig.leaderPart && rig.leader ? [of(rig.leaderPart, rig.leader.strengthN, '2', 'leader')] : []),
  ];
}
