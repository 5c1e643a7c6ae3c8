/** Rods against presentations, and which of the rods may and must be chosen. */
export interface Table {
  readonly scores: readonly (readonly number[])[];
  readonly allowed: readonly number[];
  readonly pinned: readonly number[];
}

/** The name of a rod among the unknowns. */
export const rodOfIndex = (r: number): string => `x${r}`;

/** A branch and bound that is not done by then says how near it is [s]. */
export const LIMIT_S = 20;
