import { spacingOf } from '../../../rig';
import type { Found, Rule } from '../rule';

/** The second hook of a harness: behind the middle of the bait, before its tail; and of a size with the first. */
export const hookSpacing: Rule = ({ rig }) =>
  rig.ends.flatMap(({ assembly, body, bearerId }): Found[] => {
    const { bearer } = assembly;
    if (bearer.kind !== 'snell' || bearer.part.hooks < 2 || !body) return [];
    const spacingM = spacingOf(bearer);
    const { least, most } = rig.classes.checks.hookSpacing;
    const share = spacingM / body.lengthM;
    if (share >= least && share <= most) return [];
    return [
      {
        severity: 'edge',
        verdict: 'set',
        joints: [bearerId, body.jointId],
        code: `${share < least ? 'close' : 'wide'}${bearer.part.front === 'sliding' ? '-slides' : ''}`,
        facts: { spacingM, lengthM: body.lengthM },
      },
    ];
  });
