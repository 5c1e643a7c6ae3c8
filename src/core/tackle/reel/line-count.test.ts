import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { InputRangeError } from '../../base/guard';
import { countFactor, countsAt, lineCounted, spoolCapacityM, spoolRadiusM } from '.';

const spool = { arborRadiusM: 0.011, fullRadiusM: 0.024, widthM: 0.04 };
const line = { material: 'braid', diameterM: 0.3e-3 } as const;

/** Turn by turn, as the spool empties. */
function unwound(turns: number): number {
  let lengthM = 0;
  const steps = 2000;
  for (let i = 0; i < steps; i += 1) lengthM += (turns / steps) * 2 * Math.PI * spoolRadiusM(spool, line, lengthM)!;
  return lengthM;
}

describe('line counted', () => {
  it('turns give less and less line as the spool empties', () =>
    fc.assert(
      fc.property(fc.double({ min: 1, max: 800, noNaN: true }), (turns) => {
        expect(
          lineCounted({ by: 'turns', count: turns, gearRatio: 1, spool, line }).lengthM / unwound(turns),
        ).toBeCloseTo(1, 2);
      }),
      { numRuns: 20 },
    ));
  it('a length is counted as it was let out', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 200, noNaN: true }), (lengthM) => {
        const { spoolTurns, handleTurns, counterM } = countsAt(lengthM, { spool, line, gearRatio: 5 });
        expect(lineCounted({ by: 'turns', count: handleTurns, gearRatio: 5, spool, line }).lengthM).toBeCloseTo(
          lengthM,
          3,
        );
        expect(lineCounted({ by: 'counter', count: counterM, spool, line }).lengthM).toBeCloseTo(lengthM, 3);
        expect(spoolTurns).toBeCloseTo(5 * handleTurns, 9);
      }),
    ));
  it('refuses a length that the spool does not hold', () =>
    expect(() => countsAt(1e4, { spool, line, gearRatio: 5 })).toThrow('lengthM'));
  it('a counter shows too much, the more is out', () => {
    const off = [10, 60, 150].map((count) => count / lineCounted({ by: 'counter', count, spool, line }).lengthM);
    expect(off[0]!).toBeGreaterThan(1);
    expect(off[2]!).toBeGreaterThan(off[1]!);
    expect(off[1]!).toBeGreaterThan(off[0]!);
  });
  it('one measured length sets the count right', () => {
    const asked = { by: 'passes', count: 12, turnsAPass: 9, spool, line } as const;
    const factor = countFactor(asked, 14);
    expect(lineCounted({ ...asked, factor }).lengthM).toBeCloseTo(14, 9);
    expect(lineCounted({ ...asked, count: 24, factor }).lengthM).toBeLessThan(28);
  });
  it('metres, colours, pulls and seconds are what they are', () => {
    expect(lineCounted({ by: 'metres', count: 31 }).lengthM).toBe(31);
    expect(lineCounted({ by: 'colours', count: 5 }).lengthM).toBeCloseTo(45.7, 9);
    expect(lineCounted({ by: 'pulls', count: 20, pullM: 0.45 }).lengthM).toBeCloseTo(9, 12);
    expect(lineCounted({ by: 'seconds', count: 8, fallMps: 0.9 })).toEqual({ outcome: 'ok', lengthM: 7.2, nextM: 0.9 });
  });
  it('refuses more than the spool holds', () => {
    const most = spoolCapacityM(spool, line);
    expect(lineCounted({ by: 'counter', count: 0, spool, line }).lengthM).toBe(0);
    expect(() => lineCounted({ by: 'counter', count: 2 * most, spool, line })).toThrow(InputRangeError);
  });
});

it('a line of no thickness is refused at its diameter', () => {
  const spool = { arborRadiusM: 0.02, fullRadiusM: 0.03, widthM: 0.02 };
  const line = { material: 'braid', diameterM: 5e-324 } as const;
  expect(() => lineCounted({ by: 'counter', count: 17, spool, line })).toThrow(
    expect.objectContaining({ field: 'line.diameterM' }),
  );
});
