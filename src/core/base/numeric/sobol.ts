/** Dimensions that `sobol` can give: primitive polynomials up to degree nine. */
export const SOBOL_MOST_DIMENSIONS = 101;
const BITS = 30;

/**
 * `count` points of a low-discrepancy sequence in the unit cube, each coordinate strictly inside (0, 1).
 *
 * Model: Sobol' points in Gray-code order; the primitive polynomials are found by their order, the free direction numbers
 * and a digital shift are drawn from `random`, so each coordinate of the first 2^k points stands once in every 2^-k. Two
 * coordinates whose leading binary digits run alike would rise and fall together; such free numbers are drawn again.
 * Source: Sobol' 1967; Bratley and Fox 1988, ACM TOMS 14, 88; digital shift: Matoušek 1998.
 */
export function sobol(dimensions: number, count: number, random: () => number): readonly (readonly number[])[] {
  if (dimensions > SOBOL_MOST_DIMENSIONS)
    throw new RangeError(`${dimensions} dimensions, at most ${SOBOL_MOST_DIMENSIONS}`);
  const polynomials = primitivePolynomials(dimensions - 1);
  const directions = [firstDirections()];
  const leading = new Set([leadingRow(directions[0]!)]);
  for (const polynomial of polynomials) {
    let v = directionsOf(polynomial, random);
    for (let tries = 0; leading.has(leadingRow(v)) && tries < MOST_TRIES; tries += 1)
      v = directionsOf(polynomial, random);
    leading.add(leadingRow(v));
    directions.push(v);
  }
  const shifts = directions.map(() => Math.floor(random() * 2 ** BITS));
  const state = shifts.slice();
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

/** Draws of free numbers before a coordinate is taken as it is: a low degree leaves few choices. */
const MOST_TRIES = 64;

/** How the leading digit of a coordinate hangs on the digits of the index, over the first 256 points. */
const leadingRow = (v: readonly number[]): number =>
  v.slice(0, 8).reduce((row, each, k) => row | ((each >>> (BITS - 1)) << k), 0);

const firstDirections = () => Array.from({ length: BITS }, (_, k) => 2 ** (BITS - 1 - k));

/** Direction numbers of one coordinate by the recurrence of its polynomial. */
function directionsOf(polynomial: number, random: () => number): number[] {
  const degree = 31 - Math.clz32(polynomial);
  const v: number[] = [];
  for (let k = 0; k < BITS; k += 1) {
    if (k < degree) {
      const odd = 2 * Math.floor(random() * 2 ** k) + 1;
      v.push(odd * 2 ** (BITS - 1 - k));
      continue;
    }
    let next = v[k - degree]! ^ (v[k - degree]! >>> degree);
    for (let j = 1; j < degree; j += 1) if ((polynomial >>> (degree - j)) & 1) next ^= v[k - j]!;
    v.push(next >>> 0);
  }
  return v;
}

function lowestZero(i: number): number {
  let bit = 0;
  while ((i >>> bit) & 1) bit += 1;
  return bit;
}

/** The first primitive polynomials over two elements, by degree, as bits. */
function primitivePolynomials(count: number): number[] {
  const found: number[] = [];
  for (let degree = 1; found.length < count; degree += 1) {
    for (let p = 2 ** degree + 1; p < 2 ** (degree + 1) && found.length < count; p += 2)
      if (isPrimitive(p, degree)) found.push(p);
  }
  return found;
}

/** x has the full order 2^degree − 1 modulo the polynomial. */
function isPrimitive(polynomial: number, degree: number): boolean {
  let power = 1;
  for (let order = 1; order < 2 ** degree; order += 1) {
    power <<= 1;
    if (power >>> degree) power ^= polynomial;
    if (power === 1) return order === 2 ** degree - 1;
  }
  return false;
}
