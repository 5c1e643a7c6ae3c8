import { z } from 'zod';
import { dragWindow, DRAG_WINDOW_LIMITS as L } from '@/core/strike';
import { ROD_LIMITS } from '@/core/tackle';
import { numberIn } from '../number';
import { broken } from '../problems';
import { model } from './model';
import { rodSchema } from './shared';

const pair = z.tuple([z.number(), z.number()]).readonly();
const orNone = { ...L.forceN, exclusiveMin: false } as const;

export const dragWindowInput = z.strictObject({
  rod: rodSchema,
  pullAngleRad: numberIn(ROD_LIMITS.angleRad),
  line: z
    .array(z.strictObject({ lengthM: numberIn(L.lineLengthM), eaN: numberIn(L.eaN) }))
    .max(50)
    .readonly(),
  fishKg: numberIn(L.fishKg),
  speedMps: numberIn(L.speedMps),
  fishMps: numberIn(L.speedMps).optional(),
  neededN: numberIn(L.neededN),
  openingN: numberIn(L.forceN),
  weakestN: numberIn(L.forceN),
  tearN: numberIn(L.forceN),
  clutchN: numberIn(orNone).optional(),
  spool: z
    .strictObject({ fullRadiusM: numberIn(L.radiusM), nowRadiusM: numberIn(L.radiusM) })
    .superRefine(({ fullRadiusM, nowRadiusM }, context) => {
      if (nowRadiusM > fullRadiusM) broken(context, ['nowRadiusM'], `at most fullRadiusM = ${fullRadiusM}`);
    })
    .optional(),
  baitPullN: numberIn(orNone).optional(),
});

export const dragWindowModel = model({
  name: 'drag-window',
  input: dragWindowInput,
  output: z.strictObject({
    outcome: z.enum(['window', 'no-window']),
    windowN: pair,
    upperBy: z.enum(['opening', 'weakest', 'tear']),
    elasticPeakN: z.number(),
    peakN: z.number(),
    strikeBuries: z.boolean(),
    atFullN: pair,
    holdsBaitN: z.number().nullable(),
  }),
  compute: (input) => dragWindow(input),
});
