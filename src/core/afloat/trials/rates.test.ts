import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../base/numeric';
import { judgeStrikes, type JudgedStrike } from './judge';
import { rates, type RateCell } from './rates';

const cell = (name: string, events: number, exposureH: number): RateCell => ({ name, events, exposureH });
const cells = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 30 }), fc.double({ min: 0.2, max: 20, noNaN: true })), {
    minLength: 2,
    maxLength: 12,
  })
  .map((all) => all.map(([events, hours], i) => cell(String(i), events, hours)));

/** How many events of a rate of one come in `mean`. */
function poisson(mean: number, random: () => number): number {
  let n = -1;
  for (let t = 0; t < mean; n += 1) t -= Math.log(1 - random());
  return n;
}

describe('rates of several cells', () => {
  it('lie between what each saw and what all have in common', () =>
    fc.assert(
      fc.property(cells, (given) => {
        const found = rates(given);
        if (found.outcome !== 'ok') return;
        for (const { ratePerH, rawPerH, interval } of found.cells) {
          const [lo, hi] = [Math.min(rawPerH, found.overallPerH), Math.max(rawPerH, found.overallPerH)];
          expect(ratePerH).toBeGreaterThanOrEqual(lo - 1e-9);
          expect(ratePerH).toBeLessThanOrEqual(hi + 1e-9);
          expect(interval[0]).toBeLessThan(ratePerH);
          expect(interval[1]).toBeGreaterThan(ratePerH);
        }
      }),
      { numRuns: 30 },
    ));
  it('give chances to be best that add up to one', () =>
    fc.assert(
      fc.property(cells, (given) => {
        const found = rates(given);
        if (found.outcome !== 'ok') return;
        const sum = found.cells.reduce((whole, { probabilityBest }) => whole + probabilityBest!, 0);
        expect(Math.abs(sum - 1)).toBeLessThan(1e-3);
      }),
      { numRuns: 30 },
    ));
  it('agree closely where counts agree, and stay apart where they do not', () => {
    const alike = rates([cell('a', 10, 10), cell('b', 11, 10), cell('c', 9, 10)]);
    expect(alike.priorShape).toBeGreaterThan(100);
    const apart = rates([cell('a', 40, 10), cell('b', 1, 10), cell('c', 12, 10)]);
    expect(apart.priorShape).toBeLessThan(3);
    expect(apart.cells[0]!.probabilityBest).toBeGreaterThan(0.99);
  });
  it('are even between equals', () => {
    for (const { probabilityBest } of rates([cell('a', 5, 4), cell('b', 5, 4)]).cells)
      expect(probabilityBest).toBeCloseTo(0.5, 4);
  });
  it('say that nothing came yet, and how much could have been missed', () => {
    const { outcome, overallPerH, priorShape, cells: all } = rates([cell('a', 0, 2), cell('b', 0, 4)]);
    expect([outcome, overallPerH, priorShape]).toEqual(['nothing-yet', 0, null]);
    // Gamma(½, rate H) is χ² with one degree of freedom over 2H: 3.8415/4 at two hours.
    expect(all[0]).toMatchObject({ ratePerH: 0, probabilityBest: null, interval: [0, expect.closeTo(0.960365, 5)] });
  });
  it('of one cell are its own', () =>
    expect(rates([cell('a', 6, 3)]).cells[0]).toMatchObject({ ratePerH: 2, probabilityBest: 1 }));
  it('of one cell are no surer than its own few events allow', () => {
    const [low, high] = rates([cell('a', 5, 5)]).cells[0]!.fullInterval;
    // χ² of 10 and 12 degrees of freedom over twice the hours: the exact Poisson limits are 0.394 and 2.103.
    expect(low).toBeCloseTo(0.394, 1);
    expect(high).toBeGreaterThan(1.7);
    expect(high).toBeLessThan(2.2);
  });
  it.each([1, 2, 4, 10])('of %i cells lie within their full intervals about nine times in ten', (count) => {
    const random = seeded(11 + count);
    let [within, of] = [0, 0];
    for (let i = 0; i < 400 / count; i += 1) {
      // Rates that differ a little, as a Gamma of shape 4: the sum of four exponentials.
      const truth = Array.from({ length: count }, () => -Math.log(random() * random() * random() * random()) / 4);
      const found = rates(truth.map((rate, k) => cell(String(k), poisson(5 * rate, random), 5)));
      for (const [k, { fullInterval }] of found.cells.entries()) {
        of += 1;
        if (fullInterval[0] <= truth[k]! && truth[k]! <= fullInterval[1]) within += 1;
      }
    }
    expect(within / of).toBeGreaterThan(0.8);
    expect(within / of).toBeLessThan(0.97);
  });
  it.each([
    [[cell('a', -1, 2)], 'cells[0].events'],
    [[cell('a', 1, 2), cell('b', 1, 0)], 'cells[1].exposureH'],
    [[], 'cells'],
  ])('refuse %j', (given, field) => expect(() => rates(given)).toThrow(field));
});

