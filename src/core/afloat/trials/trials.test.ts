import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../base/numeric';
import { normalCdf } from '../../base/stats';
import { confounders } from './confounders';
import { trialLive, type LiveEvent } from './trial-live';
import { trialStrata } from './trial-strata';

const strikes = (a: number, b: number, lines: [number, number] = [1, 1]): LiveEvent[] =>
  [...Array<'a' | 'b'>(a).fill('a'), ...Array<'a' | 'b'>(b).fill('b')].map((version) => ({
    version,
    aLines: lines[0],
    bLines: lines[1],
  }));

describe('a trial that may be looked at after every strike', () => {
  it('begins with the prior alone: no difference, 5 % to 95 % from 0.32 to 3.13', () => {
    const none = trialLive([]);
    expect(none).toMatchObject({ outcome: 'not-yet', evidence: 1, alwaysValidP: 1 });
    expect(none.ratio).toBeCloseTo(1, 9);
    expect(none.interval[0]).toBeCloseTo(Math.exp(-1.6448536 * Math.LN2), 3);
    expect(none.interval[1]).toBeCloseTo(Math.exp(1.6448536 * Math.LN2), 3);
  });
  it('is slow on few strikes: ten to none is not yet, fifteen to none is', () => {
    const ten = trialLive(strikes(0, 10));
    expect(ten.outcome).toBe('not-yet');
    expect(ten.evidence).toBeCloseTo(12, -0.5);
    const fifteen = trialLive(strikes(0, 15));
    expect(fifteen.outcome).toBe('b-better');
    expect(Math.round(fifteen.evidence / 10)).toBe(11);
  });
  it('is a mirror of itself with versions changed over', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20 }), fc.integer({ min: 0, max: 20 }), (a, b) => {
        const [one, other] = [trialLive(strikes(a, b)), trialLive(strikes(b, a))];
        expect(one.ratio * other.ratio).toBeCloseTo(1, 6);
        expect(one.evidence / other.evidence).toBeCloseTo(1, 6);
      }),
      { numRuns: 20 },
    ));
  it('counts the lines: two strikes of three on twice the lines say nothing', () => {
    const even = trialLive(strikes(6, 12, [1, 2]));
    expect(even.ratio).toBeCloseTo(1, 1);
    expect(trialLive(strikes(6, 12)).ratio).toBeGreaterThan(1.3);
  });
  it('keeps what it once found, however the strikes go on', () => {
    const turned = trialLive([...strikes(0, 15), ...strikes(15, 0)]);
    expect(turned.alwaysValidP).toBeCloseTo(trialLive(strikes(0, 15)).alwaysValidP, 9);
    expect(turned.evidence).toBeLessThan(2);
  });
  it('names a false winner in fewer than one trial of twenty, though one looks after every strike', () => {
    const random = seeded(11);
    let wrong = 0;
    for (let k = 0; k < 200; k += 1) {
      const events = Array.from({ length: 60 }, (): LiveEvent => ({
        version: random() < 0.5 ? 'a' : 'b',
        aLines: 1,
        bLines: 1,
      }));
      if (trialLive(events).outcome !== 'not-yet') wrong += 1;
    }
    expect(wrong).toBeLessThanOrEqual(10);
  });
  it('refuses a version that was not in the water', () =>
    expect(() => trialLive([{ version: 'a', aLines: 0, bLines: 1 }])).toThrow('events[0].aLines'));
});

describe('strata', () => {
  const rate = (a: [number, number], b: [number, number], name = 's') => ({
    name,
    a: { events: a[0], exposureH: a[1] },
    b: { events: b[0], exposureH: b[1] },
  });
  const share = (a: [number, number], b: [number, number], name = 's') => ({
    name,
    a: { hits: a[0], of: a[1] },
    b: { hits: b[0], of: b[1] },
  });
  it('of one are the crude ratio, with its textbook variance 1/a + 1/b', () => {
    const found = trialStrata({ kind: 'rate', strata: [rate([8, 4], [18, 6])] });
    expect(found.ratio).toBeCloseTo(18 / 6 / (8 / 4), 12);
    expect(found.crudeRatio).toBeCloseTo(1.5, 12);
    expect(found.shifted).toBe(false);
    const [lo, hi] = found.interval!;
    // Σ nHAHB/H² ÷ product of sums = n/(a·b) = 1/a + 1/b.
    expect(Math.log(hi / lo) / 2 / 1.6448536).toBeCloseTo(Math.sqrt(26 / (8 * 18)), 5);
  });
  it('give shares their risk ratio and the χ² of the table', () => {
    const found = trialStrata({ kind: 'share', strata: [share([10, 40], [24, 40])] });
    expect(found.ratio).toBeCloseTo(2.4, 12);
    // (24 − 17)² ÷ (34·46·40·40/(80²·79)) = 9.90
    expect(found.p).toBeCloseTo(2 * normalCdf(-Math.sqrt(49 / ((34 * 46 * 1600) / (6400 * 79)))), 9);
  });
  it('undo what mixing them does: equal in each, twice as good together', () => {
    const strata = [rate([40, 10], [8, 2], 'morning'), rate([2, 2], [10, 10], 'noon')];
    const found = trialStrata({ kind: 'rate', strata });
    expect(found.ratio).toBeCloseTo(1, 9);
    expect(found.crudeRatio).toBeLessThan(0.5);
    expect(found.shifted).toBe(true);
  });
  it.each([
    [{ kind: 'rate' as const, strata: [rate([0, 4], [3, 4])] }, null],
    [{ kind: 'rate' as const, strata: [rate([3, 4], [0, 4])] }, 0],
    [{ kind: 'rate' as const, strata: [rate([3, 4], [0, 0])] }, null],
    [{ kind: 'share' as const, strata: [share([0, 0], [3, 4])] }, null],
  ])('are not determined where a version has nothing: %j', (input, crudeRatio) =>
    expect(trialStrata(input)).toEqual({
      outcome: 'not-determined',
      ratio: null,
      interval: null,
      p: null,
      crudeRatio,
      shifted: null,
    }),
  );
  it('refuse more hits than tries', () =>
    expect(() => trialStrata({ kind: 'share', strata: [share([5, 4], [1, 4])] })).toThrow('strata[0].a.hits'));
});

describe('confounders', () => {
  const cell = (version: 'a' | 'b', side: string, hours: number) => ({ version, levels: { side, rod: 'one' }, hours });
  it('are factors under which both versions share too few of their hours', () => {
    const { outcome, factors } = confounders([cell('a', 'port', 5), cell('b', 'starboard', 4), cell('b', 'port', 1)]);
    expect(outcome).toBe('ok');
    expect(factors).toEqual([
      { name: 'side', overlap: expect.closeTo(0.2, 12), confounded: true },
      { name: 'rod', overlap: 1, confounded: false },
    ]);
  });
  it('are all of them with one version alone, and none without a cell', () => {
    expect(confounders([cell('a', 'port', 5)])).toEqual({
      outcome: 'one-version',
      factors: [
        { name: 'side', overlap: 0, confounded: true },
        { name: 'rod', overlap: 0, confounded: true },
      ],
    });
    expect(confounders([]).factors).toEqual([]);
  });
  it('refuse a cell with other factors', () =>
    expect(() => confounders([cell('a', 'port', 1), { version: 'b', levels: { side: 'port' }, hours: 1 }])).toThrow(
      'cells[1].levels',
    ));
});
