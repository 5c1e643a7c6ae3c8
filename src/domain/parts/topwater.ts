import { z } from 'zod';
import { BODY_LIMITS } from '@/core/water';
import { quantity } from '../quantity';
import { partBase } from './base';
import { coloured } from './coloured';
import { carriedHooks } from './hard-lure';
import { PART_BODY_LIMITS } from './body-limits';
import { workingSpeeds } from './working-speeds';
import { bodyFields, byLength } from './body-fields';
import { keysOf } from '../contract/shared';
import { givenRow, kindOfPart } from './kind-of-part';

/** Bodies and the hooks that they come with. */
const TOPWATER_BODIES = { hollow: 'double', stick: 'treble', cupped: 'treble', bladed: 'bait' } as const;

const schema = z.strictObject({
  ...partBase,
  ...coloured,
  kind: z.literal('topwater'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', PART_BODY_LIMITS.lengthM),
  body: keysOf(TOPWATER_BODIES),
  ...carriedHooks,
  ...workingSpeeds,
});

export const topwater = kindOfPart({
  schema,
  classFields: (given) => {
    const body = givenRow(given, 'body', TOPWATER_BODIES, 'stick');
    return { ...bodyFields(given, body), body, hookStyle: TOPWATER_BODIES[body] };
  },
  place: byLength,
  guides: ['weigh', 'window-test'],
  called: ['topwater', 'de superficie'],
  packetSays: ['body'],
});
