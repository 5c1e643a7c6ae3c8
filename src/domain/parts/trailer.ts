import { z } from 'zod';
import { TAIL_SHAPES, type TailShape } from '@/core/tackle/defaults/sink-classes';
import { BODY_LIMITS } from '@/core/water';
import { keysOf } from '../contract/shared';
import { bodyMaterialSchema } from '../contract/sink';
import { quantity } from '../quantity';
import { partBase } from './base';
import { coloured } from './coloured';
import { PART_BODY_LIMITS } from './body-limits';
import { bodyFields, byLength } from './body-fields';
import { kindOfPart } from './kind-of-part';

const schema = z.strictObject({
  ...partBase,
  ...coloured,
  kind: z.literal('trailer'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', PART_BODY_LIMITS.lengthM),
  material: bodyMaterialSchema,
  tail: keysOf<TailShape>(TAIL_SHAPES),
  segments: z.number().int().min(0).max(40).optional(),
});

export const trailer = kindOfPart({
  schema,
  classFields: (given) => ({ ...bodyFields(given, 'trailer'), material: 'soft', tail: 'twin-tail' }),
  place: byLength,
  guides: ['weigh'],
  called: ['trailer', 'tráiler'],
  packetSays: ['tail'],
});
