import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { bodyMaterialSchema } from '../contract/sink';
import { quantity } from '../quantity';
import { partBase } from './base';
import { carriedHooks } from './hard-lure';
import { PART_BODY_LIMITS } from './body-limits';
import { inTow, inWater, workingSpeeds } from './working-speeds';

export const spoonPartSchema = z.strictObject({
  ...partBase,
  kind: z.literal('spoon'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', PART_BODY_LIMITS.lengthM),
  material: bodyMaterialSchema,
  ...carriedHooks,
  ...inWater,
  ...inTow,
  ...workingSpeeds,
});
