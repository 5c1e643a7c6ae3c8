import type { Found, Rule } from '../rule';

/** A hook beside the middle of the body rolls the bait, the more the faster. */
export const hookOffCentre: Rule = ({ rig, balance }) =>
  rig.ends.flatMap((end, i): Found[] => {
    const { bearer } = end.assembly;
    const offM = bearer.kind === 'hook' || bearer.kind === 'jig-head' ? Math.abs(bearer.joint.offCentreM ?? 0) : 0;
    if (!end.body || offM === 0) return [];
    const { edge, fails } = rig.classes.checks.offCentre;
    const share = offM / end.body.heightM;
    if (share < edge) return [];
    return [
      {
        severity: share < fails ? 'edge' : 'fails',
        verdict: 'balance',
        joints: [end.bearerId, end.body.jointId],
        facts: { offM, rollArmM: balance.ends[i]!.trim.rollArmM },
      },
    ];
  });
