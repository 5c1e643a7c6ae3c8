/** Line and cable are let out to the half metre. */
export const toHalfMetre = (m: number): number => Math.max(0.5, Math.round(2 * m) / 2);

/** A range reaches so many standard deviations to either side: five per cent lie beyond each end. */
export const DEVIATIONS_TO_RANGE = 1.645;
