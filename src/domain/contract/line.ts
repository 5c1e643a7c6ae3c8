import { z } from 'zod';
import { LINE_MATERIALS, type LineMaterial } from '@/core/tackle/defaults/line-materials';
import { lineProperties, LINE_LIMITS } from '@/core/tackle';
import { numberIn } from '../number';
import { broken } from '../problems';
import { model } from './model';
import { keysOf } from './shared';

export const lineMaterialSchema = keysOf<LineMaterial>({ ...LINE_MATERIALS, 'lead-core': {} });

export const lineModel = model({
  name: 'line',
  input: z
    .strictObject({
      material: lineMaterialSchema,
      strengthN: numberIn(LINE_LIMITS.strengthN).optional(),
      diameterM: numberIn(LINE_LIMITS.diameterM).optional(),
    })
    .superRefine((line, context) => {
      if (line.material !== 'lead-core' && line.strengthN === undefined && line.diameterM === undefined)
        broken(context, ['strengthN'], 'strengthN or diameterM');
    }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    diameterM: z.number(),
    strengthN: z.number(),
    eaN: z.number(),
    massPerLengthKgPm: z.number(),
    normalDragFactor: z.number(),
    tangentialCt: z.number(),
  }),
  compute: (input) => lineProperties(input),
});
