import { z } from 'zod';
import { HOOK_STYLES, type HookStyle } from '@/core/tackle/defaults/hook-classes';
import { BODY_LIMITS } from '@/core/water';
import { keysOf } from '../contract/shared';
import { hookSizeSchema } from '../hook-size';
import { quantity } from '../quantity';
import { partBase } from './base';
import { coloured } from './coloured';
import { PART_BODY_LIMITS } from './body-limits';
import { inTow, inWater, workingSpeeds } from './working-speeds';
import { bodyFields, byLength } from './body-fields';
import { givenFigure, kindOfPart, type GivenPart } from './kind-of-part';

/** Hooks that a lure carries on its rings. */
export const carriedHooks = {
  hookStyle: keysOf<HookStyle>(HOOK_STYLES).optional(),
  hookSize: hookSizeSchema.optional(),
};

const schema = z.strictObject({
  ...partBase,
  ...coloured,
  kind: z.literal('hard-lure'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', PART_BODY_LIMITS.lengthM),
  buoyancy: z.enum(['floats', 'suspends', 'sinks']),
  lip: z.enum(['no-lip', 'shallow-lip', 'medium-lip', 'deep-lip']),
  lipLengthM: quantity('m', { min: 0.002, max: 0.2 }).optional(),
  hookStations: z.number().int().min(0).max(5),
  ...carriedHooks,
  ringDiameterM: quantity('m', { min: 0.002, max: 0.03 }).optional(),
  ...inWater,
  ...inTow,
  ...workingSpeeds,
});

/** From 100 mm on a lure with a small lip is a slim minnow. */
const isSlim = (given: GivenPart): boolean =>
  given['lip'] === 'shallow-lip' && (givenFigure(given, 'lengthM') ?? 0) >= 0.1;

export const hardLure = kindOfPart({
  schema,
  classFields: (given) => ({
    ...bodyFields(given, isSlim(given) ? 'slim-minnow' : 'hard-lure'),
    buoyancy: 'floats',
    lip: 'medium-lip',
    hookStations: 2,
    hookStyle: 'treble',
  }),
  place: byLength,
  guides: ['weigh', 'dive-test', 'float-test', 'sink-test', 'window-test'],
  called: ['lure', 'plug', 'minnow', 'señuelo'],
  packetSays: ['buoyancy', 'lip', 'hookStations', 'hookStyle'],
});
