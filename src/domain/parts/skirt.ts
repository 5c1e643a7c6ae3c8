import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { quantity } from '../quantity';
import { partBase } from './base';
import { coloured } from './coloured';
import { PART_BODY_LIMITS } from './body-limits';
import { bodyFields, byLength } from './body-fields';
import { kindOfPart } from './kind-of-part';

const schema = z.strictObject({
  ...partBase,
  ...coloured,
  kind: z.literal('skirt'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', PART_BODY_LIMITS.lengthM),
  strands: z.enum(['silicone', 'rubber', 'hair', 'vinyl']),
});

export const skirt = kindOfPart({
  schema,
  classFields: (given) => ({ ...bodyFields(given, 'skirt'), strands: 'silicone' }),
  place: byLength,
  guides: ['weigh'],
  called: ['skirt', 'faldón'],
  packetSays: ['strands'],
});
