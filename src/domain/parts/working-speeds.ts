import { WINDOW_TEST_LIMITS } from '@/core/make';
import { TOW_LIMITS } from '@/core/water';
import { quantity } from '../quantity';
import { PART_BODY_LIMITS } from './body-limits';

/** Speeds between which it works: label, class or tried beside the boat. */
export const workingSpeeds = {
  worksFromMps: quantity('m/s', WINDOW_TEST_LIMITS.speedMps).optional(),
  worksToMps: quantity('m/s', WINDOW_TEST_LIMITS.speedMps).optional(),
};

/** What a dive test tells of it in tow. */
export const inTow = {
  towDragM2: quantity('m²', PART_BODY_LIMITS.dragAreaM2).optional(),
  diveM2: quantity('m²', { min: 0, max: 1 }).optional(),
  diveExponent: quantity('1', TOW_LIMITS.downExponent).optional(),
};

export const inWater = {
  volumeM3: quantity('m³', PART_BODY_LIMITS.volumeM3).optional(),
  dragAreaM2: quantity('m²', PART_BODY_LIMITS.dragAreaM2).optional(),
};
