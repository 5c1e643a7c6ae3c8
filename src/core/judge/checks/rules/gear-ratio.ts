import { fishRun, winding } from '../../../strike';
import { nothing, type Rule } from '../rule';

/** Gear of a reel that keeps up with a fish or winds against a steady pull: said only to a house that has chosen. */
export const gearRatio: Rule = (input) => {
  const { rig, presentation } = input;
  const side = rig.house.schools.gear;
  if (!side || presentation.kind !== 'towed' || presentation.fishKg === null) return nothing;
  const { winding: hand, fish } = rig.classes.fighting;
  const { value: ratio } = rig.reel.gearRatio;
  const comesMps = fish.towardShare * fishRun(presentation.fishKg, rig.classes).runMps;
  const wound = winding({
    gearRatio: ratio,
    nowRadiusM: rig.reel.fullRadiusM.value,
    handleM: rig.reel.handleRadiusM?.value ?? rig.classes.fighting[rig.reel.build].handleM,
    speedsMps: [comesMps],
    handN: hand.handN,
    efficiency: hand.efficiency,
  });
  const joints = [rig.chainOfParts[1]!.joint.id];
  const note = { severity: 'note', verdict: 'hold', joints, school: 'gear', side } as const;
  if (side === 'high' && !wound.speeds[0]!.winds) return [{ ...note, code: 'low', facts: { ratio, comesMps } }];
  const steadyN = input.running?.pullN ?? 0;
  if (side === 'low' && wound.pullN < STEADY_SPARE * steadyN)
    return [{ ...note, code: 'high', facts: { ratio, pullN: wound.pullN, steadyN } }];
  return nothing;
};

/** A hand winds for long only against half of what it can. */
const STEADY_SPARE = 2;
