/**
 * A generator of numbers in [0, 1) that gives the same ones for the same seed.
 *
 * Model: a Weyl counter through a 32-bit mixing of multiply and shift (splitmix, Steele, Lea, Flood 2014).
 */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x9e3779b9) >>> 0;
    let z = state;
    z = Math.imul(z ^ (z >>> 16), 0x85ebca6b);
    z = Math.imul(z ^ (z >>> 13), 0xc2b2ae35);
    return ((z ^ (z >>> 16)) >>> 0) / 2 ** 32;
  };
}
