import { z } from 'zod';
import { wireLengthM } from '@/core/tackle';
import { MATERIALS } from '@/core/tackle/defaults/sink-classes';
import { HOOK_STYLES } from '@/core/tackle/defaults/hook-classes';
import { BODY_LIMITS } from '@/core/water';
import { bodyMaterialSchema } from '../contract/sink';
import { broken } from '../problems';
import { quantity } from '../quantity';
import { partBase } from './base';
import { coloured } from './coloured';
import { hookFacts, hookFields } from './hook';
import { weightShapeSchema } from './weight';
import { kindOfPart, ofClass, type GivenPart } from './kind-of-part';

const schema = z
  .strictObject({
    ...partBase,
    ...coloured,
    kind: z.literal('jig-head'),
    ...hookFacts,
    massKg: quantity('kg', BODY_LIMITS.massKg),
    material: bodyMaterialSchema,
    shape: weightShapeSchema,
    guard: z.enum(['none', 'bristle']),
  })
  .superRefine((head, context) => {
    const wire = { gapM: head.gapM.value, shankM: head.shankM.value, wireM: head.wireM.value };
    const wireKg =
      (MATERIALS.steel.densityKgPm3 * wireLengthM(wire, HOOK_STYLES[head.style]) * Math.PI * wire.wireM ** 2) / 4;
    if (head.massKg.value <= wireKg)
      broken(context, ['massKg', 'value'], `more than its hook's wire, ${wireKg.toPrecision(3)} kg`);
  });

export const jigHead = kindOfPart({
  schema,
  classFields: headFields,
  place: ({ massKg }) => ['', massKg.value],
  guides: ['calliper', 'weigh'],
  called: ['jig head', 'cabeza plomada', 'cabeza'],
  packetSays: ['shape', 'size'],
});

export function headFields(given: GivenPart) {
  const { massKg: _, ...hook } = hookFields(given, 'jig', '3/0');
  return {
    ...hook,
    massKg: ofClass(0.01, 'kg'),
    material: 'lead',
    shape: 'sphere',
    guard: 'none',
  };
}
