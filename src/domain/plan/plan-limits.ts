/** How much one plan has. */
export const MOST = { slots: 12, setups: 8, changes: 8, people: 12, baits: 12 } as const;

/** Depths of a temperature profile. */
export const MOST_IN_PROFILE = 20;

export const PLAN_LIMITS = {
  /** after midnight; a night's fishing ends on the next day */
  hourS: { min: 0, max: 129_600 },
  directionRad: { min: 0, max: 2 * Math.PI },
  windMps: { min: 0, max: 40 },
  waveM: { min: 0, max: 10 },
} as const;

export const BAIT_LIMITS = { min: 0.01, max: 1 } as const;
