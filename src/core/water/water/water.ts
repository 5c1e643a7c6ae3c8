import type { WaterInput, WaterProperties } from '../../base/surroundings';
import { requireInRange } from '../../base/guard';
import { pureWaterDensityKgPm3 } from './pure-water-density';
import { seaWaterDensityKgPm3 } from './sea-water-density';
import { waterViscosityPaS } from './water-viscosity';

export const WATER_LIMITS = {
  temperatureC: { min: -2, max: 40 },
  salinity: { min: 0, max: 42 },
  densityKgPm3: { min: 500, max: 2000 },
  viscosityPaS: { min: 0, max: 1, exclusiveMin: true },
} as const;

/**
 * Density [kg/m³] and viscosity [Pa·s] of the water a rig hangs in; properties given outright pass through.
 *
 * Model: Kell 1975 in fresh water, the UNESCO equation of state above salinity 0 (the two differ by up to 5e-3 kg/m³
 * where they meet), Sharqawy et al. 2010 for viscosity. Pressure is left out: 100 m adds 0.05 %.
 *
 * @throws {InputRangeError} when a value lies outside WATER_LIMITS.
 */
export function waterProperties(water: WaterInput): WaterProperties {
  if ('densityKgPm3' in water) {
    return {
      densityKgPm3: requireInRange('water.densityKgPm3', water.densityKgPm3, WATER_LIMITS.densityKgPm3),
      viscosityPaS: requireInRange('water.viscosityPaS', water.viscosityPaS, WATER_LIMITS.viscosityPaS),
    };
  }
  const t = requireInRange('water.temperatureC', water.temperatureC, WATER_LIMITS.temperatureC);
  const S = requireInRange('water.salinity', water.salinity, WATER_LIMITS.salinity);
  return {
    densityKgPm3: S > 0 ? seaWaterDensityKgPm3(t, S) : pureWaterDensityKgPm3(t),
    viscosityPaS: waterViscosityPaS(t, S),
  };
}
