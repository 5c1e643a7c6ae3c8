import { before, linkOf, spinnersOf, turnsOut } from '../look';
import { sideOf, type Found, type Rule } from '../rule';

/** What spins or rolls twists the line unless something before it turns. */
export const spinWithoutSwivel: Rule = (input) => {
  const { rig, presentation } = input;
  const side = sideOf(input, 'spin-link');
  return spinnersOf(rig, presentation.speedMps).flatMap(({ element, jointId, what, turnsPerM }): Found[] => {
    const ahead = before(rig, element);
    if (ahead.some(turnsOut)) return [];
    const ring = ahead.some((each) => linkOf(each, 'solid-ring', 'split-ring'));
    if (side === 'ring' && ring && what === 'spoon')
      return [
        {
          severity: 'note',
          verdict: 'hold',
          joints: [jointId],
          code: 'ring',
          facts: { what, turnsPer100: 100 * turnsPerM },
          school: 'spin-link',
          side,
        },
      ];
    return [
      {
        severity: what === 'spoon' || what === 'disc' ? 'edge' : 'fails',
        verdict: 'hold',
        joints: [jointId],
        code: 'none',
        facts: { what, turnsPer100: 100 * turnsPerM },
      },
    ];
  });
};
