import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { STANDARD_GRAVITY_MPS2 as g } from '../../base/constants';
import { cast, type CastInput } from '.';
import { movingShare } from './moving-share';

const rod = { lengthM: 1.8, stiffness: { kind: 'class' as const, power: 'medium' as const, action: 'fast' as const } };
const line = { diameterM: 0.2e-3, massPerLengthKgPm: 3e-5, tangentialCt: 0.02 };
const none = { diameterM: 0, massPerLengthKgPm: 0, tangentialCt: 0 };
const usual: CastInput = { rod, massKg: 0.015, style: 'overhead', dragAreaM2: 5e-4, line, heightM: 1.8, blankKg: 0.05 };

describe('cast: closed forms', () => {
  it('flies a parabola where nothing drags', () => {
    const result = cast({ ...usual, dragAreaM2: 0, line: none, launchRad: 0.6 });
    const [vx, vz] = [result.releaseMps * Math.cos(0.6), result.releaseMps * Math.sin(0.6)];
    const t = (vz + Math.sqrt(vz ** 2 + 2 * g * 1.8)) / g;
    expect(result.flightS).toBeCloseTo(t, 5);
    expect(result.distanceM).toBeCloseTo(vx * t, 3);
    expect(result.peakM).toBeCloseTo(1.8 + vz ** 2 / (2 * g), 4);
  });
  it('straight up it rises as a body under quadratic drag does, (m/2k)·ln(1 + kv²/mg)', () => {
    const area = 2e-3;
    const result = cast({ ...usual, dragAreaM2: area, line: none, heightM: 0, launchRad: 1.5 });
    // Not quite upright: the rise is that of the upright part to within a per cent.
    const k = 0.5 * 1.225 * area;
    const rise = (usual.massKg / (2 * k)) * Math.log(1 + (k * result.releaseMps ** 2) / (usual.massKg * g));
    expect(Math.abs(result.peakM / rise - 1)).toBeLessThan(0.01);
  });
  it('adds the two speeds: the hands by length, the blank by its energy', () => {
    const result = cast(usual);
    expect(result.tipMps).toBeCloseTo(22, 9);
    expect(result.springMps).toBeCloseTo(Math.sqrt((2 * result.energyJ) / (0.015 + 0.05 * movingShare(0.2))), 9);
    expect(cast({ ...usual, rod: { ...rod, lengthM: 2.7 } }).tipMps).toBeCloseTo(33, 9);
  });
  it('a uniform blank moves 33/140 of its mass with the tip, a tapered one less', () => {
    expect(movingShare(1)).toBeCloseTo(33 / 140, 3);
    expect(movingShare(0.2)).toBeLessThan(0.1);
  });
});

describe('cast: invariants', () => {
  it('wind against it, a thicker line and a larger body shorten it', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        fc.constantFrom('overhead', 'two-hand', 'roll', 'lob', 'pitch'),
        (wind, style) => {
          const base = cast({ ...usual, style });
          expect(cast({ ...usual, style, windMps: wind }).distanceM).toBeLessThan(base.distanceM);
          expect(cast({ ...usual, style, windMps: -wind }).distanceM).toBeGreaterThan(base.distanceM);
          expect(cast({ ...usual, style, dragAreaM2: 1e-3 }).distanceM).toBeLessThan(base.distanceM);
          expect(
            cast({ ...usual, style, line: { ...line, massPerLengthKgPm: 3e-4, diameterM: 0.5e-3 } }).distanceM,
          ).toBeLessThan(base.distanceM);
          expect(base.rangeM[0]).toBeLessThan(base.distanceM);
          expect(base.rangeM[1]).toBeGreaterThan(base.distanceM);
        },
      ),
      { numRuns: 15 },
    ));
  it('of one lure a longer rod throws farther', () =>
    expect(cast({ ...usual, rod: { ...rod, lengthM: 2.4 } }).distanceM).toBeGreaterThan(cast(usual).distanceM));
  it('refuses by name', () => {
    expect(() => cast({ ...usual, windMps: 40 })).toThrow(/windMps/);
    expect(() => cast({ ...usual, massKg: 0 })).toThrow(/massKg/);
    expect(() => cast({ ...usual, line: { ...line, diameterM: 1 } })).toThrow(/line\.diameterM/);
  });
});
