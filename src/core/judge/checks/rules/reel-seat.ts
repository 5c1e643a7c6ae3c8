import { seatTakes } from '../../../tackle';
import { nothing, type Rule } from '../rule';

/** A reel on a blank that is not made for it. */
export const reelSeat: Rule = ({ rig, presentation }) => {
  const { mount } = rig.rodPart;
  const { build } = rig.reel;
  if (mount === undefined || seatTakes(mount, build)) return nothing;
  const [rod, reel] = [rig.chainOfParts[0]!.joint.id, rig.chainOfParts[1]!.joint.id];
  return [
    {
      severity: 'fails',
      verdict: presentation.kind === 'cast' ? 'throw' : 'hold',
      joints: [rod, reel],
      facts: {},
      code: build,
    },
  ];
};
