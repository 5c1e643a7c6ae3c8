import { DIRECTIONS } from './sobol-directions';

/** Dimensions that `sobol` can give: the first coordinate and those of the table. */
export const SOBOL_MOST_DIMENSIONS = DIRECTIONS.length + 1;
const BITS = 30;

/**
 * `count` points of a low-discrepancy sequence in the unit cube, each coordinate strictly inside (0, 1).
 *
 * Model: Sobol' points in Gray-code order by published direction numbers, chosen for even two-dimensional projections; a
 * digital shift is drawn from `random`. Each coordinate of the first 2^k points stands once in every 2^-k.
 * Source: Joe and Kuo 2008, SIAM J. Sci. Comput. 30, 2635; Gray code: Antonov and Saleev 1979; digital shift: Matoušek 1998.
 *
 * @throws {RangeError} when more dimensions are asked than SOBOL_MOST_DIMENSIONS.
 */
export function sobol(dimensions: number, count: number, random: () => number): readonly (readonly number[])[] {
  if (dimensions > SOBOL_MOST_DIMENSIONS)
    throw new RangeError(`${dimensions} dimensions, at most ${SOBOL_MOST_DIMENSIONS}`);
  const directions = [firstDirections(), ...DIRECTIONS.map(directionsOf)].slice(0, dimensions);
  const state = directions.map(() => Math.floor(random() * 2 ** BITS));
  return Array.from({ length: count }, (_, i) => {
    // Gray code: between neighbours one bit changes, that of the lowest zero of the index before.
    if (i > 0) {
      const bit = lowestZero(i - 1);
      directions.forEach((v, d) => {
        state[d] = (state[d]! ^ v[bit]!) >>> 0;
      });
    }
    return state.map((x) => (x + 0.5) / 2 ** BITS);
  });
}

const firstDirections = () => Array.from({ length: BITS }, (_, k) => 2 ** (BITS - 1 - k));

/** Direction numbers of one coordinate: those of the table, then by the recurrence of its polynomial. */
function directionsOf([inner, ...m]: (typeof DIRECTIONS)[number]): number[] {
  const s = m.length;
  const v = m.map((first, k) => first * 2 ** (BITS - 1 - k));
  for (let k = s; k < BITS; k += 1) {
    let next = v[k - s]! ^ (v[k - s]! >>> s);
    for (let j = 1; j < s; j += 1) if ((inner >>> (s - 1 - j)) & 1) next ^= v[k - j]!;
    v.push(next >>> 0);
  }
  return v;
}

function lowestZero(i: number): number {
  let bit = 0;
  while ((i >>> bit) & 1) bit += 1;
  return bit;
}
