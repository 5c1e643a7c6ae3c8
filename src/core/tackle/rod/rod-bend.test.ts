import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import { ROD_ACTIONS, ROD_POWERS, type RodAction, type RodPower } from '../defaults/rod-classes';
import { InputRangeError } from '../../base/guard';
import { rodBend } from './rod-bend';

const powers = Object.keys(ROD_POWERS) as RodPower[];
const actions = Object.keys(ROD_ACTIONS) as RodAction[];
const square = Math.PI / 2;

describe('rodBend: reference', () => {
  it.each(actions)('a %s rod drops by a third of its length under its power', (action) => {
    for (const power of powers) {
      const L = 2.1;
      const { tip } = rodBend({
        lengthM: L,
        stiffness: { kind: 'class', power, action },
        pull: { forceN: ROD_POWERS[power].powerKgf * STANDARD_GRAVITY_MPS2, angleRad: square },
      });
      expect(Math.abs(tip.yM / L - 1 / 3)).toBeLessThan(1e-4);
    }
  });

  it.each([
    ['fast', 0.73],
    ['slow', 0.5],
  ] as const)('half the bend angle of a %s rod lies beyond %d of its length', (action, share) => {
    // A light load, where the statement is meant; the angle between two shape points is the slope between them.
    const { shape, tipAngleRad } = rodBend({
      lengthM: 2,
      stiffness: { kind: 'class', power: 'medium', action },
      pull: { forceN: 0.2, angleRad: square },
    });
    const slopes = shape.slice(1).map(([x, y], i) => Math.atan2(y - shape[i]![1], x - shape[i]![0]));
    const half = slopes.findIndex((slope) => slope >= tipAngleRad / 2) / 40;
    expect(Math.abs(half - share)).toBeLessThan(0.05);
  });

  it('leaves an unloaded rod straight, with the lever of a straight rod', () => {
    const bend = rodBend({
      lengthM: 2,
      stiffness: { kind: 'taper', buttEiNm2: 40, tipRatio: 0.3 },
      pull: { forceN: 0, angleRad: 1 },
    });
    expect(bend.tip.xM).toBeCloseTo(2, 9);
    expect(bend.leverArmM).toBeCloseTo(2 * Math.sin(1), 9);
    expect(bend.energyJ).toBe(0);
  });

  it('pulled along its own axis it stays straight', () => {
    const bend = rodBend({
      lengthM: 2,
      stiffness: { kind: 'taper', buttEiNm2: 40, tipRatio: 0.3 },
      pull: { forceN: 30, angleRad: 0 },
    });
    expect(bend.tip).toEqual({ xM: 2, yM: 0 });
    expect(bend.compliancePullMPerN).toBe(0);
  });

  it('gives a class rod its fit with spreads, a taper none', () => {
    const { fit } = rodBend({
      lengthM: 2,
      stiffness: { kind: 'class', power: 'light', action: 'fast' },
      pull: { forceN: 1, angleRad: 1 },
    });
    expect(fit).toMatchObject({ tipRatio: 0.2, rmsDropM: null });
    expect(fit!.buttEiSd).toBeCloseTo(0.25 * fit!.buttEiNm2, 12);
    expect(fit!.tipRatioSd).toBeCloseTo(0.04, 12);
  });
});

describe('rodBend: invariants', () => {
  const input = fc.record({
    lengthM: fc.double({ min: 1, max: 4, noNaN: true }),
    tipRatio: fc.double({ min: 0.1, max: 1, noNaN: true }),
    ei: fc.double({ min: 2, max: 300, noNaN: true }),
    forceN: fc.double({ min: 0, max: 60, noNaN: true }),
    angleRad: fc.double({ min: 0.1, max: 3, noNaN: true }),
  });

  it('draws 41 points even along the rod, from the grip to the tip', () =>
    fc.assert(
      fc.property(input, ({ lengthM, tipRatio, ei, forceN, angleRad }) => {
        const { shape, tip } = rodBend({
          lengthM,
          stiffness: { kind: 'taper', buttEiNm2: ei, tipRatio },
          pull: { forceN, angleRad },
        });
        expect(shape).toHaveLength(41);
        expect(Math.hypot(shape[0]![0], shape[0]![1])).toBeLessThan(1e-9);
        expect(Math.hypot(shape[40]![0] - tip.xM, shape[40]![1] - tip.yM)).toBeLessThan(1e-6 * lengthM);
        // A chord is never longer than the piece of rod it spans, and hardly shorter where the rod is not sharply bent.
        for (let i = 1; i < 41; i += 1) {
          const chord = Math.hypot(shape[i]![0] - shape[i - 1]![0], shape[i]![1] - shape[i - 1]![1]);
          expect(chord).toBeLessThan((lengthM / 40) * 1.002);
        }
      }),
    ));

  it('scales: twice the length and four times the rigidity a force apart give the same shape', () =>
    fc.assert(
      fc.property(input, ({ lengthM, tipRatio, ei, forceN, angleRad }) => {
        const bend = (L: number, EI: number) =>
          rodBend({ lengthM: L, stiffness: { kind: 'taper', buttEiNm2: EI, tipRatio }, pull: { forceN, angleRad } });
        const small = bend(lengthM, ei);
        const large = bend(2 * lengthM, 4 * ei);
        expect(large.tip.xM).toBeCloseTo(2 * small.tip.xM, 8);
        expect(large.energyJ).toBeCloseTo(2 * small.energyJ, 7);
      }),
    ));
});

it('refuses what is outside its limits by name', () => {
  const at = (lengthM: number, forceN: number) =>
    rodBend({ lengthM, stiffness: { kind: 'taper', buttEiNm2: 10, tipRatio: 1 }, pull: { forceN, angleRad: 1 } });
  expect(() => at(0, 1)).toThrow(/rod.lengthM/);
  expect(() => at(2, -1)).toThrow(InputRangeError);
});
