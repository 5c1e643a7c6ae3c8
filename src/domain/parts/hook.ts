import { z } from 'zod';
import { HOOK_STYLES, WIRE_CLASSES, type HookStyle, type WireClass } from '@/core/tackle/defaults/hook-classes';
import { wireLengthM } from '@/core/tackle';
import { MATERIALS } from '@/core/tackle/defaults/sink-classes';
import { PULL_TEST_LIMITS } from '@/core/make';
import { BODY_LIMITS } from '@/core/water';
import { barbSchema, pointsSchema, sharpnessSchema } from '../contract/hookset';
import { keysOf } from '../contract/shared';
import { bodyMaterialSchema } from '../contract/sink';
import { hookSizeSchema } from '../hook-size';
import { broken } from '../problems';
import { quantity } from '../quantity';
import { partBase } from './base';
import { weightShapeSchema } from './weight';

/** Hooks a rig can hold, from the finest fly wire to a shark hook [m]. */
const HOOK_LIMITS = { wire: { min: 1e-4, max: 0.01 }, reach: { min: 5e-4, max: 0.2 } } as const;

export const hookFacts = {
  style: keysOf<HookStyle>(HOOK_STYLES),
  size: hookSizeSchema,
  wireClass: keysOf<WireClass>(WIRE_CLASSES),
  wireM: quantity('m', HOOK_LIMITS.wire),
  gapM: quantity('m', HOOK_LIMITS.reach),
  shankM: quantity('m', HOOK_LIMITS.reach),
  points: pointsSchema,
  barb: barbSchema,
  sharpness: sharpnessSchema,
  finish: z.enum(['bronze', 'nickel', 'black', 'red', 'tinned']).optional(),
};

export const hookPartSchema = z.strictObject({
  ...partBase,
  kind: z.literal('hook'),
  ...hookFacts,
  massKg: quantity('kg', BODY_LIMITS.massKg),
  /** a small blade on the shank or the eye */
  blade: z.enum(['no-blade', 'blade']).optional(),
  /** pull at which one opened, where a pull test was made */
  openingN: quantity('N', PULL_TEST_LIMITS.pullN).optional(),
});

export const jigHeadPartSchema = z
  .strictObject({
    ...partBase,
    kind: z.literal('jig-head'),
    ...hookFacts,
    massKg: quantity('kg', BODY_LIMITS.massKg),
    material: bodyMaterialSchema,
    shape: weightShapeSchema,
    guard: z.enum(['none', 'bristle']),
  })
  .superRefine((head, context) => {
    const wire = { gapM: head.gapM.value, shankM: head.shankM.value, wireM: head.wireM.value };
    const wireKg = (MATERIALS.steel.densityKgPm3 * wireLengthM(wire) * Math.PI * wire.wireM ** 2) / 4;
    if (head.massKg.value <= wireKg)
      broken(context, ['massKg', 'value'], `more than its hook's wire, ${wireKg.toPrecision(3)} kg`);
  });
