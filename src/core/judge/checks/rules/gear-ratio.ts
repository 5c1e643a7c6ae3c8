import { nothing, sideOf, type Rule } from '../rule';

/** Gear of a reel that winds against a steady pull or a heavy fish: the house takes a side. */
export const gearRatio: Rule = (input) => {
  const { rig, presentation } = input;
  const side = sideOf(input, 'gear');
  const { value: ratio } = rig.reel.gearRatio;
  const isHigh = ratio >= HIGH_FROM;
  const loaded = presentation.kind === 'towed' && presentation.way !== 'dropped';
  if (!loaded || ratio === HIGH_FROM || isHigh === (side === 'high')) return nothing;
  return [
    {
      severity: 'note',
      verdict: 'hold',
      joints: [rig.chainOfParts[1]!.joint.id],
      code: isHigh ? 'high' : 'low',
      facts: { ratio },
      school: 'gear',
      side,
    },
  ];
};

/** Turns of the spool to one of the handle from which a reel is called fast. */
const HIGH_FROM = 5;
