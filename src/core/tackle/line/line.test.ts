import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LINE_MATERIALS, type LineMaterial } from '../defaults/line-materials';
import { InputRangeError } from '../../base/guard';
import { lineProperties, straightStretchM } from './line';

const materials = Object.keys(LINE_MATERIALS) as Exclude<LineMaterial, 'lead-core'>[];

describe('lineProperties: reference', () => {
  it('gives nylon of 0.30 mm its 50.9 N and EA 170 N', () => {
    const line = lineProperties({ material: 'nylon', diameterM: 0.3e-3 });
    expect(line.strengthN).toBeCloseTo(720e6 * Math.PI * 0.15e-3 ** 2, 6);
    expect(line.eaN).toBeCloseTo(169.65, 1);
    expect(line.massPerLengthKgPm).toBeCloseTo(8.058e-5, 8);
  });

  it('needs nothing for lead core and lets a given figure outrank the class', () => {
    expect(lineProperties({ material: 'lead-core' })).toMatchObject({
      strengthN: 120,
      eaN: 800,
      massPerLengthKgPm: 2.8e-3,
      diameterM: 0.9e-3,
      normalDragFactor: 1.5,
    });
    expect(lineProperties({ material: 'lead-core', strengthN: 160 }).strengthN).toBe(160);
    expect(lineProperties({ material: 'braid', strengthN: 100, diameterM: 0.3e-3 })).toMatchObject({
      strengthN: 100,
      diameterM: 0.3e-3,
    });
  });
});

describe('lineProperties: invariants', () => {
  const strength = fc.double({ min: 5, max: 2000, noNaN: true });

  it('goes from load to diameter and back', () =>
    fc.assert(
      fc.property(fc.constantFrom(...materials), strength, (material, strengthN) => {
        const line = lineProperties({ material, strengthN });
        expect(lineProperties({ material, diameterM: line.diameterM }).strengthN).toBeCloseTo(strengthN, 6);
        expect(line.diameterM).toBeCloseTo(
          Math.sqrt((4 * strengthN) / (Math.PI * LINE_MATERIALS[material].strengthPa)),
          12,
        );
      }),
    ));

  it('stretches in proportion to the pull, up to its breaking load', () =>
    fc.assert(
      fc.property(strength, (strengthN) => {
        const line = lineProperties({ material: 'nylon', strengthN });
        expect(straightStretchM(10, strengthN / 2, line)).toBeCloseTo(straightStretchM(10, strengthN, line) / 2, 9);
        expect(straightStretchM(10, 5 * strengthN, line)).toBe(straightStretchM(10, strengthN, line));
      }),
    ));
});

it('asks for a load or a diameter, by name', () => {
  expect(() => lineProperties({ material: 'nylon' })).toThrow(/strengthN/);
  expect(() => lineProperties({ material: 'braid', diameterM: 0 })).toThrow(InputRangeError);
});
