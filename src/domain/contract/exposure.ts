import { z } from 'zod';
import { exposure, EXPOSURE_LIMITS as E } from '@/core/afloat';
import { numberIn } from '../number';
import { model } from './model';

const name = z.string().min(1).max(120);
const times = z.array(z.number()).max(E.samples.max);
const index = z.number().int().min(0);

export const exposureModel = model({
  name: 'exposure',
  input: z.strictObject({
    lines: z
      .array(z.strictObject({ fromS: z.number(), toS: z.number(), keys: z.record(name, z.string().max(400)) }))
      .max(E.lines.max),
    series: z
      .array(
        z.strictObject({
          name,
          line: index.optional(),
          tS: times,
          values: z.array(z.number().nullable()).max(E.samples.max),
          edges: z.array(z.number()).min(E.edges.min).max(E.edges.max),
          holdS: numberIn(E.holdS).optional(),
        }),
      )
      .max(E.series.max)
      .optional(),
    events: z.array(z.strictObject({ tS: z.number(), line: index, kind: name.optional() })).optional(),
  }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    cells: z
      .array(
        z.strictObject({
          keys: z.record(z.string(), z.string()).readonly(),
          bands: z.record(z.string(), z.number().int().nullable()).readonly(),
          hours: z.number(),
          events: z.record(z.string(), z.number().int()).readonly(),
        }),
      )
      .readonly(),
  }),
  compute: exposure,
});
