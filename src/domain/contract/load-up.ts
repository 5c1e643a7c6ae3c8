import { z } from 'zod';
import { loadUp, LOAD_UP_LIMITS as L } from '@/core/strike';
import { ROD_LIMITS } from '@/core/tackle';
import { numberIn } from '../number';
import { broken } from '../problems';
import { model } from './model';
import { rodSchema } from './shared';

const nullable = z.number().nullable();

export const loadUpModel = model({
  name: 'load-up',
  input: z
    .strictObject({
      rod: rodSchema,
      heldRad: numberIn(ROD_LIMITS.angleRad),
      giveToRad: numberIn(ROD_LIMITS.angleRad).optional(),
      line: z.array(z.strictObject({ lengthM: numberIn(L.lineLengthM), eaN: numberIn(L.eaN) })).max(50),
      speedMps: numberIn(L.speedMps),
      fishKg: numberIn(L.fishKg).nullable(),
      fishMps: numberIn({ ...L.speedMps, exclusiveMin: false }).optional(),
      slackM: numberIn(L.slackM).optional(),
      neededN: numberIn(L.neededN),
      clutchN: numberIn(L.clutchN).optional(),
      untilS: numberIn(L.untilS).optional(),
    })
    .superRefine(({ heldRad, giveToRad }, context) => {
      if (giveToRad !== undefined && giveToRad > heldRad)
        broken(context, ['giveToRad'], `at most heldRad = ${heldRad}`);
    }),
  output: z.strictObject({
    outcome: z.enum(['buries', 'clutch-gives', 'waits']),
    yieldsM: z.number(),
    yieldsS: z.number(),
    tightS: z.number(),
    buriesS: nullable,
    clutchGivesS: nullable,
    peakN: nullable,
    curve: z.array(z.strictObject({ timeS: z.number(), tensionN: z.number() })).readonly(),
  }),
  compute: (input) => loadUp(input),
});
