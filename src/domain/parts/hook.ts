import { z } from 'zod';
import {
  HOOK_STYLES,
  POINTS_OF_BENDS,
  WIRE_CLASSES,
  type HookStyle,
  type WireClass,
  HOOK_SPREAD,
} from '@/core/tackle/defaults/hook-classes';
import { PULL_TEST_LIMITS } from '@/core/make';
import { BODY_LIMITS } from '@/core/water';
import { barbSchema, pointsSchema, sharpnessSchema } from '../contract/hookset';
import { keysOf } from '../contract/shared';
import { hookSizeSchema } from '../hook-size';
import { quantity } from '../quantity';
import { partBase } from './base';
import { bladeMassKg, hookOfClass, hookStep, usualBladeM } from '@/core/tackle';
import { HARDWARE_SPREAD } from '@/core/tackle/defaults/hardware-classes';
import { givenFigure, givenRow, kindOfPart, ofClass, type GivenPart } from './kind-of-part';

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

const schema = z.strictObject({
  ...partBase,
  kind: z.literal('hook'),
  ...hookFacts,
  massKg: quantity('kg', BODY_LIMITS.massKg),
  /** a small blade on the shank or the eye */
  blade: z.enum(['no-blade', 'blade']).optional(),
  /** length of that blade */
  bladeLengthM: quantity('m', { min: 0.003, max: 0.1 }).optional(),
  /** weight moulded on the shank, counted in the mass */
  shankWeightKg: quantity('kg', { min: 1e-5, max: 0.1 }).optional(),
  /** pull at which one opened, where a pull test was made */
  openingN: quantity('N', PULL_TEST_LIMITS.pullN).optional(),
});

export const hook = kindOfPart({
  schema,
  classFields: (given) => {
    const fields = hookFields(given, 'worm-offset', '3/0');
    const bladeM =
      given['blade'] === 'blade' ? (givenFigure(given, 'bladeLengthM') ?? usualBladeM(fields.gapM.value)) : null;
    const massKg =
      fields.massKg.value + (bladeM === null ? 0 : bladeMassKg(bladeM)) + (givenFigure(given, 'shankWeightKg') ?? 0);
    return {
      ...fields,
      massKg: { ...fields.massKg, value: massKg },
      ...(bladeM === null ? {} : { bladeLengthM: ofClass(bladeM, 'm', HARDWARE_SPREAD.mass) }),
    };
  },
  place: ({ style, size }) => [style, hookStep(size) ?? 0],
  guides: ['calliper', 'pull-test', 'weigh'],
  called: ['hook', 'anzuelo'],
  packetSays: ['style', 'size'],
});

/** Wire, gap, shank and mass of a hook by its style, size and wire. */
export function hookFields(given: GivenPart, usualStyle: keyof typeof HOOK_STYLES, usualSize: string) {
  const style = givenRow(given, 'style', HOOK_STYLES, usualStyle);
  const size = typeof given['size'] === 'string' ? given['size'] : usualSize;
  const wireClass = givenRow(given, 'wireClass', WIRE_CLASSES, 'regular');
  const sizeStep = hookStep(size);
  const hook = hookOfClass({ style, sizeStep: sizeStep ?? 1, wire: wireClass });
  return {
    style,
    size,
    wireClass,
    points: POINTS_OF_BENDS[HOOK_STYLES[style].bends],
    barb: 'barbed',
    sharpness: 'needle',
    wireM: ofClass(hook.wireM, 'm', HOOK_SPREAD.wire),
    gapM: ofClass(hook.gapM, 'm', HOOK_SPREAD.gap),
    shankM: ofClass(hook.shankM, 'm', HOOK_SPREAD.shank),
    massKg: ofClass(hook.massKg, 'kg', HOOK_SPREAD.mass),
  };
}
