import { TWIST } from '../../../tackle/defaults/rig-classes';
import { before, spinnersOf, turnsOut } from '../look';
import type { Found, Rule } from '../rule';

/** Twist that a spinning lure puts into a hundred metres of line, after what swivels turn out. */
export const lineTwist: Rule = ({ rig, presentation }) => {
  const { edge, fails } = rig.classes.checks.twist;
  return spinnersOf(rig, presentation.speedMps).flatMap(({ element, jointId, turnsPerM }): Found[] => {
    const swivels = before(rig, element).filter(turnsOut).length;
    const turnsPer100 = 100 * turnsPerM * TWIST.swivel.passes ** swivels;
    if (turnsPer100 <= edge) return [];
    return [
      {
        severity: turnsPer100 > fails ? 'fails' : 'edge',
        verdict: 'hold',
        joints: [jointId],
        facts: { turnsPer100, swivels, most: edge },
      },
    ];
  });
};
