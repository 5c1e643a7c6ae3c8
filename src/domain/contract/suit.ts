import { z } from 'zod';
import { DAY_LIMITS as D, finish, suit, SUIT_LIMITS } from '@/core/decide';
import { COVERS, type Cover } from '@/core/tackle/defaults/hookset-classes';
import { FOULING, type Fouling } from '@/core/tackle/defaults/tow-classes';
import { VERDICT_NAMES } from '@/core/judge';
import { WATER_LIMITS } from '@/core/water';
import { numberIn } from '../number';
import { PRESENTATION_LIMITS as L } from '../presentation-limits';
import { setupFileSchema } from '../setup';
import { findingOutput } from './checks';
import { model } from './model';
import { keysOf } from './shared';

const span = z.strictObject({ from: numberIn(D.depthM), to: numberIn(D.depthM) });

/** A day, or one slot of it, as it is sent and kept. */
export const dayConditionsSchema = z.strictObject({
  surfaceC: numberIn(D.temperatureC),
  deep: z.strictObject({ temperatureC: numberIn(D.temperatureC), depthM: numberIn(D.depthM) }).optional(),
  salinity: numberIn(WATER_LIMITS.salinity).optional(),
  depthM: span,
  bottomM: numberIn(L.bottomM).optional(),
  currentMps: numberIn(L.currentMps).optional(),
  speedMps: span.optional(),
  fishKg: numberIn({ ...L.fishKg, min: 0.01 }).optional(),
  baitM: span.optional(),
  cover: keysOf<Cover>(COVERS).optional(),
  fouling: keysOf<Fouling>(FOULING).optional(),
  clarity: z.enum(['clear', 'stained', 'murky']).optional(),
  light: z.enum(['bright', 'overcast', 'dusk', 'dark']).optional(),
  mood: z.enum(['active', 'neutral', 'wary']).optional(),
  bottom: z.enum(['rock', 'sand', 'mud', 'weed']).optional(),
  craftId: z.string().max(64).nullable().optional(),
});

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
          decides: z.strictObject({ verdict, mark, value: z.number().nullable(), room: z.number() }),
          remark: findingOutput.nullable(),
          outside: z.array(z.strictObject({ what: z.string(), asked: told, from: told, to: told })).readonly(),
          depthM: z.number(),
          temperatureC: z.number(),
        }),
      )
      .readonly(),
    refused: z.array(z.string()).readonly(),
    holes: z.array(z.discriminatedUnion('kind', [hole('depth'), hole('bait')])).readonly(),
  }),
  compute: (input) => finish(suit(input)),
});
