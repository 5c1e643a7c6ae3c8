import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { quantity } from '../quantity';
import { partBase } from './base';
import { bodyFields, byLength } from './body-fields';
import { kindOfPart } from './kind-of-part';

const schema = z.strictObject({
  ...partBase,
  kind: z.literal('natural-bait'),
  bait: z.enum(['bait-fish', 'bait-worm', 'crustacean', 'bait-strip', 'bait-head']),
  state: z.enum(['live', 'dead']),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', { min: 0.01, max: 0.6 }),
  heightM: quantity('m', { min: 0.002, max: 0.25 }).optional(),
});

export const naturalBait = kindOfPart({
  schema,
  classFields: (given) => ({ ...bodyFields(given, 'natural-bait'), bait: 'bait-fish', state: 'dead' }),
  place: byLength,
  guides: ['weigh', 'calliper'],
  called: [],
});
