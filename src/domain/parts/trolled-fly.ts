import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { hookSizeSchema } from '../hook-size';
import { quantity } from '../quantity';
import { partBase } from './base';
import { coloured } from './coloured';
import { PART_BODY_LIMITS } from './body-limits';
import { workingSpeeds } from './working-speeds';
import { bodyFields, byLength } from './body-fields';
import { kindOfPart } from './kind-of-part';

const schema = z.strictObject({
  ...partBase,
  ...coloured,
  kind: z.literal('trolled-fly'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', PART_BODY_LIMITS.lengthM),
  discDiameterM: quantity('m', { min: 0.005, max: 0.1 }).optional(),
  hookSize: hookSizeSchema.optional(),
  ...workingSpeeds,
});

export const trolledFly = kindOfPart({
  schema,
  classFields: (given) => ({ ...bodyFields(given, 'trolled-fly') }),
  place: byLength,
  guides: ['weigh', 'window-test'],
  called: ['trolled fly', 'mosca'],
  packetSays: [],
});
