import { z } from 'zod';
import { rodBend, ROD_LIMITS } from '@/core/tackle';
import { numberIn } from '../number';
import { model } from './model';
import { fitSchema, rodShape } from './shared';

export const rodBendModel = model({
  name: 'rod-bend',
  input: z.strictObject({
    ...rodShape,
    pull: z.strictObject({ forceN: numberIn(ROD_LIMITS.forceN), angleRad: numberIn(ROD_LIMITS.angleRad) }),
  }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    tip: z.strictObject({ xM: z.number(), yM: z.number() }),
    tipAngleRad: z.number(),
    leverArmM: z.number(),
    energyJ: z.number(),
    compliancePullMPerN: z.number(),
    shape: z
      .array(z.tuple([z.number(), z.number()]).readonly())
      .length(41)
      .readonly(),
    fit: fitSchema.optional(),
  }),
  compute: (input) => rodBend(input),
});
