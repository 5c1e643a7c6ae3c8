import { z } from 'zod';
import { CHAIN_LIMITS } from '@/core/tackle';
import { hookSizeSchema } from '../hook-size';
import { quantity } from '../quantity';
import { partBase } from './base';

export const snellPartSchema = z.strictObject({
  ...partBase,
  kind: z.literal('snell'),
  hooks: z.number().int().min(1).max(4),
  hookSize: hookSizeSchema,
  /** between two hooks */
  spacingM: quantity('m', { min: 0.005, max: 0.5 }).optional(),
  lengthM: quantity('m', { min: 0.05, max: 5 }),
  strengthN: quantity('N', CHAIN_LIMITS.strengthN),
  beads: z.number().int().min(0).max(30),
  blade: z.enum(['no-blade', 'blade']),
});
