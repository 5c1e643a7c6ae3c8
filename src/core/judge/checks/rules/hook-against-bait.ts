import type { Found, Rule } from '../rule';

/** Gap of a bait hook against the height of the bait. */
export const hookAgainstBait: Rule = ({ rig }) =>
  rig.hooks.flatMap((hook): Found[] => {
    const { body } = hook.end;
    if (body?.kind !== 'natural-bait' || hook.role === 'stinger') return [];
    const { least, most } = rig.classes.checks.hookBait;
    const share = hook.spec.gapM / body.heightM;
    if (share >= least && share <= most) return [];
    return [
      {
        severity: 'edge',
        verdict: 'set',
        joints: [hook.jointId, body.jointId],
        code: share < least ? 'small' : 'large',
        facts: { gapM: hook.spec.gapM, heightM: body.heightM, size: hook.spec.size },
      },
    ];
  });
