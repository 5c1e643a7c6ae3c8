import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { quantity } from '../quantity';
import { partBase } from './base';
import { PART_BODY_LIMITS } from './body-limits';

export const bottomBouncerPartSchema = z.strictObject({
  ...partBase,
  kind: z.literal('bottom-bouncer'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  armM: quantity('m', PART_BODY_LIMITS.lengthM),
  wireM: quantity('m', { min: 3e-4, max: 5e-3 }),
});
