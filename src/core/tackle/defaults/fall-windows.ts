/** Sink rates by how the bait is meant to fall [m/s]. */
export const FALL_WINDOWS = {
  slow: { fromMps: 0.15, toMps: 0.45, reason: 'a glide that a cold or wary fish can follow' },
  steady: { fromMps: 0.45, toMps: 0.9, reason: 'down in reasonable time, the tail still works' },
  fast: { fromMps: 0.9, toMps: 2.5, reason: 'a reaction to something falling, or a hole in the weed' },
} as const;

/** How far outside its window a fall still counts as on the edge. */
export const FALL_EDGE_SHARE = 0.2;

export type FallWindow = keyof typeof FALL_WINDOWS;
