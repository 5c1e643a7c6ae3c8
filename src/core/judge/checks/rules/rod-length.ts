import { isJerked } from '../../../rig';
import { nothing, sideOf, type Rule } from '../rule';

/** Long or short rod for jerked baits, and beside or straight below the craft: the house takes a side. */
export const rodLength: Rule = (input) => {
  const { rig, presentation } = input;
  const lengthM = rig.rodPart.lengthM.value;
  const joints = [rig.chainOfParts[0]!.joint.id];
  const isLong = lengthM > LONG_M ? 'long' : 'short';
  const jerked = presentation.kind === 'cast' && isJerked(rig);
  const question = jerked
    ? 'jerk-rod'
    : presentation.kind === 'towed' && presentation.way === 'dropped'
      ? 'straight-below'
      : null;
  if (!question) return nothing;
  const side = sideOf(input, question);
  return side === isLong
    ? nothing
    : [
        {
          severity: 'note',
          verdict: 'throw',
          joints,
          code: `${question}-${isLong}`,
          facts: { lengthM },
          school: question,
          side,
        },
      ];
};

/** Where the talk of long and short turns [m]. */
const LONG_M = 2.15;
