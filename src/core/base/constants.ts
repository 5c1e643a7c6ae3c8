/** Standard acceleration of free fall [m/s²]. Source: CGPM 1901, resolution 2. */
export const STANDARD_GRAVITY_MPS2 = 9.80665;
/** What moves with a fish, as a factor on its mass: half its own mass of water. */
export const FISH_ADDED_MASS = 1.5;
