import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { linear, logarithmic } from './scale';

const value = fc.double({ min: -1e6, max: 1e6, noNaN: true });
const ends = fc.tuple(value, value).filter(([from, to]) => Math.abs(to - from) > 1e-3);

describe('a straight scale', () => {
  it('has its ends at the ends, and its middle in the middle', () =>
    fc.assert(
      fc.property(ends, ends, ([from, to], [start, end]) => {
        const x = linear([from, to], [start, end]);
        expect(x(from)).toBeCloseTo(start, 3);
        expect(x(to)).toBeCloseTo(end, 3);
        expect(x((from + to) / 2)).toBeCloseTo((start + end) / 2, 3);
      }),
    ));
  it('goes on beyond its ends, or stops at them', () => {
    expect(linear([0, 10], [100, 200])(12)).toBe(220);
    expect(linear([0, 10], [200, 100])(-1)).toBe(210);
    expect([-5, 5, 50, Infinity].map(linear([0, 10], [200, 100], 'clamped'))).toEqual([200, 150, 100, 100]);
  });
  it('of one value stands in the middle', () => {
    expect(linear([3, 3], [0, 100])(3)).toBe(50);
    expect(linear([3, 3], [0, 100], 'clamped')(7)).toBe(50);
  });
});

describe('a scale of ratios', () => {
  it('has equal ratios equally far apart', () => {
    const x = logarithmic([0.25, 4], [0, 400]);
    expect([0.25, 0.5, 1, 2, 4].map(x).map(Math.round)).toEqual([0, 100, 200, 300, 400]);
  });
  it('stops at its ends, zero and beyond all bounds too', () => {
    expect([0, 0.1, 100, Infinity].map(logarithmic([0.25, 4], [0, 400], 'clamped'))).toEqual([0, 0, 400, 400]);
  });
});
