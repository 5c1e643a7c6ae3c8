import { z } from 'zod';
import { CHAIN_LIMITS } from '@/core/tackle';
import { hookSizeSchema } from '../hook-size';
import { quantity } from '../quantity';
import { partBase } from './base';
import { SNELL } from '@/core/tackle/defaults/part-classes';
import { byLength } from './body-fields';
import { kindOfPart, ofClass } from './kind-of-part';

const schema = z.strictObject({
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
  bladeLengthM: quantity('m', { min: 0.003, max: 0.1 }).optional(),
  /** a front hook that slides is set to the bait's length */
  front: z.enum(['fixed', 'sliding']).optional(),
});

export const snell = kindOfPart({
  schema,
  classFields: () => ({
    hooks: 2,
    hookSize: '4',
    spacingM: ofClass(SNELL.spacingM, 'm'),
    lengthM: ofClass(SNELL.lengthM, 'm'),
    strengthN: ofClass(SNELL.strengthN, 'N'),
    beads: SNELL.beads,
    blade: 'no-blade',
  }),
  place: byLength,
  guides: ['pull-test'],
  called: ['snell', 'bajo montado'],
  packetSays: ['hooks', 'hookSize', 'blade'],
});
