export { waterProperties, WATER_LIMITS, type WaterConditions, type WaterInput, type WaterProperties } from './water';
export { pureWaterDensityKgPm3 } from './pure-water-density';
export { seaWaterDensityKgPm3 } from './sea-water-density';
export { waterViscosityPaS } from './water-viscosity';
