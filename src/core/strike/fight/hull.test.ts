import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hullPullN, hullSpeedUnderN } from './hull';

const CANOE = { dragN: 9 / 1.1 ** 2, lengthM: 5 };
const wallMps = 0.4 * Math.sqrt(9.80665 * CANOE.lengthM);
const pull = (speedMps: number) => hullPullN(speedMps, CANOE.dragN, CANOE.lengthM);

describe('a small hull', () => {
  it('of five metres takes 9 N at 1.1 m/s', () => expect(pull(1.1)).toBeCloseTo(9, 12));
  it('drags with the square of the speed below its wave', () => expect(pull(2.4) / pull(1.2)).toBeCloseTo(4, 12));
  it('meets a wall above it, without a step', () => {
    expect(pull(wallMps * (1 + 1e-9)) / pull(wallMps * (1 - 1e-9))).toBeCloseTo(1, 6);
    expect(pull(1.3 * wallMps) / pull(wallMps)).toBeCloseTo(1.3 ** 8, 9);
  });
  it('has no wall where its length is not known', () =>
    expect(hullPullN(6, 7, undefined) / hullPullN(3, 7, undefined)).toBe(4));
  it('goes as fast under a pull as that pull moves it', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 8, noNaN: true }),
        fc.constantFrom(undefined, 3, 4.5, 8),
        (v, lengthM) => {
          expect(hullSpeedUnderN(hullPullN(v, 8, lengthM), 8, lengthM)).toBeCloseTo(v, 9);
        },
      ),
    ));
  it('cannot be towed much past its wave by any fish', () =>
    expect(hullSpeedUnderN(200, CANOE.dragN, CANOE.lengthM)).toBeLessThan(1.25 * wallMps));
});
