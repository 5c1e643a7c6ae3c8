import { STANDARD_GRAVITY_MPS2 } from '../../../base/constants';
import { nothing, type Rule } from '../rule';

/** The weakest joint against the weight of the fish that is expected, by what stands in its way. */
export const lineForFish: Rule = ({ rig, presentation }) => {
  if (presentation.fishKg === null) return nothing;
  const weightN = presentation.fishKg * STANDARD_GRAVITY_MPS2;
  const ratio = rig.chain.strengthN / weightN;
  const limits = rig.classes.checks.lineForFish;
  const asked = limits[presentation.cover];
  if (ratio >= asked) return nothing;
  return [
    {
      severity: ratio < limits.edgeShare * asked ? 'fails' : 'edge',
      verdict: 'hold',
      joints: [rig.chain.weakest.split(':')[0]!],
      facts: { strengthN: rig.chain.strengthN, fishKg: presentation.fishKg, ratio, asked, cover: presentation.cover },
    },
  ];
};
