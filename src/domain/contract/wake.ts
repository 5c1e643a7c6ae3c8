import { z } from 'zod';
import { wake, WAKE_LIMITS as W } from '@/core/afloat';
import { numberIn } from '../number';
import { model } from './model';

export const wakeModel = model({
  name: 'wake',
  input: z.strictObject({
    speedMps: numberIn(W.speedMps),
    lengthM: numberIn(W.lengthM),
    firstCrest: z.strictObject({ behindM: numberIn(W.laybackM), speedMps: numberIn(W.speedMps) }).optional(),
    laybacksM: z.array(numberIn(W.laybackM)).optional(),
  }),
  output: z.strictObject({
    outcome: z.enum(['ok', 'planing']),
    waveLengthM: z.number(),
    froude: z.number(),
    crestsM: z.array(z.number()).readonly(),
    halfAngleRad: z.number(),
    at: z
      .array(
        z.strictObject({
          wave: z.number().int(),
          phase: z.number().nullable(),
          place: z.enum(['crest', 'back', 'trough', 'face', 'before-first']),
        }),
      )
      .readonly(),
  }),
  compute: wake,
});
