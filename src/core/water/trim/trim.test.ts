import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { STANDARD_GRAVITY_MPS2 as g } from '../../base/constants';
import { InputRangeError } from '../../base/guard';
import { trim, type TrimPart } from './trim';

const water = { densityKgPm3: 1000, viscosityPaS: 1e-3 };
const part = (massG: number, volumeCm3: number, xMm: number, zMm: number, more: Partial<TrimPart> = {}): TrimPart => ({
  name: 'a',
  massKg: massG / 1e3,
  volumeM3: volumeCm3 / 1e6,
  xM: xMm / 1e3,
  zM: zMm / 1e3,
  ...more,
});
const degrees = (angle: number) => (angle * 180) / Math.PI;

describe('trim: closed forms', () => {
  it('hangs its weight under its lift', () => {
    // Ten grams of lead 10 mm forward of and 10 mm below ten grams of air: 45° nose down at rest.
    const { pitchFallingRad } = trim({ water, parts: [part(10, 0, 40, -10), part(0, 8, 50, 0)] });
    expect(degrees(pitchFallingRad)).toBeCloseTo(-45, 9);
  });

  it('rights itself by how far its lift stands over its weight', () => {
    // Lift 20 mm over the weight and 20 mm aft of it turns as far as lift 10 mm over and 10 mm aft.
    const hung = (reachMm: number) => trim({ water, parts: [part(10, 0, 0, 0), part(0, 8, reachMm, reachMm)] });
    expect(degrees(hung(20).pitchFallingRad)).toBeCloseTo(-45, 9);
    expect(hung(10).pitchFallingRad).toBeCloseTo(hung(20).pitchFallingRad, 12);
    expect(hung(20).cobM[1]).toBeCloseTo(0.02, 12);
    // Two volumes: the lift stands at their mean place.
    expect(trim({ water, parts: [part(10, 1, 0, 0), part(10, 3, 0, 8)] }).cobM[1]).toBeCloseTo(0.006, 12);
  });

  it.each([
    [0, 90],
    [1, 45],
    [Math.sqrt(3), 30],
  ])(
    'pulled, a weight on its line stands where weight and drag balance: drag %d of the weight gives %d°',
    (ratio, expected) => {
      // One point: W straight down, D straight back, from the eye tan φ = W/D.
      const W = 0.01 * g;
      const { pitchPulledRad } = trim({
        water,
        parts: [part(10, 0, 50, 0, { dragAreaM2: ratio * W }), part(0, 1e-9, 50, 0)],
        speedMps: Math.sqrt(2 / 1000),
      });
      expect(degrees(pitchPulledRad)).toBeCloseTo(expected, 6);
    },
  );

  it('holds level what hangs straight below its eye', () =>
    expect(trim({ water, parts: [part(10, 1, 0, -20)], speedMps: 1 }).pitchPulledRad).toBe(0));

  it('says floats, suspends, sinks by half a percent of the weight', () => {
    const outcome = (volumeCm3: number) => trim({ water, parts: [part(10, volumeCm3, 50, 0)] }).outcome;
    expect([outcome(10.06), outcome(10.04), outcome(9.96), outcome(9.94)]).toEqual([
      'floats',
      'suspends',
      'suspends',
      'sinks',
    ]);
  });

  it('gives the centres of mass and lift, and how far they lie aside', () => {
    const result = trim({ water, parts: [part(10, 2, 10, 0, { yM: 0.002 }), part(30, 2, 50, -4)] });
    expect(result.comM[0]).toBeCloseTo(0.04, 12);
    expect(result.cobM[0]).toBeCloseTo(0.03, 12);
    expect(result.comM[1]).toBeCloseTo(-0.003, 12);
    expect(result.rollArmM).toBeCloseTo(0.0005 - 0.001, 12);
    expect(result.netWeightN).toBeCloseTo((0.04 - 0.004) * g, 12);
  });

  it('has no angle where nothing turns it', () =>
    expect(trim({ water, parts: [part(10, 10, 20, 0)] })).toMatchObject({ pitchFallingRad: 0, outcome: 'suspends' }));
});

const parts = fc.array(
  fc.record({
    name: fc.constant('p'),
    massKg: fc.double({ min: 1e-4, max: 0.1, noNaN: true }),
    volumeM3: fc.double({ min: 1e-7, max: 1e-4, noNaN: true }),
    xM: fc.double({ min: 0.005, max: 0.2, noNaN: true }),
    zM: fc.double({ min: -0.02, max: 0.02, noNaN: true }),
    dragAreaM2: fc.double({ min: 1e-6, max: 1e-3, noNaN: true }),
  }),
  { minLength: 1, maxLength: 6 },
);

describe('trim: what must hold for every bait', () => {
  it('does not depend on where the nose is counted from', () =>
    fc.assert(
      fc.property(parts, fc.double({ min: -0.1, max: 0.1, noNaN: true }), (given, shift) => {
        const eye = { xM: 0, zM: 0.003 };
        const here = trim({ water, parts: given, eye, speedMps: 0.8 });
        const there = trim({
          water,
          parts: given.map((each) => ({ ...each, xM: each.xM + shift })),
          eye: { ...eye, xM: shift },
          speedMps: 0.8,
        });
        expect(there.pitchPulledRad).toBeCloseTo(here.pitchPulledRad, 8);
        expect(there.netWeightN).toBe(here.netWeightN);
      }),
    ));

  it('is moment-free about the eye once turned by its pitch', () =>
    fc.assert(
      fc.property(parts, fc.double({ min: 0.2, max: 2, noNaN: true }), (given, speedMps) => {
        const { pitchPulledRad: phi } = trim({ water, parts: given, speedMps });
        const moment = given.reduce((sum, { massKg, volumeM3, xM, zM, dragAreaM2 }) => {
          // Turned nose up by φ about the eye: aft is x cos φ + z sin φ, up is z cos φ − x sin φ.
          const aft = xM * Math.cos(phi) + zM * Math.sin(phi);
          const up = zM * Math.cos(phi) - xM * Math.sin(phi);
          return sum + (massKg - 1000 * volumeM3) * g * aft + 500 * dragAreaM2 * speedMps ** 2 * up;
        }, 0);
        expect(Math.abs(moment)).toBeLessThan(1e-9);
      }),
    ));

  it('mirrors to the other side, and a heavier tail lifts the nose', () =>
    fc.assert(
      fc.property(parts, fc.double({ min: 1e-3, max: 0.02, noNaN: true }), (given, yM) => {
        expect(trim({ water, parts: given.map((each) => ({ ...each, yM })) }).rollArmM).toBeCloseTo(0, 12);
        const heavy = trim({
          water,
          parts: [...given, { name: 'tail', massKg: 0.01, volumeM3: 1e-9, xM: 0.3, zM: 0 }],
        });
        expect(heavy.comM[0]).toBeGreaterThan(trim({ water, parts: given }).comM[0]);
      }),
    ));
});

it.each([
  ['no parts', [], 'parts.length'],
  ['a negative mass', [part(-1, 1, 0, 0)], 'parts[0].massKg'],
  ['a place that is none', [part(1, 1, Number.NaN, 0)], 'parts[0].xM'],
  ['nothing that weighs', [part(0, 1, 0, 0)], 'parts.massKg'],
] as const)('refuses %s and names it', (_name, given, field) => {
  expect(() => trim({ water, parts: given })).toThrow(InputRangeError);
  try {
    trim({ water, parts: given });
  } catch (error) {
    expect((error as InputRangeError).field).toBe(field);
  }
});
