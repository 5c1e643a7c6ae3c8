import { loadUp, takeOf } from '../../../strike';
import { nothing, sideOf, type Rule } from '../rule';

/**
 * When the house strikes a towed bait: at once, after line is given, or by letting the rod load. Given line must be gone before
 * the fish lets go; a rod that is left to load must bury the hook by itself.
 */
export const strikeWhen: Rule = (input) => {
  const { rig, presentation, strike, holdsS } = input;
  const side = sideOf(input, 'strike');
  if (side === 'at-once' || presentation.kind !== 'towed' || presentation.speedMps === 0 || !strike) return nothing;
  const { asked } = strike;
  const { giving } = rig.classes.fighting;
  const load = loadUp({
    ...takeOf(asked),
    ...(side === 'give-line' ? { giveToRad: Math.min(asked.pullAngleRad, giving.toRad) } : {}),
  });
  const joints = [rig.chainOfParts[0]!.joint.id];
  if (side === 'give-line')
    return holdsS === null || load.tightS <= holdsS
      ? nothing
      : [
          {
            severity: 'edge',
            verdict: 'set',
            joints,
            code: 'given-too-long',
            facts: { timeS: load.tightS, holdsS, lineM: load.yieldsM },
            school: 'strike',
            side,
          },
        ];
  return load.outcome === 'buries'
    ? nothing
    : [
        {
          severity: 'edge',
          verdict: 'set',
          joints,
          code: 'does-not-load',
          facts: { peakN: load.peakN, neededN: asked.neededN },
          school: 'strike',
          side,
        },
      ];
};
