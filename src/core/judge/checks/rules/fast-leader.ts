import { METALS } from '../look';
import { nothing, sideOf, type Rule } from '../rule';

/** Wire or nylon for leaders at speed: the house takes a side. */
export const fastLeader: Rule = (input) => {
  const { rig, presentation } = input;
  const side = sideOf(input, 'fast-leader');
  const leader = rig.pieces.at(-1)!;
  if (presentation.speedMps < FAST_MPS || rig.pieces.length === 1) return nothing;
  const sort = METALS.has(leader.material) ? 'wire' : 'nylon';
  return sort === side
    ? nothing
    : [
        {
          severity: 'note',
          verdict: 'hold',
          joints: [leader.jointId],
          code: sort,
          facts: { speedMps: presentation.speedMps },
          school: 'fast-leader',
          side,
        },
      ];
};

/** From about ten kilometres an hour on nylon hums and wears at the crimp [m/s]. */
const FAST_MPS = 2.8;
