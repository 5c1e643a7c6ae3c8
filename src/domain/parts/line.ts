import { z } from 'zod';
import { LINE_LIMITS } from '@/core/tackle';
import { lineMaterialSchema } from '../contract/line';
import { broken } from '../problems';
import { quantity } from '../quantity';
import { partBase } from './base';

export const linePartSchema = z
  .strictObject({
    ...partBase,
    kind: z.literal('line'),
    material: lineMaterialSchema,
    strengthN: quantity('N', LINE_LIMITS.strengthN).optional(),
    diameterM: quantity('m', LINE_LIMITS.diameterM).optional(),
    /** left on the spool; it changes by movements */
    lengthM: quantity('m', { min: 0, max: 5000 }),
    eaN: quantity('N', { min: 10, max: 1e6 }).optional(),
    use: z.enum(['main-line', 'leader-stock', 'backing']).optional(),
  })
  .superRefine((line, context) => {
    if (line.material !== 'lead-core' && !line.strengthN && !line.diameterM)
      broken(context, ['strengthN'], 'strengthN or diameterM');
  });
