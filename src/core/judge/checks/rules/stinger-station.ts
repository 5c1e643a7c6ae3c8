import type { Found, Rule } from '../rule';

/**
 * A stinger where short strikes land: in the last third of the bait, and only where the bait is long enough for them. A worm
 * is taken whole, and a weedless hook is there for cover that a stinger would catch.
 */
export const stingerStation: Rule = ({ rig }) => {
  const { least, most, unneededUnderM, neededFromM } = rig.classes.checks.stingerStation;
  return rig.ends.flatMap((end): Found[] => {
    const { body } = end;
    const stingers = end.hooks.filter(({ role }) => role === 'stinger');
    const last = stingers.at(-1);
    if (!body || body.tail === null) return [];
    if (!last) {
      const main = end.hooks[0];
      const short =
        body.kind === 'soft-bait' &&
        body.tail !== 'straight-tail' &&
        body.lengthM >= neededFromM &&
        main?.point === 'open' &&
        main.tip.xM < 0.4 * body.lengthM;
      return short
        ? [
            {
              severity: 'note',
              verdict: 'set',
              joints: [end.bearerId, body.jointId],
              code: 'missing',
              facts: { bodyM: body.lengthM },
            },
          ]
        : [];
    }
    const joints = [last.jointId, body.jointId];
    if (body.lengthM < unneededUnderM)
      return [{ severity: 'edge', verdict: 'set', joints, code: 'unneeded', facts: { bodyM: body.lengthM } }];
    const station = last.tip.xM / body.lengthM;
    if (station < least)
      return [
        {
          severity: 'edge',
          verdict: 'set',
          joints,
          code: 'short',
          facts: { stationShare: station, leastShare: least },
        },
      ];
    if (station > most)
      return [
        { severity: 'edge', verdict: 'set', joints, code: 'long', facts: { stationShare: station, mostShare: most } },
      ];
    return [];
  });
};
