import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { InputRangeError } from '../../base/guard';
import { bendRod } from './bend';
import type { HangTest } from './rod';
import { fitHangTest } from './hang-test';
import { rodBend } from './rod-bend';
import { resolveRod } from './stiffness';

const g = 9.80665;

/** Readings that a rod of known stiffness would give, without error. */
function hung(lengthM: number, buttEiNm2: number, tipRatio: number, massesKg: readonly number[]) {
  const bends = massesKg.map((massKg) => bendRod({ lengthM, buttEiNm2, tipRatio }, massKg * g, Math.PI / 2).elastica);
  return {
    loads: massesKg.map((massKg, i) => ({ massKg, dropM: bends[i]!.tipY * lengthM })),
    tipAngleRad: bends.at(-1)!.tipAngleRad,
  };
}

describe('hang test: readings of a known rod', () => {
  it.each([
    [2, 20, 0.2],
    [2, 20, 0.5],
    [1.6, 4, 0.28],
    [3.2, 90, 0.36],
  ])('L = %d m, EI = %d N·m², tip ratio %d come back', (lengthM, EI, tipRatio) => {
    const scale = EI / (lengthM ** 2 * g);
    const { loads, tipAngleRad } = hung(lengthM, EI, tipRatio, [0.25 * scale, 0.45 * scale]);
    for (const test of [{ loads }, { loads: [loads[1]!], tipAngleRad }, { loads, tipAngleRad }]) {
      const fit = fitHangTest(lengthM, { kind: 'hang-test', ...test });
      expect(fit.buttEiNm2 / EI).toBeCloseTo(1, 4);
      expect(fit.tipRatio / tipRatio).toBeCloseTo(1, 3);
      expect(fit.rmsDropM).toBeLessThan(1e-5);
    }
  });

  it('agrees with a plain search over both unknowns on readings that scatter', () => {
    const loads = [
      { massKg: 0.2, dropM: 0.31 },
      { massKg: 0.4, dropM: 0.53 },
      { massKg: 0.6, dropM: 0.69 },
    ];
    const misfit = (EI: number, tipRatio: number) =>
      loads.reduce(
        (sum, { massKg, dropM }) =>
          sum +
          ((bendRod({ lengthM: 1.9, buttEiNm2: EI, tipRatio }, massKg * g, Math.PI / 2).elastica.tipY * 1.9 - dropM) /
            0.005) **
            2,
        0,
      );
    const fit = fitHangTest(1.9, { kind: 'hang-test', loads });
    const best = misfit(fit.buttEiNm2, fit.tipRatio);
    for (let e = -0.2; e <= 0.2; e += 0.02)
      for (let r = -0.4; r <= 0.4; r += 0.04)
        expect(misfit(fit.buttEiNm2 * Math.exp(e), fit.tipRatio * Math.exp(r))).toBeGreaterThanOrEqual(best - 1e-6);
  });
});

describe('hang test: what is held and how sure it is', () => {
  const { loads, tipAngleRad } = hung(2, 20, 0.2, [0.25, 0.6]);
  it('holds the usual taper for one load alone, and owns up to it', () => {
    const fit = fitHangTest(2, { kind: 'hang-test', loads: [loads[1]!] });
    expect(fit.tipRatio).toBe(0.28);
    expect(fit.tipRatioSd).toBeCloseTo(0.056, 12);
    expect(fit.buttEiSd).toBeGreaterThan(
      fitHangTest(2, { kind: 'hang-test', loads: [loads[1]!], tipRatio: 0.28 }).buttEiSd,
    );
  });
  it('holds a taper that was measured', () => {
    const fit = fitHangTest(2, { kind: 'hang-test', loads, tipAngleRad, tipRatio: 0.2 });
    expect(fit.tipRatio).toBe(0.2);
    expect(fit.tipRatioSd).toBe(0);
  });
  it('is surer with every further reading', () => {
    const spread = (test: Omit<HangTest, 'kind'>) => fitHangTest(2, { kind: 'hang-test', ...test });
    const two = spread({ loads });
    const three = spread({ loads, tipAngleRad });
    expect(three.tipRatioSd).toBeLessThan(two.tipRatioSd);
    expect(three.buttEiSd).toBeLessThan(two.buttEiSd);
  });
  it('bends a rod by its readings and shows the fit', () => {
    const rod = { lengthM: 2, stiffness: { kind: 'hang-test', loads, tipAngleRad } } as const;
    const bent = rodBend({ ...rod, pull: { forceN: 0.6 * g, angleRad: Math.PI / 2 } });
    expect(bent.tip.yM).toBeCloseTo(loads[1]!.dropM, 4);
    expect(bent.fit?.buttEiNm2).toBe(resolveRod(rod).buttEiNm2);
  });
  it('scales: a rod twice as long with the same bend is four times as stiff', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 0.4, noNaN: true }),
        fc.double({ min: 0.1, max: 0.4, noNaN: true }),
        (share, massKg) => {
          const short = fitHangTest(1.5, { kind: 'hang-test', tipRatio: 0.3, loads: [{ massKg, dropM: share * 1.5 }] });
          const long = fitHangTest(3, { kind: 'hang-test', tipRatio: 0.3, loads: [{ massKg, dropM: share * 3 }] });
          expect(long.buttEiNm2 / short.buttEiNm2).toBeCloseTo(4, 6);
        },
      ),
      { numRuns: 20 },
    ));
});

describe('hang test: readings that cannot be', () => {
  const refuse = (test: Omit<HangTest, 'kind'>) => () => fitHangTest(2, { kind: 'hang-test', ...test });
  it('names a drop longer than the rod', () =>
    expect(refuse({ loads: [{ massKg: 0.2, dropM: 2.1 }] })).toThrow(/loads\[0\]\.dropM/));
  it('names a heavier mass that drops less', () =>
    expect(
      refuse({
        loads: [
          { massKg: 0.2, dropM: 0.5 },
          { massKg: 0.3, dropM: 0.4 },
        ],
      }),
    ).toThrow(/loads\[1\]\.dropM/));
  it('names an angle past the plumb line', () =>
    expect(refuse({ loads: [{ massKg: 0.2, dropM: 0.5 }], tipAngleRad: 1.6 })).toThrow(/tipAngleRad/));
  it('wants one load', () => expect(refuse({ loads: [] })).toThrow(InputRangeError));
});
