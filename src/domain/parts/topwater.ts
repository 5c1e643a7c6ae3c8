import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { quantity } from '../quantity';
import { partBase } from './base';
import { carriedHooks } from './hard-lure';
import { PART_BODY_LIMITS } from './body-limits';
import { workingSpeeds } from './working-speeds';
import { bodyFields, byLength } from './body-fields';
import { kindOfPart } from './kind-of-part';

const schema = z.strictObject({
  ...partBase,
  kind: z.literal('topwater'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', PART_BODY_LIMITS.lengthM),
  body: z.enum(['hollow', 'stick', 'cupped', 'bladed']),
  ...carriedHooks,
  ...workingSpeeds,
});

export const topwater = kindOfPart({
  schema,
  classFields: (given) => ({ ...bodyFields(given, 'topwater'), body: 'stick', hookStyle: 'treble' }),
  place: byLength,
  guides: ['weigh', 'window-test'],
  called: ['topwater', 'de superficie'],
});
