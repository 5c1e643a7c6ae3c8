import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { commonSpeeds, coverage } from '.';

describe('several setups', () => {
  it('bands are joined and gaps are what is left', () => {
    expect(
      coverage(
        [
          { fromM: 4, toM: 6 },
          { fromM: 1, toM: 2 },
          { fromM: 5, toM: 8 },
        ],
        { fromM: 0, toM: 10 },
      ),
    ).toEqual({
      covered: [
        { fromM: 1, toM: 2 },
        { fromM: 4, toM: 8 },
      ],
      gaps: [
        { fromM: 0, toM: 1 },
        { fromM: 2, toM: 4 },
        { fromM: 8, toM: 10 },
      ],
      share: 0.5,
    });
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.integer({ min: 0, max: 20 }), fc.integer({ min: 0, max: 20 }))), (pairs) => {
        const bands = pairs.map(([a, b]) => ({ fromM: Math.min(a, b), toM: Math.max(a, b) }));
        const { covered, gaps } = coverage(bands, { fromM: 2, toM: 18 });
        expect([...covered, ...gaps].reduce((sum, { fromM, toM }) => sum + toM - fromM, 0)).toBeCloseTo(16, 9);
        for (let m = 2; m < 18; m += 1)
          expect(covered.some(({ fromM, toM }) => m + 0.5 > fromM && m + 0.5 < toM)).toBe(
            bands.some(({ fromM, toM }) => m + 0.5 > fromM && m + 0.5 < toM),
          );
      }),
    );
  });
  it('speeds that suit all, or the odd one out', () => {
    expect(
      commonSpeeds([
        { name: 'a', fromMps: 0.6, toMps: 1.7 },
        { name: 'b', fromMps: 1, toMps: 2 },
      ]),
    ).toEqual({ common: { fromMps: 1, toMps: 1.7 }, oddOne: null });
    expect(
      commonSpeeds([
        { name: 'a', fromMps: 0.6, toMps: 1 },
        { name: 'b', fromMps: 0.8, toMps: 1.2 },
        { name: 'fast', fromMps: 4, toMps: 6 },
      ]),
    ).toEqual({ common: null, oddOne: 'fast' });
  });
});
