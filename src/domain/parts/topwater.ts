import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { quantity } from '../quantity';
import { partBase } from './base';
import { carriedHooks } from './hard-lure';
import { PART_BODY_LIMITS } from './body-limits';
import { workingSpeeds } from './working-speeds';

export const topwaterPartSchema = z.strictObject({
  ...partBase,
  kind: z.literal('topwater'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', PART_BODY_LIMITS.lengthM),
  body: z.enum(['hollow', 'stick', 'cupped', 'bladed']),
  ...carriedHooks,
  ...workingSpeeds,
});
