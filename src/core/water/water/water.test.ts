import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { InputRangeError } from '../../base/guard';
import { waterProperties } from './water';
import { seaWaterDensityKgPm3 } from './sea-water-density';

const at = (temperatureC: number, salinity: number) => waterProperties({ temperatureC, salinity });
const temperature = fc.double({ min: 0, max: 40, noNaN: true });
const salinity = fc.double({ min: 0.1, max: 41, noNaN: true });

describe('waterProperties: reference values', () => {
  it.each([
    [4, 0, 999.972], // Kell 1975, table
    [20, 0, 998.204],
    [5, 35, 1027.67547], // UNESCO check values
    [25, 35, 1023.34306],
    [5, 0.0001, 999.96675],
  ])('%d °C and salinity %d weigh %d kg/m³', (t, S, rho) => expect(at(t, S).densityKgPm3).toBeCloseTo(rho, 2));

  it.each([
    [20, 0, 1.002e-3], // Sharqawy et al. 2010, table 2
    [20, 40, 1.09e-3],
    [0, 0, 1.791e-3],
  ])('%d °C and salinity %d have viscosity %d Pa·s', (t, S, mu) =>
    expect(Math.abs(at(t, S).viscosityPaS / mu - 1)).toBeLessThan(0.015),
  );

  it('passes given properties through', () =>
    expect(waterProperties({ densityKgPm3: 1010, viscosityPaS: 1e-3 })).toEqual({
      densityKgPm3: 1010,
      viscosityPaS: 1e-3,
    }));
});

describe('waterProperties: invariants', () => {
  it('is heavier and thicker with salt', () =>
    fc.assert(
      fc.property(
        temperature,
        salinity,
        (t, S) =>
          at(t, S + 1).densityKgPm3 > at(t, S).densityKgPm3 && at(t, S + 1).viscosityPaS > at(t, S).viscosityPaS,
      ),
    ));

  it('is thinner when warmer', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 39, noNaN: true }),
        salinity,
        (t, S) => at(t + 1, S).viscosityPaS < at(t, S).viscosityPaS,
      ),
    ));

  it('meets the sea-water equation at no salt within 5e-3 kg/m³', () =>
    fc.assert(fc.property(temperature, (t) => Math.abs(seaWaterDensityKgPm3(t, 0) - at(t, 0).densityKgPm3) < 5e-3)));
});

it('names the field it rejects', () => {
  expect(() => at(41, 0)).toThrow(/water.temperatureC/);
  expect(() => at(10, -1)).toThrow(InputRangeError);
  expect(() => waterProperties({ densityKgPm3: Number.NaN, viscosityPaS: 1e-3 })).toThrow(/densityKgPm3/);
});
