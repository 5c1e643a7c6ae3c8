/** Standard acceleration of free fall [m/s²]. Source: CGPM 1901, resolution 2. */
export const STANDARD_GRAVITY_MPS2 = 9.80665;
