import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { quantity } from '../quantity';
import { partBase } from './base';
import { bodyFields, byLength } from './body-fields';
import { keysOf } from '../contract/shared';
import { givenRow, kindOfPart } from './kind-of-part';

const NATURAL_BAITS = { 'bait-fish': 0, 'bait-worm': 0, crustacean: 0, 'bait-strip': 0, 'bait-head': 0 };

const schema = z.strictObject({
  ...partBase,
  kind: z.literal('natural-bait'),
  bait: keysOf(NATURAL_BAITS),
  state: z.enum(['live', 'dead']),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', { min: 0.01, max: 0.6 }),
  heightM: quantity('m', { min: 0.002, max: 0.25 }).optional(),
});

export const naturalBait = kindOfPart({
  schema,
  classFields: (given) => {
    const bait = givenRow(given, 'bait', NATURAL_BAITS, 'bait-fish');
    return { ...bodyFields(given, bait), bait, state: 'dead' };
  },
  place: byLength,
  guides: ['weigh', 'calliper'],
  called: [],
  packetSays: ['bait', 'state'],
});