describe('the bench judged by fish', () => {
  const drawn = (n: number, a: number, b: number, seed: number): JudgedStrike[] => {
    const random = seeded(seed);
    return Array.from({ length: n }, () => {
      const margin = Math.exp(3 * random() - 1);
      return { margin, hooked: random() < 1 / (1 + Math.exp(-(a + b * Math.log(margin)))) };
    });
  };
  it('finds the curve that strikes were drawn from, within what it says of itself', () => {
    const found = judgeStrikes(drawn(600, 0.3, 1.2, 5));
    expect(found.outcome).toBe('judged');
    expect(Math.abs(found.a - 0.3)).toBeLessThan(3 * found.aSd);
    expect(Math.abs(found.b - 1.2)).toBeLessThan(3 * found.bSd);
    expect(found.marginFor80).toBeCloseTo(Math.exp((Math.log(4) - found.a) / found.b), 9);
    expect(found.shift).toBeCloseTo(found.a / found.b - 0.8 / 1.5, 12);
  });
  it('without strikes is the prior', () => {
    const found = judgeStrikes([]);
    expect(found).toMatchObject({ outcome: 'too-few', brier: null, bins: [] });
    expect([found.a, found.b, found.aSd, found.bSd]).toEqual(
      [0.8, 1.5, 1, 0.75].map((value) => expect.closeTo(value, 9)),
    );
  });
  it.each([
    ['seven', drawn(7, 0.8, 1.5, 2)],
    ['nothing but hooked', Array.from({ length: 20 }, () => ({ margin: 1.5, hooked: true }))],
    ['none hooked', Array.from({ length: 20 }, () => ({ margin: 1.5, hooked: false }))],
  ])('of %s says that they are too few, with its figures', (_, strikes) => {
    const found = judgeStrikes(strikes);
    expect(found.outcome).toBe('too-few');
    expect(Number.isFinite(found.a) && Number.isFinite(found.bSd)).toBe(true);
  });
  it('counts by bins of margin, the lower edge in', () => {
    const bins = judgeStrikes([0.5, 0.7, 1, 1.39, 4, 90].map((margin) => ({ margin, hooked: margin > 1 }))).bins;
    expect(bins.map(({ from, to, of, hooked }) => [from, to, of, hooked])).toEqual([
      [0, 0.7, 1, 0],
      [0.7, 1, 1, 0],
      [1, 1.4, 2, 1],
      [4, null, 2, 2],
    ]);
  });
  it('is not thrown by far margins', () => {
    const far = Array.from({ length: 40 }, (_, i) => ({ margin: i % 2 ? 1e-5 : 1e5, hooked: i % 3 === 0 }));
    const found = judgeStrikes(far);
    expect(Number.isFinite(found.a) && Number.isFinite(found.b)).toBe(true);
  });
  it('refuses a margin of nothing', () =>
    expect(() => judgeStrikes([{ margin: 0, hooked: true }])).toThrow('strikes[0].margin'));
});
