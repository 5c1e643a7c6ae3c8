export { waterProperties, WATER_LIMITS, type WaterConditions, type WaterInput, type WaterProperties } from './water';
