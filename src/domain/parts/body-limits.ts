/** What a tub and a scale tell of a body in water. */
export const PART_BODY_LIMITS = {
  volumeM3: { min: 1e-9, max: 0.02 },
  dragAreaM2: { min: 1e-7, max: 1 },
  lengthM: { min: 0.005, max: 1.5 },
} as const;
