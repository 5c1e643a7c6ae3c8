import { describe, expect, it } from 'vitest';
import { normalQuantile, quantile } from '../stats';
import { regression, seeded, sobol, SOBOL_MOST_DIMENSIONS } from '.';

describe('sobol: published points', () => {
  // Unshifted, in Gray-code order, as Joe and Kuo print them for three coordinates.
  it.each(
    [
      [0, 0, 0],
      [0.5, 0.5, 0.5],
      [0.75, 0.25, 0.25],
      [0.25, 0.75, 0.75],
      [0.375, 0.375, 0.625],
      [0.875, 0.875, 0.125],
      [0.625, 0.125, 0.875],
      [0.125, 0.625, 0.375],
      [0.1875, 0.3125, 0.9375],
      [0.6875, 0.8125, 0.4375],
    ].map((point, i) => [i, point] as const),
  )('point %i is %j', (i, point) => expect(sobol(3, 10, () => 0)[i]!.map((x) => Number(x.toFixed(6)))).toEqual(point));
});

describe('sobol', () => {
  const points = sobol(60, 256, seeded(1));
  it('puts one point in each 256th of every coordinate', () => {
    for (let d = 0; d < 60; d += 1)
      expect(new Set(points.map((point) => Math.floor(point[d]! * 256))).size, `coordinate ${d}`).toBe(256);
  });
  it('keeps coordinates apart: no two are the same or mirrored', () => {
    const correlation = (a: number, b: number) =>
      points.reduce((sum, point) => sum + (point[a]! - 0.5) * (point[b]! - 0.5), 0) / (256 / 12);
    for (let a = 0; a < 60; a += 1)
      for (let b = 0; b < a; b += 1) expect(Math.abs(correlation(a, b)), `${a}, ${b}`).toBeLessThan(0.3);
  });
  // Chance would be off by √((1 + 1/48)⁵ − 1)/16 = 0.021; points that fill the cube by a fifth of that at most.
  it('integrates a smooth function better than chance: ∏(1 + (x−½)/2) over five coordinates', () => {
    const mean =
      points.reduce(
        (sum, point) => sum + point.slice(0, 5).reduce((product, x) => product * (1 + (x - 0.5) / 2), 1),
        0,
      ) / 256;
    expect(Math.abs(mean - 1)).toBeLessThan(0.021 / 5);
  });
  it('gives as many coordinates as it says, and no more', () => {
    expect(sobol(SOBOL_MOST_DIMENSIONS, 2, seeded(1))[0]).toHaveLength(SOBOL_MOST_DIMENSIONS);
    expect(() => sobol(SOBOL_MOST_DIMENSIONS + 1, 2, seeded(1))).toThrow(RangeError);
  });
});

describe('seeded', () => {
  it('gives the same numbers for a seed, evenly in [0, 1)', () => {
    const of = (seed: number) => Array.from({ length: 4000 }, seeded(seed));
    expect(of(3)).toEqual(of(3));
    expect(of(3)).not.toEqual(of(4));
    const values = of(5);
    expect(values.every((value) => value >= 0 && value < 1)).toBe(true);
    expect(values.reduce((sum, value) => sum + value, 0) / 4000).toBeCloseTo(0.5, 1);
  });
});

describe('regression', () => {
  const rows = sobol(3, 128, seeded(2)).map((point) => point.map(normalQuantile));
  it('finds the shares of a linear figure exactly: b² over the sum of b²', () => {
    const shares = regression(rows)(rows.map(([a, b]) => 2 * a! + b! + 7));
    expect(shares[0]! / shares[1]!).toBeCloseTo(4, 0);
    expect(shares[2]).toBeCloseTo(0, 12);
  });
  it('gives no shares to a figure that stands still, nor from too few rows', () => {
    expect(regression(rows)(rows.map(() => 0.1 + 0.2))).toEqual([0, 0, 0]);
    expect(regression(rows.slice(0, 4))([1, 2, 3, 4])).toEqual([0, 0, 0]);
  });
});

describe('quantile', () => {
  it('is linear between neighbours, and the normal’s is that of the tables', () => {
    expect([quantile([1, 2, 3, 4, 5], 0.5), quantile([1, 2, 3, 4, 5], 0.05), quantile([7], 0.9)]).toEqual([3, 1.2, 7]);
    expect(normalQuantile(0.95)).toBeCloseTo(1.6448536269514722, 9);
    expect(normalQuantile(0.001)).toBeCloseTo(-3.090232306167813, 9);
  });
});
