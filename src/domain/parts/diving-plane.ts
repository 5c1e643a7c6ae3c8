import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { quantity } from '../quantity';
import { partBase } from './base';
import { PART_BODY_LIMITS } from './body-limits';
import { inTow } from './working-speeds';

export const divingPlanePartSchema = z.strictObject({
  ...partBase,
  kind: z.literal('diving-plane'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', PART_BODY_LIMITS.lengthM),
  ...inTow,
  settings: z.number().int().min(1).max(12),
});
