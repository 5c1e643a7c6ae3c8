import { z } from 'zod';
import { TAIL_SHAPES, type TailShape } from '@/core/tackle/defaults/sink-classes';
import { BODY_LIMITS } from '@/core/water';
import { keysOf } from '../contract/shared';
import { bodyMaterialSchema } from '../contract/sink';
import { quantity } from '../quantity';
import { partBase } from './base';
import { coloured } from './coloured';
import { inWater } from './working-speeds';
import { bodyFields } from './body-fields';
import { givenRow, kindOfPart } from './kind-of-part';

const schema = z.strictObject({
  ...partBase,
  ...coloured,
  kind: z.literal('soft-bait'),
  massKg: quantity('kg', BODY_LIMITS.massKg),
  lengthM: quantity('m', { min: 0.01, max: 0.6 }),
  heightM: quantity('m', { min: 0.002, max: 0.2 }),
  material: bodyMaterialSchema,
  tail: keysOf<TailShape>(TAIL_SHAPES),
  /** a thin worm, or a body as full as its tail's kind usually is */
  girth: z.enum(['slim', 'full']).optional(),
  /** a slot in belly or back that the hook lies in */
  slot: z.enum(['solid', 'slotted']).optional(),
  segments: z.number().int().min(0).max(40).optional(),
  ...inWater,
});

export const softBait = kindOfPart({
  schema,
  classFields: (given) => {
    const tail = givenRow<TailShape>(given, 'tail', TAIL_SHAPES, 'paddle-tail');
    const slim = given['girth'] === 'slim' && tail === 'straight-tail';
    return { ...bodyFields(given, slim ? 'slim-worm' : tail), material: 'soft', tail };
  },
  place: ({ tail, lengthM }) => [tail, lengthM.value],
  guides: ['weigh', 'sink-test', 'float-test', 'calliper'],
  called: ['soft bait', 'vinilo'],
  packetSays: ['tail'],
});
