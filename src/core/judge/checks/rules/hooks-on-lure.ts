import { stationsOf, stockHook } from '../../../rig';
import type { Found, Rule } from '../rule';

/**
 * Changed hooks and rings, and stations left bare: what hangs there now against what the lure came with, and whether it
 * still floats, hangs or sinks as it was made to.
 */
export const hooksOnLure: Rule = ({ rig, balance }) =>
  rig.ends.flatMap((end, i): Found[] => {
    const { bearer, attached } = end.assembly;
    if (bearer.kind !== 'lure') return [];
    const put = attached.flatMap((each) => (each.kind === 'hook' ? [each] : []));
    const rings = attached.filter((each) => each.kind === 'hardware' && each.part.form === 'split-ring');
    const idle = put.filter(({ joint }) => !end.hooks.some(({ jointId }) => jointId === joint.id));
    const found = idle.map(({ joint }): Found => ({
      severity: 'edge',
      verdict: 'balance',
      joints: [joint.id, end.bearerId],
      code: 'no-station',
      facts: {},
    }));
    if (put.length + rings.length + (bearer.joint.bare?.length ?? 0) === 0) return found;
    const stock = stockHook(bearer.part, rig.classes);
    const count = stationsOf(bearer.part);
    const hangingKg = end.masses.filter(({ name }) => name === 'hook').reduce((sum, { massKg }) => sum + massKg, 0);
    const moreKg = hangingKg - (stock?.massKg ?? 0) * count;
    const facts = { moreKg, netN: balance.ends[i]!.trim.netWeightN };
    const joints = [...(put.length > 0 ? put : rings).slice(0, 1).map(({ joint }) => joint.id), end.bearerId];
    const { outcome } = balance.ends[i]!.trim;
    if (bearer.part.kind === 'hard-lure' && bearer.part.buoyancy === 'floats' && outcome !== 'floats')
      return [...found, { severity: 'fails', verdict: 'balance', joints, code: 'sinks-it', facts }];
    const { edge, fails } = rig.classes.checks.hookMass;
    const share = Math.abs(moreKg) / bearer.part.massKg.value;
    if (share < edge) return found;
    return [
      ...found,
      {
        severity: share < fails ? 'edge' : 'fails',
        verdict: 'balance',
        joints,
        code: moreKg > 0 ? 'heavy' : 'light',
        facts: { ...facts, share },
      },
    ];
  });
