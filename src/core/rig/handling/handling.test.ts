import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { STANDARD_GRAVITY_MPS2 as g } from '../../base/constants';
import { enduranceMin, handLoad, nesting, packedM, tipClearM, turnCircleM } from '.';
import { DEFAULT_CLASSES } from '../../tackle/defaults/classes';

const base = { rodKg: 0.14, lengthM: 1.9, lureKg: 0.03, pullN: 0, peakMomentNm: 55 };

describe('load in the hands, by hand', () => {
  it('is rod at its centre and lure at the tip', () =>
    expect(handLoad(base).momentNm).toBeCloseTo(0.14 * g * 0.22 * 1.9 + 0.03 * g * 1.9, 12));
  it('takes the larger of what hangs and what pulls', () => {
    expect(handLoad({ ...base, pullN: 0.1 }).momentNm).toBe(handLoad(base).momentNm);
    expect(handLoad({ ...base, pullN: 2 }).momentNm).toBeCloseTo(0.14 * g * 0.22 * 1.9 + 2 * 1.9, 12);
  });
  it('at the shoulder adds the weights on the arm', () =>
    expect(handLoad({ ...base, reelKg: 0.25, reachM: 0.6 }).shoulderNm).toBeCloseTo(
      handLoad(base).momentNm + (0.14 + 0.25 + 0.03) * g * 0.6,
      12,
    ));
  it('adds up over the day, casts included', () => {
    const load = handLoad({ ...base, castMps2: 75, castsPerHour: 60, hours: 6 });
    expect(load.hourNms).toBeCloseTo(load.momentNm * 3600 + 60 * 0.03 * 75 * 1.9 * 0.3, 9);
    expect(load.dayNms).toBeCloseTo(6 * load.hourNms, 9);
    expect(load.hourShare).toBeCloseTo(load.hourNms / 3600 / (0.15 * 55), 12);
  });
  it('holds three tenths two and a half minutes, a seventh without end, and all of it not at all', () => {
    expect(enduranceMin(0.3)).toBeCloseTo(2.54, 2);
    expect(enduranceMin(0.14)).toBeNull();
    expect(enduranceMin(1)).toBeCloseTo(0.1, 9);
    expect(enduranceMin(2)).toBe(0);
  });
  it('tires sooner the more is held', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.15, max: 0.9, noNaN: true }), (share) => {
        expect(enduranceMin(share + 0.05)!).toBeLessThan(enduranceMin(share)!);
      }),
    ));
  it('refuses by name', () => expect(() => handLoad({ ...base, peakMomentNm: 0 })).toThrow(/peakMomentNm/));
});

describe('reach, by hand', () => {
  it('turns on √(R² − ℓ²), and on nothing when more hangs than reaches', () => {
    expect(turnCircleM(2.5, 1.5)).toBe(2);
    expect(turnCircleM(1, 1)).toBe(0);
  });
  it('dips by L·sin δ', () => expect(tipClearM(1.1, 2, Math.PI / 6)).toBeCloseTo(0.1, 12));
  it('packs into sections and a joint', () => {
    expect(packedM(2.4, 1, DEFAULT_CLASSES)).toBe(2.4);
    expect(packedM(2.4, 2, DEFAULT_CLASSES)).toBeCloseTo(1.26, 12);
  });
  it('two rods alike stand as far apart as their holders; a longer one farther', () => {
    expect(
      nesting(0.5, [
        { lengthM: 2, leanRad: 0.6 },
        { lengthM: 2, leanRad: 0.6 },
      ]),
    ).toMatchObject({ apartM: 0.5, acrossM: 0.5 });
    const { apartM, acrossM } = nesting(0.5, [
      { lengthM: 2, leanRad: Math.PI / 2 },
      { lengthM: 3, leanRad: Math.PI / 2 },
    ]);
    expect(apartM).toBeCloseTo(Math.hypot(0.5, 1), 12);
    expect(acrossM).toBeCloseTo(Math.hypot(0.5, 1), 12);
  });
});
