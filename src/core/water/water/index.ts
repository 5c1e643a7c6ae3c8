export { waterProperties, WATER_LIMITS } from './water';
export type { WaterConditions, WaterInput, WaterProperties } from '../../base/surroundings';
