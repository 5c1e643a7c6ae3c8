import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { quantity } from '../quantity';
import { partBase } from './base';
import { coloured } from './coloured';
import { PART_BODY_LIMITS } from './body-limits';
import { inTow } from './working-speeds';
import { bodyFields, byLength } from './body-fields';
import { kindOfPart } from './kind-of-part';

const schema = z.strictObject({
  ...partBase,
  ...coloured,
  kind: z.literal('diving-plane'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', PART_BODY_LIMITS.lengthM),
  ...inTow,
  settings: z.number().int().min(1).max(12),
});

export const divingPlane = kindOfPart({
  schema,
  classFields: (given) => ({ ...bodyFields(given, 'diving-plane'), settings: 3 }),
  place: byLength,
  guides: ['dive-test', 'weigh'],
  called: ['diving plane', 'plano de inmersión'],
  packetSays: [],
});
