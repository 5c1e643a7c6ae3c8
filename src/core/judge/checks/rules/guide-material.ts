import { METALS } from '../look';
import { sideOf, type Found, type Rule } from '../rule';

/** Metal line saws ceramic; lead core is too thick for small rings; wire wants a tip that turns with it. */
export const guideMaterial: Rule = (input) => {
  const { rig } = input;
  const { guides, tip } = rig.rodPart;
  const { material } = rig.linePart;
  const joints = ['rod', 'line'].flatMap((kind) =>
    rig.chainOfParts.filter((each) => each.kind === kind).map(({ joint }) => joint.id),
  );
  const found: Found[] = [];
  if (METALS.has(material) && (guides === 'ceramic' || guides === 'hard-ceramic')) {
    found.push({
      severity: guides === 'ceramic' ? 'fails' : 'edge',
      verdict: 'hold',
      joints,
      code: 'metal-in-ceramic',
      facts: { material, guides },
    });
  }
  const side = sideOf(input, 'wire-tip');
  const suits =
    side === 'rings' ? true : side === 'rollers' ? tip === 'roller-tip' : tip === 'swivel-tip' || tip === 'roller-tip';
  if (METALS.has(material) && tip !== undefined && !suits)
    found.push({
      severity: 'edge',
      verdict: 'hold',
      joints,
      code: 'wire-tip',
      facts: { material, tip },
      school: 'wire-tip',
      side,
    });
  if (material === 'lead-core' && tip === 'ring-tip')
    found.push({ severity: 'edge', verdict: 'hold', joints, code: 'lead-core-rings', facts: { material, tip } });
  return found;
};
