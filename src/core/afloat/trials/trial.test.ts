import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { betaBelow, betaOf, betaQuantile } from '../../base/stats';
import { trial, type TrialInput } from './trial';

const rate = (nA: number, nB: number, hA = 10, hB = 10) =>
  trial({ kind: 'rate', a: { events: nA, exposureH: hA }, b: { events: nB, exposureH: hB } });
const share = (hA: number, ofA: number, hB: number, ofB: number) =>
  trial({ kind: 'share', a: { hits: hA, of: ofA }, b: { hits: hB, of: ofB } });

describe('a beta distribution', () => {
  it('of whole shapes is its polynomial: 3x² − 2x³ for Beta(2, 2)', () => {
    const beta = betaOf(2, 2);
    for (const x of [0.05, 0.3, 0.5, 0.9])
      expect(betaBelow(beta, Math.asin(Math.sqrt(x)))).toBeCloseTo(3 * x ** 2 - 2 * x ** 3, 6);
  });
  it('of two halves is even in its angle', () =>
    expect(betaQuantile(betaOf(0.5, 0.5), 0.25)).toBeCloseTo(Math.PI / 8, 6));
  it('is found again by its quantile', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 400, noNaN: true }),
        fc.double({ min: 0.5, max: 400, noNaN: true }),
        fc.double({ min: 0.01, max: 0.99, noNaN: true }),
        (a, b, p) => {
          const beta = betaOf(a, b);
          expect(betaBelow(beta, betaQuantile(beta, p))).toBeCloseTo(p, 9);
        },
      ),
      { numRuns: 30 },
    ));
});

describe('two rates', () => {
  it('by the binomial test: twelve to five of seventeen is 0.1435', () =>
    expect(rate(5, 12).p).toBeCloseTo(2 * 0.0717315674, 8));
  it('changed over are mirrored', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 0, max: 40 }), (a, b) => {
        const [one, other] = [rate(a, b, 8, 13), rate(b, a, 13, 8)];
        expect(one.ratio * other.ratio).toBeCloseTo(1, 5);
        expect(one.interval[0] * other.interval[1]).toBeCloseTo(1, 4);
        expect(one.probabilityBBetter + other.probabilityBBetter).toBeCloseTo(1, 6);
        expect(one.p).toBeCloseTo(other.p, 9);
      }),
      { numRuns: 25 },
    ));
  it('of nothing at all say nothing: p is 1, the ratio that of the hours', () => {
    const none = rate(0, 0, 10, 5);
    expect(none.p).toBe(1);
    expect(none.ratio).toBeCloseTo(2, 6);
    expect(none.interval[1] / none.interval[0]).toBeGreaterThan(1000);
  });
  it('need more hours until twice as many would be told, and none where there are enough', () => {
    const few = rate(5, 12);
    const lambda = 5.5 / 10;
    const h = few.moreHoursForRatio2!;
    expect(2.487 * Math.sqrt(1 / (lambda * (10 + h)) + 1 / (2 * lambda * (10 + h)))).toBeCloseTo(Math.LN2, 6);
    expect(rate(500, 600).moreHoursForRatio2).toBe(0);
  });
  it('of many thousands are as sure as they are', () => {
    const many = rate(90_000, 91_000, 1e4, 1e4);
    expect(many.ratio).toBeCloseTo(91 / 90, 4);
    expect(many.interval[0]).toBeGreaterThan(1);
  });
});

describe('two shares', () => {
  it('by Fisher’s test: the lady who tells four cups of four', () => {
    // 3 of 4 against 1 of 4: 34 of 70; 4 against 0: 2 of 70.
    expect(share(1, 4, 3, 4).p).toBeCloseTo(34 / 70, 9);
    expect(share(0, 4, 4, 4).p).toBeCloseTo(2 / 70, 9);
  });
  it('that are alike have a ratio of one', () => {
    const same = share(30, 60, 30, 60);
    expect(same.ratio).toBeCloseTo(1, 4);
    expect(same.probabilityBBetter).toBeCloseTo(0.5, 4);
    expect(same).toMatchObject({ p: 1, moreHoursForRatio2: null });
  });
  it('have the ratio that summing over squares of a grid gives', () => {
    const density = (a: number, b: number) => {
      const at = Array.from({ length: 1500 }, (_, i) => (i + 0.5) / 1500);
      const weights = at.map((p) => p ** (a - 1) * (1 - p) ** (b - 1));
      const all = weights.reduce((sum, each) => sum + each, 0);
      return at.map((p, i) => [p, weights[i]! / all] as const);
    };
    const [A, B] = [density(7.5, 5.5), density(11.5, 2.5)];
    const belowOf = (ratio: number) =>
      A.reduce(
        (sum, [pA, wA]) => sum + wA * B.reduce((inner, [pB, wB]) => (pB <= ratio * pA ? inner + wB : inner), 0),
        0,
      );
    const { ratio, interval, probabilityBBetter } = share(7, 12, 11, 13);
    expect(belowOf(ratio)).toBeCloseTo(0.5, 2);
    expect(belowOf(interval[0])).toBeCloseTo(0.05, 2);
    expect(belowOf(interval[1])).toBeCloseTo(0.95, 2);
    expect(1 - belowOf(1)).toBeCloseTo(probabilityBBetter, 2);
  });
  it('without a try know nothing', () => expect(share(0, 0, 0, 0)).toMatchObject({ p: 1 }));
});

it.each<[TrialInput, string]>([
  [{ kind: 'rate', a: { events: 1, exposureH: 0 }, b: { events: 1, exposureH: 1 } }, 'a.exposureH'],
  [{ kind: 'rate', a: { events: 1, exposureH: 1 }, b: { events: -1, exposureH: 1 } }, 'b.events'],
  [{ kind: 'share', a: { hits: 3, of: 2 }, b: { hits: 1, of: 1 } }, 'a.hits'],
])('refuses %j', (input, field) => expect(() => trial(input)).toThrow(field));
