import type { Found, Rule } from '../rule';

/** Where the point leaves a soft body: too near the nose it misses short strikes, too far aft it stops the tail. */
export const pointStation: Rule = ({ rig }) =>
  rig.hooks.flatMap((hook): Found[] => {
    const { body } = hook.end;
    if (hook.role !== 'main' || hook.station === null || !body || body.tail === null) return [];
    const { from, to, slack } = rig.classes.checks.pointStation;
    if (hook.station >= from && hook.station <= to) return [];
    const near = hook.station >= from - slack && hook.station <= to + slack;
    return [
      {
        severity: near ? 'note' : 'edge',
        verdict: 'balance',
        joints: [hook.jointId, body.jointId],
        code: hook.station < from ? 'forward' : 'aft',
        facts: { stationShare: hook.station, exitM: hook.tip.xM, fromShare: from, toShare: to },
      },
    ];
  });
