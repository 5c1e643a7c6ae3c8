import { z } from 'zod';
import { HOOK_STYLES, type HookStyle } from '@/core/tackle/defaults/hook-classes';
import { BODY_LIMITS } from '@/core/water';
import { keysOf } from '../contract/shared';
import { hookSizeSchema } from '../hook-size';
import { quantity } from '../quantity';
import { partBase } from './base';
import { PART_BODY_LIMITS } from './body-limits';
import { inTow, inWater, workingSpeeds } from './working-speeds';

/** Hooks that a lure carries on its rings. */
export const carriedHooks = {
  hookStyle: keysOf<HookStyle>(HOOK_STYLES).optional(),
  hookSize: hookSizeSchema.optional(),
};

export const hardLurePartSchema = z.strictObject({
  ...partBase,
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
