import type { Assembly } from '../../../rig';
import { actionOf, leadAfter } from '../look';
import { sideOf, type Found, type Rule } from '../rule';

/**
 * Lead from an attractor to what follows: near enough to drive a fly or a spoon that nothing else drives; a plug, a disc, a
 * cap or a spinning bait drives itself and may trail farther. The mood of the fish and the light shorten and lengthen it.
 */
export const attractorLead: Rule = (input) => {
  const { rig, presentation } = input;
  const { attractorLead: limits, attractorMood } = rig.classes.checks;
  const side = sideOf(input, 'attractor-lead');
  const { mood, light } = presentation.conditions;
  const factor =
    side === 'by-mood'
      ? (mood ? attractorMood[mood] : 1) * (light === 'dusk' || light === 'dark' ? attractorMood.dusk : 1)
      : 1;
  return rig.elements.flatMap((element): Found[] => {
    if (element.kind !== 'inline' || element.fitted.kind !== 'attractor') return [];
    const { leadM, next } = leadAfter(rig, element);
    if (!next) return [];
    const own = actionOf(rig, next) === 'own' && !isSpoon(next);
    const [fromM, toM] = [limits.leastM, (own ? limits.mostM : limits.drivenToM) * factor];
    if (leadM >= fromM * 0.999 && leadM <= toM * 1.001) return [];
    return [
      {
        severity: 'edge',
        verdict: 'balance',
        joints: [element.fitted.joint.id, next.bearer.joint.id],
        code: `${own ? 'own' : 'driven'}-${leadM < fromM ? 'short' : 'long'}`,
        facts: { leadM, fromM, toM, mood: mood ?? null, light: light ?? null },
        school: 'attractor-lead',
        side,
      },
    ];
  });
};

/** A spoon sways by itself, and behind an attractor it is the attractor that throws it about. */
const isSpoon = ({ bearer }: Assembly): boolean => bearer.kind === 'lure' && bearer.part.kind === 'spoon';
