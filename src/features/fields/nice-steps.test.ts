import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { axisSteps, niceStep, niceSteps } from './nice-steps';

const metres = { inUnit: (value: number) => value };
const feet = { inUnit: (value: number) => value / 0.3048 };

describe('steps of a table', () => {
  it.each([
    [1.9, 1.5],
    [24, 20],
    [0.99, 0.75],
    [1, 1],
    [0.026, 0.025],
  ])('below %d go by %d', (value, step) => expect(niceStep(value)).toBeCloseTo(step, 12));
  it('are never above the value, and never below half of it', () =>
    fc.assert(
      fc.property(fc.double({ min: 1e-3, max: 1e4, noNaN: true }), (value) => {
        expect(niceStep(value)).toBeLessThanOrEqual(value * (1 + 1e-9));
        expect(niceStep(value)).toBeGreaterThan(value / 2);
      }),
    ));
  it('are round in the unit that is shown', () => {
    expect(niceSteps(6, 6, 'depth', metres)).toEqual([1, 2, 3, 4, 5, 6]);
    expect(niceSteps(6, 6, 'depth', feet).map((m) => m / 0.3048)).toEqual(
      [3, 6, 9, 12, 15, 18].map((ft) => expect.closeTo(ft, 9)),
    );
  });
  it('end at the last value asked for, or less than one step past it', () => {
    expect(axisSteps(90, 9, 'distance', metres)).toEqual([10, 20, 30, 40, 50, 60, 70, 80, 90]);
    expect(axisSteps(90, 9, 'distance', feet).map((m) => m / 0.3048)).toEqual(
      [50, 100, 150, 200, 250, 300].map((ft) => expect.closeTo(ft, 9)),
    );
    expect(axisSteps(0.2, 0.5, 'depth', metres)).toEqual([0.5]);
    const first = [47 / 7, 3.2 / 6, 180 / 10].map((least) => axisSteps(least, least, 'depth', metres)[0]);
    expect(first).toEqual([10, 1, 20]);
  });
});
