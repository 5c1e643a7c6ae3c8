import type { LineMaterial } from './line-materials';

/**
 * Share of a line's strength that a well-tied wet knot keeps. Slick braid slips before it breaks, hard fluorocarbon cuts
 * itself, wire kinks: so one share a group. The spread is 10 %: the same hands differ by that from knot to knot.
 */
export const KNOTS = {
  'crossed-wrap': {
    use: 'line-to-line',
    shares: { nylon: 0.85, fluorocarbon: 0.82, braid: 0.82, metal: 0.5 },
    reason: 'braid wound crosswise round the leader, no sharp bend in either',
  },
  'double-wrap': {
    use: 'line-to-line',
    shares: { nylon: 0.75, fluorocarbon: 0.7, braid: 0.6, metal: 0.4 },
    reason: 'both ends wrapped against each other; bulky, quick in the cold',
  },
  'doubled-eye': {
    use: 'terminal',
    shares: { nylon: 0.9, fluorocarbon: 0.85, braid: 0.8, metal: 0.5 },
    reason: 'the line goes double through the eye',
  },
  'wrapped-eye': {
    use: 'terminal',
    shares: { nylon: 0.85, fluorocarbon: 0.75, braid: 0.65, metal: 0.5 },
    reason: 'five turns back up the line, tucked',
  },
  'open-loop': {
    use: 'terminal',
    shares: { nylon: 0.75, fluorocarbon: 0.7, braid: 0.6, metal: 0.5 },
    reason: 'a fixed loop that leaves the lure free to swing',
  },
  'overhand-loop': {
    use: 'terminal',
    shares: { nylon: 0.8, fluorocarbon: 0.75, braid: 0.65, metal: 0.5 },
    reason: 'a doubled end tied over itself twice; quick, bulky, and the loop leaves the lure free',
  },
  'loop-to-loop': {
    use: 'line-to-line',
    shares: { nylon: 0.75, fluorocarbon: 0.7, braid: 0.6, metal: 0.5 },
    reason: 'two loops drawn square into each other: what breaks are the loop knots',
  },
  'line-splice': {
    use: 'line-to-line',
    shares: { nylon: 0.92, fluorocarbon: 0.9, braid: 0.92, metal: 0.5 },
    reason: 'leader run inside hollow braid and bound: no bend, it grips as it is pulled',
  },
} as const satisfies Record<
  string,
  { use: 'line-to-line' | 'terminal'; shares: Record<KnotGroup, number>; reason: string }
>;

export const KNOT_SPREAD = 0.1;

export type KnotPattern = keyof typeof KNOTS;
export type KnotGroup = 'nylon' | 'fluorocarbon' | 'braid' | 'metal';

export function knotGroup(material: LineMaterial): KnotGroup {
  switch (material) {
    case 'nylon':
    case 'fluorocarbon':
    case 'braid':
      return material;
    // The sleeve of lead core is a braid, and the knot is tied in it.
    case 'lead-core':
      return 'braid';
    case 'steel-single':
    case 'steel-seven':
    case 'steel-cable':
    case 'steel-soft':
    case 'copper-strand':
      return 'metal';
    default:
      return material satisfies never;
  }
}
