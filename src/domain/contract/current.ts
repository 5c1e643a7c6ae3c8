import { z } from 'zod';
import { CURRENT_LIMITS as L, fitCurrent } from '@/core/water';
import { numberIn } from '../number';
import { model } from './model';

const figure = z.number().nullable();

export const runsSchema = z
  .array(
    z.strictObject({
      sogMps: numberIn(L.sogMps),
      cogRad: numberIn(L.courseRad),
      headingRad: numberIn(L.courseRad),
      probeMps: numberIn(L.probeMps),
    }),
  )
  .min(1)
  .max(1000)
  .readonly();

export const currentModel = model({
  name: 'current',
  input: z.strictObject({ runs: runsSchema }),
  output: z.strictObject({
    outcome: z.enum(['fitted', 'not-determined']),
    scale: figure,
    offsetMps: figure,
    currentMps: figure,
    currentTowardRad: figure,
    residualMps: figure,
  }),
  compute: (input) => fitCurrent(input),
});
