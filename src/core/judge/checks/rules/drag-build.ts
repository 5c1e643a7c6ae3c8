import { nothing, type Rule } from '../rule';

/** Star or lever drag on a reel that trolls: said only to a house that has chosen, since both do the work. */
export const dragBuild: Rule = (input) => {
  const { rig, presentation } = input;
  const { reel } = rig;
  const side = rig.house.schools['drag-build'];
  const build = reel.clutch;
  if (!side || presentation.kind !== 'towed' || presentation.held !== 'holder' || reel.build !== 'multiplier')
    return nothing;
  if ((build !== 'star' && build !== 'lever') || build === side) return nothing;
  return [
    {
      severity: 'note',
      verdict: 'hold',
      joints: [rig.chainOfParts[1]!.joint.id],
      code: build,
      facts: {},
      school: 'drag-build',
      side,
    },
  ];
};
