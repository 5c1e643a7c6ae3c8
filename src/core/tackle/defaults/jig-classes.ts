/** Proportions of jig heads, half axes over each other: along the hook, upright, and across. */
export const HEADS = {
  ball: { length: 1, height: 1, width: 1, reason: 'cast in a round mould' },
  football: { length: 0.75, height: 0.8, width: 1.7, reason: 'lies across the hook like a barbell' },
  bullet: { length: 1.5, height: 0.85, width: 0.85, reason: 'drawn out along the hook' },
  keel: { length: 1.2, height: 1.25, width: 0.6, reason: 'a flat plate on edge' },
} as const;

export type HeadShape = keyof typeof HEADS;

/** Small parts of a jig. */
export const JIG_PARTS = {
  collar: { radiusM: 1.6e-3, reason: 'a barb of lead as thick as a pencil lead, that holds the bait' },
  point: { perGap: 0.9, reason: 'the point comes forward over the shank by about a gap' },
} as const;
