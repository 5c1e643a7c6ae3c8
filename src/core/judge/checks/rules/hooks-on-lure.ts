import { stationsOf, stockHook } from '../../../rig';
import type { Found, Rule } from '../rule';

/** Changed hooks and rings: what they weigh against the lure, and whether it still floats, hangs or sinks as it was made to. */
export const hooksOnLure: Rule = ({ rig, balance }) =>
  rig.ends.flatMap((end, i): Found[] => {
    const { bearer, attached } = end.assembly;
    const changed = attached.find(
      (each) => each.kind === 'hook' || (each.kind === 'hardware' && each.part.form === 'split-ring'),
    );
    if (bearer.kind !== 'lure' || !changed) return [];
    const stock = stockHook(bearer.part, rig.classes);
    const count = stationsOf(bearer.part);
    const hangingKg = end.masses.filter(({ name }) => name === 'hook').reduce((sum, { massKg }) => sum + massKg, 0);
    const moreKg = hangingKg - (stock?.massKg ?? 0) * count;
    const facts = { moreKg, netN: balance.ends[i]!.trim.netWeightN };
    const joints = [changed.joint.id, end.bearerId];
    const { outcome } = balance.ends[i]!.trim;
    if (bearer.part.kind === 'hard-lure' && bearer.part.buoyancy === 'floats' && outcome !== 'floats')
      return [{ severity: 'fails', verdict: 'balance', joints, code: 'sinks-it', facts }];
    const { edge, fails } = rig.classes.checks.hookMass;
    const share = Math.abs(moreKg) / bearer.part.massKg.value;
    if (share < edge) return [];
    return [
      {
        severity: share < fails ? 'edge' : 'fails',
        verdict: 'balance',
        joints,
        code: moreKg > 0 ? 'heavy' : 'light',
        facts: { ...facts, share },
      },
    ];
  });
