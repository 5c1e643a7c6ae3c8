import type { Found, Rule } from '../rule';

/** A shank over most of a soft body is a splint: it cannot swim. */
export const shankAgainstBody: Rule = ({ rig }) =>
  rig.hooks.flatMap((hook): Found[] => {
    const { body } = hook.end;
    if (hook.role !== 'main' || body?.kind !== 'soft-bait') return [];
    const share = hook.spec.shankM / body.trunkM;
    if (share <= SPLINT_SHARE) return [];
    return [
      {
        severity: 'edge',
        verdict: 'balance',
        joints: [hook.jointId, body.jointId],
        facts: { shankM: hook.spec.shankM, bodyM: body.trunkM },
      },
    ];
  });

/** Three quarters of the trunk: what is left behind the bend still bends. */
const SPLINT_SHARE = 0.75;
