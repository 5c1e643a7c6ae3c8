import { z } from 'zod';
import { trim, TRIM_LIMITS } from '@/core/water';
import { numberIn } from '../number';
import { model } from './model';
import { waterSchema } from './shared';

const L = TRIM_LIMITS;
const pair = z.tuple([z.number(), z.number()]).readonly();

export const trimOutput = z.strictObject({
  outcome: z.enum(['floats', 'suspends', 'sinks']),
  netWeightN: z.number(),
  pitchFallingRad: z.number(),
  pitchPulledRad: z.number(),
  rollArmM: z.number(),
  massKg: z.number(),
  comM: pair,
  cobM: pair,
});

export const trimModel = model({
  name: 'trim',
  input: z.strictObject({
    water: waterSchema,
    parts: z
      .array(
        z.strictObject({
          name: z.string().min(1).max(200),
          massKg: numberIn(L.massKg),
          volumeM3: numberIn(L.volumeM3),
          xM: numberIn(L.placeM),
          zM: numberIn(L.placeM),
          yM: numberIn(L.placeM).optional(),
          dragAreaM2: numberIn(L.dragAreaM2).optional(),
        }),
      )
      .min(L.parts.min)
      .max(L.parts.max),
    eye: z.strictObject({ xM: numberIn(L.placeM), zM: numberIn(L.placeM) }).optional(),
    speedMps: numberIn(L.speedMps).optional(),
  }),
  output: trimOutput,
  compute: (input) => trim(input),
});
