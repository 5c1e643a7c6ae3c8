import { z } from 'zod';
import { fight } from '@/core/strike';
import { ROD_LIMITS } from '@/core/tackle';
import { numberIn } from '../number';
import { model } from './model';
import { rodSchema } from './shared';

const angle = numberIn(ROD_LIMITS.angleRad);

export const fightModel = model({
  name: 'fight',
  input: z.strictObject({
    rod: rodSchema,
    pull: z.strictObject({ forceN: numberIn(ROD_LIMITS.forceN), angleRad: angle }),
    stroke: z.strictObject({ fromRad: angle, toRad: angle }).optional(),
  }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    leverArmM: z.number(),
    momentNm: z.number(),
    gainM: z.number().nullable(),
  }),
  compute: (input) => fight(input),
});
