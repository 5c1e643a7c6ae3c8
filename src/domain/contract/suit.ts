import { z } from 'zod';
import { finish, METHODS, suit, SUIT_LIMITS } from '@/core/decide';
import { VERDICT_NAMES } from '@/core/judge';
import { dayConditionsSchema } from '../day';
import { setupFileSchema } from '../setup';
import { findingOutput } from './checks';
import { model } from './model';

const mark = z.enum(['sound', 'edge', 'fails', 'cant-tell']);
const verdict = z.enum(VERDICT_NAMES);
const told = z.union([z.number(), z.string()]);
const hole = <K extends string>(kind: K) =>
  z.strictObject({ kind: z.literal(kind), fromM: z.number(), toM: z.number(), nearest: z.string().nullable() });

export const suitModel = model({
  name: 'suit',
  input: z.strictObject({
    setups: z
      .array(z.strictObject({ id: z.string().min(1).max(64), setup: setupFileSchema }))
      .min(SUIT_LIMITS.setups.min)
      .max(SUIT_LIMITS.setups.max),
    day: dayConditionsSchema,
  }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    ranked: z
      .array(
        z.strictObject({
          id: z.string(),
          standing: z.enum(['suits', 'goes', 'fails', 'outside']),
          marks: z.record(verdict, mark),
          decides: z.strictObject({
            verdict,
            mark,
            value: z.number().nullable(),
            unit: z.enum(['kg', 'm', 'm/s', '1', 'rad']),
            room: z.number(),
          }),
          remark: findingOutput.nullable(),
          outside: z.array(z.strictObject({ what: z.string(), asked: told, from: told, to: told })).readonly(),
          depthM: z.number(),
          temperatureC: z.number(),
        }),
      )
      .readonly(),
    refused: z.array(z.string()).readonly(),
    holes: z
      .array(
        z.discriminatedUnion('kind', [
          hole('depth'),
          hole('bait'),
          z.strictObject({ kind: z.literal('method'), method: z.enum(METHODS), nearest: z.string().nullable() }),
        ]),
      )
      .readonly(),
  }),
  compute: (input) => finish(suit(input)),
});
