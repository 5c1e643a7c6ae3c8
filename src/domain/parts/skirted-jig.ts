import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { bodyMaterialSchema } from '../contract/sink';
import { quantity } from '../quantity';
import { partBase } from './base';
import { hookFacts } from './hook';
import { weightShapeSchema } from './weight';

export const skirtedJigPartSchema = z.strictObject({
  ...partBase,
  kind: z.literal('skirted-jig'),
  ...hookFacts,
  massKg: quantity('kg', BODY_LIMITS.massKg),
  material: bodyMaterialSchema,
  shape: weightShapeSchema,
  guard: z.enum(['none', 'bristle']),
  blade: z.enum(['no-blade', 'blade']),
});
