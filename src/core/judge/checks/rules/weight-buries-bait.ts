import { leadAfter } from '../look';
import { nothing, type Found, type Rule } from '../rule';

/** On soft bottom a weight goes in, and draws a bait on a short lead after it. */
export const weightBuriesBait: Rule = ({ rig, presentation, balance }) => {
  const { bottom } = presentation.conditions;
  if (bottom !== 'mud' && bottom !== 'weed') return nothing;
  const { leadM: shortM, overKg } = rig.classes.checks.sinkingIntoMud;
  return rig.elements.flatMap((element): Found[] => {
    if (
      (element.kind !== 'threaded' && element.kind !== 'inline') ||
      element.fitted.kind !== 'weight' ||
      element.fitted.part.massKg.value < overKg
    )
      return [];
    const { leadM, next } = leadAfter(rig, element);
    const floats =
      next !== null && balance.ends[rig.ends.findIndex(({ assembly }) => assembly === next)]?.trim.outcome === 'floats';
    if (!next || floats || leadM >= shortM) return [];
    return [
      {
        severity: 'edge',
        verdict: 'fall',
        joints: [element.fitted.joint.id, next.bearer.joint.id],
        facts: { massKg: element.fitted.part.massKg.value, leadM, shortM, bottom },
      },
    ];
  });
};
