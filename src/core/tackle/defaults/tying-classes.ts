/** Line that each end takes besides the length between knots [m]; each is what is drawn through, wrapped and held, before the trim. */
export const TYING = {
  'crossed-wrap': { endM: 0.14, reason: 'a dozen crossings of braid over the leader, and enough to hold' },
  'double-wrap': { endM: 0.16, reason: 'five wraps each way and two ends to pull' },
  'doubled-eye': { endM: 0.12, reason: 'doubled through the eye and passed over it' },
  'wrapped-eye': { endM: 0.1, reason: 'five turns back up the line and a tuck' },
  'open-loop': { endM: 0.13, reason: 'an overhand knot first, the loop, and back through it' },
  'overhand-loop': { endM: 0.15, reason: 'a doubled end, twice through its own turn' },
  'loop-to-loop': { endM: 0.16, reason: 'a loop long enough to pass the leader through' },
  'line-splice': { endM: 0.35, reason: 'a forearm of leader inside the braid' },
  crimp: { endM: 0.06, reason: 'a loop of a finger’s width and back through the tube' },
  loop: { endM: 0.09, reason: 'a doubled end, tied over itself' },
  bare: { endM: 0.15, reason: 'left for the knot at the water' },
  trim: { endM: 0.01, reason: 'cut square before anything is threaded, and the tag end after' },
} as const;

export type EndKind = Exclude<keyof typeof TYING, 'trim'>;

/** A rest of line shorter than this is used for nothing [m]. */
export const USEFUL_REST_M = 0.6;
