import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { bodyMaterialSchema } from '../contract/sink';
import { quantity } from '../quantity';
import { partBase } from './base';
import { coloured } from './coloured';
import { carriedHooks } from './hard-lure';
import { PART_BODY_LIMITS } from './body-limits';
import { inTow, inWater, workingSpeeds } from './working-speeds';
import { bodyFields, byLength } from './body-fields';
import { kindOfPart } from './kind-of-part';

const schema = z.strictObject({
  ...partBase,
  ...coloured,
  kind: z.literal('spoon'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', PART_BODY_LIMITS.lengthM),
  material: bodyMaterialSchema,
  ...carriedHooks,
  ...inWater,
  ...inTow,
  ...workingSpeeds,
});

export const spoon = kindOfPart({
  schema,
  classFields: (given) => ({ ...bodyFields(given, 'spoon'), material: 'brass', hookStyle: 'treble' }),
  place: byLength,
  guides: ['weigh', 'dive-test', 'sink-test', 'window-test'],
  called: ['spoon', 'cucharilla'],
  packetSays: [],
});
