import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { InputRangeError } from '../../base/guard';
import { rodBend, type Rod } from '../../tackle';
import { fight } from './fight';

const stiff: Rod = { lengthM: 2, stiffness: { kind: 'taper', buttEiNm2: 9e5, tipRatio: 1 } };
const rod = (lengthM: number): Rod => ({ lengthM, stiffness: { kind: 'taper', buttEiNm2: 40, tipRatio: 0.25 } });

describe('fight: a rod that hardly bends', () => {
  it('holds the pull at its whole length, square to the line', () => {
    const { leverArmM, momentNm, gainM } = fight({ rod: stiff, pull: { forceN: 10, angleRad: Math.PI / 2 } });
    expect([leverArmM, momentNm, gainM]).toEqual([expect.closeTo(2, 3), expect.closeTo(20, 2), null]);
  });
  it.each([
    [0, Math.PI / 2, 2],
    [Math.PI / 6, Math.PI / 3, Math.sqrt(3) - 1],
    [Math.PI / 2, 0, -2],
  ])('gains L(cos from − cos to): %d to %d rad, %d m', (fromRad, toRad, expected) =>
    expect(fight({ rod: stiff, pull: { forceN: 10, angleRad: 1 }, stroke: { fromRad, toRad } }).gainM).toBeCloseTo(
      expected,
      3,
    ),
  );
});

describe('fight: what must hold', () => {
  const pulls = fc.record({
    forceN: fc.double({ min: 0, max: 80, noNaN: true }),
    angleRad: fc.double({ min: 0.1, max: 2.8, noNaN: true }),
  });
  it('has the lever of the bent rod', () =>
    fc.assert(
      fc.property(pulls, (pull) => {
        expect(fight({ rod: rod(2), pull }).leverArmM).toBeCloseTo(rodBend({ ...rod(2), pull }).leverArmM, 9);
      }),
    ));
  it('asks more of the hands with a longer rod of the same bend, and gains more', () =>
    fc.assert(
      fc.property(pulls, (pull) => {
        // The same bend: EI grows with L², so that F·L²/EI is the same.
        const longer: Rod = { lengthM: 2.6, stiffness: { kind: 'taper', buttEiNm2: 40 * 1.3 ** 2, tipRatio: 0.25 } };
        const stroke = { fromRad: 0.5, toRad: 1.5 };
        const [short, long] = [rod(2), longer].map((each) => fight({ rod: each, pull, stroke }));
        expect(long!.leverArmM / short!.leverArmM).toBeCloseTo(1.3, 6);
        expect(long!.gainM! / short!.gainM!).toBeCloseTo(1.3, 6);
      }),
    ));
  it('loses in a stroke down what a stroke up gains', () =>
    fc.assert(
      fc.property(
        pulls,
        fc.double({ min: 0, max: 1.5, noNaN: true }),
        fc.double({ min: 0, max: 1.5, noNaN: true }),
        (pull, a, b) => {
          const gain = (fromRad: number, toRad: number) =>
            fight({ rod: rod(2), pull, stroke: { fromRad, toRad } }).gainM!;
          expect(gain(a, b) + gain(b, a)).toBeCloseTo(0, 9);
        },
      ),
    ));
  it('gains less the more the rod bends', () => {
    const gains = [0, 10, 30, 80].map(
      (forceN) => fight({ rod: rod(2), pull: { forceN, angleRad: 1 }, stroke: { fromRad: 0.3, toRad: 1.5 } }).gainM!,
    );
    expect(gains).toEqual([...gains].sort((a, b) => b - a));
  });
});

it.each([
  [{ forceN: -1, angleRad: 1 }, undefined, 'pull.forceN'],
  [{ forceN: 1, angleRad: 4 }, undefined, 'pull.angleRad'],
  [{ forceN: 1, angleRad: 1 }, { fromRad: 0, toRad: 3.2 }, 'stroke.toRad'],
] as const)('refuses %j %j and names the field', (pull, stroke, field) => {
  expect(() => fight({ rod: rod(2), pull, stroke })).toThrow(InputRangeError);
  expect(() => fight({ rod: rod(2), pull, stroke })).toThrow(field);
});
