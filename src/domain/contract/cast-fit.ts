import { z } from 'zod';
import { castFit, CAST_LIMITS } from '@/core/strike';
import { CAST_STYLES, type CastStyle } from '@/core/tackle/defaults/cast-styles';
import { numberIn } from '../number';
import { broken } from '../problems';
import { model } from './model';
import { keysOf, rodSchema } from './shared';

export const castStyleSchema = keysOf<CastStyle>(CAST_STYLES);

export const castFitModel = model({
  name: 'cast-fit',
  input: z.strictObject({
    rod: rodSchema,
    massKg: numberIn(CAST_LIMITS.massKg),
    ratingKg: z
      .tuple([numberIn(CAST_LIMITS.ratingKg), numberIn(CAST_LIMITS.ratingKg)])
      .superRefine(([lo, hi], context) => {
        if (lo > hi) broken(context, [1], `at least ratingKg[0] = ${lo}`);
      })
      .nullable(),
    style: castStyleSchema,
    weakestN: numberIn(CAST_LIMITS.weakestN),
  }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    r: z.number().nullable(),
    label: z.enum(['under', 'light-edge', 'in', 'heavy-edge', 'over']).nullable(),
    dropShare: z.number(),
    bend: z.enum(['does-not-load', 'light-edge', 'loads', 'heavy-edge', 'too-heavy', 'overload']),
    disagreement: z.boolean(),
    snapOffMargin: z.number(),
  }),
  compute: (input) => castFit(input),
});
