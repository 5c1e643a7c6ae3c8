import { z } from 'zod';
import { WEIGHT_SHAPES, type WeightShape } from '@/core/tackle/defaults/weight-shapes';
import { BODY_LIMITS } from '@/core/water';
import { keysOf } from '../contract/shared';
import { bodyMaterialSchema } from '../contract/sink';
import { quantity } from '../quantity';
import { partBase } from './base';
import { PART_BODY_LIMITS } from './body-limits';
import { kindOfPart, ofClass } from './kind-of-part';

export const weightShapeSchema = keysOf<WeightShape>(WEIGHT_SHAPES);

const schema = z.strictObject({
  ...partBase,
  kind: z.literal('weight'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  material: bodyMaterialSchema,
  shape: weightShapeSchema,
  rigging: z.enum(['fixed', 'sliding']).optional(),
  dragAreaM2: quantity('m²', PART_BODY_LIMITS.dragAreaM2).optional(),
});

export const weight = kindOfPart({
  schema,
  classFields: () => ({ material: 'lead', shape: 'bullet', massKg: ofClass(0.01, 'kg') }),
  place: ({ material, massKg }) => [material, massKg.value],
  guides: ['weigh'],
  called: ['weight', 'sinker', 'plomo'],
  packetSays: ['shape', 'material'],
});
