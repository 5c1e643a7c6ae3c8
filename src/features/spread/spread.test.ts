import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { extentOf, frameFor, movedApart } from './drawings/frame';
import { KEYS, choosesLine, lineOfAction } from './keys';

describe('the frame', () => {
  const extent = { aheadM: 8, aftM: 50, asideM: 20, deepM: 15 };
  it('puts starboard up with the bow left, and turned round both axes turn', () => {
    const forward = frameFor(extent, { width: 600, height: 300, facing: 'forward' });
    expect(forward.along(10)).toBeGreaterThan(forward.along(0));
    expect(forward.across(5)).toBeLessThan(forward.across(0));
    const aft = frameFor(extent, { width: 600, height: 300, facing: 'aft' });
    expect(aft.along(10)).toBeLessThan(aft.along(0));
    expect(aft.across(5)).toBeGreaterThan(aft.across(0));
  });
  it('keeps all of it on the page at one scale', () =>
    fc.assert(
      fc.property(
        fc.record({
          aheadM: fc.double({ min: 2, max: 20, noNaN: true }),
          aftM: fc.double({ min: 12, max: 200, noNaN: true }),
          asideM: fc.double({ min: 5, max: 60, noNaN: true }),
          deepM: fc.constant(10),
        }),
        (given) => {
          const { along, across, perM } = frameFor(given, { width: 610, height: 290, facing: 'forward' });
          expect(along(given.aftM)).toBeLessThanOrEqual(610);
          expect(along(-given.aheadM)).toBeGreaterThanOrEqual(0);
          expect(Math.abs(across(given.asideM) - across(0))).toBeCloseTo(given.asideM * perM, 6);
          expect(across(given.asideM)).toBeGreaterThanOrEqual(0);
          expect(across(-given.asideM)).toBeLessThanOrEqual(300);
        },
      ),
    ));
  it('of nothing is as large as the boat', () =>
    expect(extentOf([], 5, 0)).toEqual({ aheadM: 5, aftM: 12, asideM: 5, deepM: 4 }));
});

it('labels are moved apart, and stay where there is room', () => {
  expect(
    movedApart(
      [
        { x: 0, y: 100 },
        { x: 300, y: 100 },
      ],
      { dx: 50, dy: 20, top: 0, bottom: 400 },
    ),
  ).toEqual([100, 100]);
  const [a, b, c] = movedApart(
    [
      { x: 0, y: 100 },
      { x: 5, y: 102 },
      { x: 10, y: 104 },
    ],
    { dx: 50, dy: 20, top: 0, bottom: 400 },
  );
  expect(b! - a!).toBeGreaterThan(17);
  expect(c! - b!).toBeGreaterThan(17);
});

it('every key does one thing, and digits choose lines', () => {
  const keys = KEYS.flatMap((row) => row.keys as readonly string[]);
  expect(new Set(keys).size).toBe(keys.length);
  const chooses = KEYS.map(({ action }) => action).filter(choosesLine);
  expect(chooses.map(lineOfAction)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8]);
});
