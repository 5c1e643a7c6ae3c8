import { z } from 'zod';
import { LINE_LIMITS } from '@/core/tackle';
import { lineMaterialSchema } from '../contract/line';
import { broken } from '../problems';
import { quantity } from '../quantity';
import { partBase } from './base';
import { SPOOL_LENGTHS } from '@/core/tackle/defaults/part-classes';
import { kindOfPart, ofClass, type GivenPart } from './kind-of-part';

const schema = z
  .strictObject({
    ...partBase,
    kind: z.literal('line'),
    material: lineMaterialSchema,
    strengthN: quantity('N', LINE_LIMITS.strengthN).optional(),
    diameterM: quantity('m', LINE_LIMITS.diameterM).optional(),
    /** left on the spool; it changes by movements */
    lengthM: quantity('m', { min: 0, max: 5000 }),
    eaN: quantity('N', { min: 10, max: 1e6 }).optional(),
    use: z.enum(['main-line', 'leader-stock', 'backing']).optional(),
  })
  .superRefine((line, context) => {
    if (line.material !== 'lead-core' && !line.strengthN && !line.diameterM)
      broken(context, ['strengthN'], 'strengthN or diameterM');
  });

export const line = kindOfPart({
  schema,
  classFields: lineFields,
  place: ({ material, strengthN, diameterM }) => [material, strengthN?.value ?? diameterM?.value ?? 0],
  guides: ['pull-test', 'line-test', 'calliper'],
  called: ['line', 'hilo', 'línea'],
  packetSays: ['material'],
});

function lineFields(given: GivenPart) {
  const use = given['use'] === 'leader-stock' || given['use'] === 'backing' ? given['use'] : 'main-line';
  const known =
    given['strengthN'] !== undefined || given['diameterM'] !== undefined || given['material'] === 'lead-core';
  return {
    material: 'nylon',
    ...(known ? {} : { strengthN: ofClass(60, 'N') }),
    lengthM: ofClass(SPOOL_LENGTHS[use], 'm'),
  };
}
