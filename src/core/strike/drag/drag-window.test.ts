import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { InputRangeError } from '../../base/guard';
import { rodBend, type Rod } from '../../tackle';
import { dragWindow, type DragWindowInput } from './drag-window';

const rod: Rod = { lengthM: 1.9, stiffness: { kind: 'class', power: 'medium', action: 'fast' } };
const stiff: Rod = { lengthM: 1.9, stiffness: { kind: 'taper', buttEiNm2: 9e5, tipRatio: 1 } };
const strike: DragWindowInput = {
  rod,
  pullAngleRad: 1.4,
  line: [{ lengthM: 20, eaN: 1500 }],
  fishKg: 2,
  speedMps: 0.5,
  neededN: 12,
  openingN: 70,
  weakestN: 80,
  tearN: 110,
};

describe('dragWindow: closed forms', () => {
  it('lets a line alone take the strike like a spring: T = v·√(1.5·M·EA/L)', () =>
    expect(dragWindow({ ...strike, rod: stiff, fishMps: 1.5 }).elasticPeakN).toBeCloseTo(
      2 * Math.sqrt((1.5 * 2 * 1500) / 20),
      0,
    ));
  it('lets a uniform rod alone take it like a beam: F²L³/(6EI)', () => {
    // Little bending: a hundredth of a newton metre of energy in a rod of a hundred.
    const beam: Rod = { lengthM: 2, stiffness: { kind: 'taper', buttEiNm2: 100, tipRatio: 1 } };
    const energy = 0.5 * 1.5 * 0.01 * 1 ** 2;
    expect(
      dragWindow({ ...strike, rod: beam, pullAngleRad: Math.PI / 2, line: [], fishKg: 0.01, speedMps: 1, fishMps: 0 })
        .elasticPeakN,
    ).toBeCloseTo(Math.sqrt((6 * 100 * energy) / 8), 2);
  });
  it('runs from 1.3 of the need to a 1.8th of the least that gives, and names it', () => {
    expect(dragWindow(strike)).toMatchObject({
      outcome: 'window',
      windowN: [1.3 * 12, 70 / 1.8],
      upperBy: 'opening',
      holdsBaitN: null,
    });
    expect(dragWindow({ ...strike, weakestN: 40 }).upperBy).toBe('weakest');
    expect(dragWindow({ ...strike, tearN: 30 }).upperBy).toBe('tear');
    expect(dragWindow({ ...strike, weakestN: 70, tearN: 70 }).upperBy).toBe('opening');
  });
  it('keeps both bounds, crossed, where there is no window', () =>
    expect(dragWindow({ ...strike, neededN: 40 })).toMatchObject({
      outcome: 'no-window',
      windowN: [52, 70 / 1.8],
      upperBy: 'opening',
    }));
  it('gives settings for a full spool that stay in the window as line leaves', () => {
    const { windowN, atFullN } = dragWindow({ ...strike, spool: { fullRadiusM: 0.024, nowRadiusM: 0.018 } });
    expect(atFullN[1]).toBeCloseTo(windowN[1] * 0.75, 12);
  });
  it('holds the peak to 1.2 of the clutch as the spool stands', () => {
    const half = { fullRadiusM: 0.02, nowRadiusM: 0.01 };
    expect(dragWindow({ ...strike, clutchN: 6 })).toMatchObject({
      peakN: expect.closeTo(7.2, 12),
      strikeBuries: false,
    });
    expect(dragWindow({ ...strike, clutchN: 6, spool: half })).toMatchObject({
      peakN: expect.closeTo(14.4, 12),
      strikeBuries: true,
    });
  });
  it('peaks as the line and the rod do where the clutch never gives', () => {
    const { peakN, elasticPeakN } = dragWindow({ ...strike, clutchN: 60 });
    expect(peakN).toBe(elasticPeakN);
  });
  it('holds a bait at 1.3 of its pull', () =>
    expect(dragWindow({ ...strike, baitPullN: 4 }).holdsBaitN).toBeCloseTo(5.2, 12));
});

describe('dragWindow: what must hold', () => {
  const asked = fc.record({
    fishKg: fc.double({ min: 0.1, max: 20, noNaN: true }),
    speedMps: fc.double({ min: 0, max: 3, noNaN: true }),
    pullAngleRad: fc.double({ min: 0.2, max: 2.6, noNaN: true }),
    lengthM: fc.double({ min: 2, max: 80, noNaN: true }),
    eaN: fc.double({ min: 400, max: 6000, noNaN: true }),
  });
  it('stores at the peak exactly the energy of the strike', () =>
    fc.assert(
      fc.property(asked, ({ fishKg, speedMps, pullAngleRad, lengthM, eaN }) => {
        const { elasticPeakN: T } = dragWindow({ ...strike, fishKg, speedMps, pullAngleRad, line: [{ lengthM, eaN }] });
        const stored =
          rodBend({ ...rod, pull: { forceN: T, angleRad: pullAngleRad } }).energyJ + (T ** 2 * lengthM) / (2 * eaN);
        const energy = 0.5 * 1.5 * fishKg * (speedMps + 1.5) ** 2;
        expect(stored / energy).toBeCloseTo(1, 4);
      }),
    ));
  it('peaks higher with a heavier fish, a faster boat and a stiffer line', () =>
    fc.assert(
      fc.property(asked, ({ lengthM, eaN, ...rest }) => {
        const peak = (change: object) =>
          dragWindow({ ...strike, ...rest, line: [{ lengthM, eaN }], ...change }).elasticPeakN;
        const here = peak({});
        expect(peak({ fishKg: rest.fishKg * 1.3 })).toBeGreaterThan(here);
        expect(peak({ speedMps: rest.speedMps + 0.5 })).toBeGreaterThan(here);
        expect(peak({ line: [{ lengthM, eaN: eaN * 2 }] })).toBeGreaterThan(here);
        expect(
          peak({
            line: [
              { lengthM: lengthM / 2, eaN },
              { lengthM: lengthM / 2, eaN },
            ],
          }),
        ).toBeCloseTo(here, 4);
      }),
    ));
  it('has no peak where nothing moves', () =>
    expect(dragWindow({ ...strike, speedMps: 0, fishMps: 0 })).toMatchObject({
      elasticPeakN: 0,
      peakN: 0,
      strikeBuries: false,
    }));
});

it.each([
  ['fishKg', { fishKg: 0 }],
  ['speedMps', { speedMps: -1 }],
  ['line[0].eaN', { line: [{ lengthM: 1, eaN: 0 }] }],
  ['tearN', { tearN: Number.NaN }],
  ['spool.nowRadiusM', { spool: { fullRadiusM: 0.02, nowRadiusM: 0.021 } }],
] as const)('refuses a bad %s and names it', (field, change) => {
  expect(() => dragWindow({ ...strike, ...change })).toThrow(InputRangeError);
  expect(() => dragWindow({ ...strike, ...change })).toThrow(field);
});
