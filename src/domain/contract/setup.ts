import { z } from 'zod';
import { evaluate } from '@/core/evaluate';
import { setupFileSchema } from '../setup';
import { chainOutput } from './chain';
import { castFitModel } from './cast-fit';
import { hooksetOutput } from './hookset';
import { model } from './model';
import { rodBendModel } from './rod-bend';
import { sinkOutput } from './sink';

const nullable = z.number().nullable();
const limits = z.strictObject({ failsBelow: nullable, soundFrom: nullable, soundTo: nullable, failsAbove: nullable });

const verdict = z.strictObject({
  mark: z.enum(['sound', 'edge', 'fails', 'cant-tell']),
  value: nullable,
  unit: z.enum(['kg', 'm/s', '1', 'rad']),
  limits: limits.nullable(),
  reasons: z.array(z.strictObject({ code: z.string(), facts: z.record(z.string(), z.union([z.number(), z.string(), z.null()])).readonly() })).readonly(),
});

export const setupModel = model({
  name: 'setup',
  input: setupFileSchema,
  output: z.strictObject({
    outcome: z.literal('ok'),
    verdicts: z.strictObject({ throw: verdict, fall: verdict, set: verdict, hold: verdict, balance: verdict }),
    castMassKg: z.number(),
    figures: z.strictObject({
      water: z.strictObject({ densityKgPm3: z.number(), viscosityPaS: z.number() }),
      throw: z.strictObject({
        castFit: castFitModel.output,
        castWindow: z.strictObject({ failsBelow: z.number(), soundFrom: z.number(), soundTo: z.number(), failsAbove: z.number() }),
      }),
      fall: z.strictObject({ free: sinkOutput, tightLine: sinkOutput, meanMps: nullable }),
      set: z
        .strictObject({
          hookset: z.strictObject(hooksetOutput),
          rodBend: rodBendModel.output,
          mainLineM: z.number(),
          stretchM: z.number(),
          clutchNowN: nullable,
        })
        .optional(),
      hold: z.strictObject({ chain: chainOutput, clutchMargin: nullable }),
    }),
  }),
  compute: (setup) => evaluate(setup),
});
