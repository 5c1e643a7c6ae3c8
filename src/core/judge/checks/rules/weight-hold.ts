import { leadAfter } from '../look';
import { sideOf, type Found, type Rule } from '../rule';

/** Free or pegged weight before a weedless bait: the house takes a side. */
export const weightHold: Rule = (input) => {
  const side = sideOf(input, 'weight-hold');
  return input.rig.elements.flatMap((element): Found[] => {
    if (element.kind !== 'threaded' || element.fitted.kind !== 'weight') return [];
    const { hold, id } = element.fitted.joint;
    const { next, leadM } = leadAfter(input.rig, element);
    if (
      hold === side ||
      hold === 'pinched' ||
      leadM > 0 ||
      next?.bearer.kind !== 'hook' ||
      !next.attached.some(({ kind }) => kind === 'bait')
    )
      return [];
    const inWeed = input.presentation.cover !== 'open';
    // In weed a free weight parts from its bait and hangs it up; the peg is then no matter of taste.
    if (hold === 'pegged' && inWeed) return [];
    return [
      {
        severity: 'note',
        verdict: 'fall',
        joints: [id],
        code: hold === 'fixed' ? 'pegged' : hold,
        facts: {},
        school: 'weight-hold',
        side,
      },
    ];
  });
};
