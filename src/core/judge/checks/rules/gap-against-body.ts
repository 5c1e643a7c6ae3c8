import type { Found, Rule } from '../rule';

/** Gap that stands clear of the bitten body. */
export const gapAgainstBody: Rule = ({ rig }) =>
  rig.hooks.flatMap((hook): Found[] => {
    if (hook.clearGapM === null || !hook.end.body) return [];
    const { sound, edge } = rig.classes.checks.clearGap;
    const share = hook.clearGapM / hook.spec.gapM;
    if (share >= sound) return [];
    return [
      {
        severity: share >= edge ? 'edge' : 'fails',
        verdict: 'balance',
        joints: [hook.jointId, hook.end.body.jointId],
        facts: { clearM: hook.clearGapM, askedM: sound * hook.spec.gapM, gapM: hook.spec.gapM },
      },
    ];
  });
