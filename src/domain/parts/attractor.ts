import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
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
  kind: z.literal('attractor'),
  motion: z.enum(['rotating', 'swaying']),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', PART_BODY_LIMITS.lengthM),
  dragAreaM2: quantity('m²', PART_BODY_LIMITS.dragAreaM2).optional(),
  ...workingSpeeds,
});

export const attractor = kindOfPart({
  schema,
  classFields: (given) => ({ ...bodyFields(given, 'attractor'), motion: 'rotating' }),
  place: byLength,
  guides: ['window-test', 'weigh'],
  called: ['attractor', 'atractor'],
  packetSays: ['motion'],
});
