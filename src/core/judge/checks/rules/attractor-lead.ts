import { actionOf, leadAfter } from '../look';
import { sideOf, type Found, type Rule } from '../rule';

/** Lead from an attractor to what follows, in its own lengths: near enough to drive what has no action, far enough to leave it to what has. */
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
    const own = actionOf(next) === 'own';
    const L = element.fitted.part.lengthM.value;
    const [fromM, toM] = own
      ? [limits.ownFrom * L * factor, limits.ownTo * L * factor]
      : [limits.drivenFrom * L * factor, limits.drivenTo * L * factor];
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
