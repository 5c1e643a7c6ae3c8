import { z } from 'zod';
import { turn, TURN_LIMITS as L } from '@/core/water';
import { numberIn } from '../number';
import { model } from './model';

const figure = z.number().nullable();

export const turnModel = model({
  name: 'turn',
  input: z.strictObject({
    radiusM: numberIn(L.radiusM),
    speedMps: numberIn(L.speedMps),
    lines: z
      .array(z.strictObject({ offsetM: numberIn(L.offsetM), laybackM: numberIn(L.laybackM) }))
      .max(50)
      .readonly(),
  }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    lines: z
      .array(z.strictObject({ outcome: z.enum(['ok', 'goes-slack']), radiusM: figure, speedMps: figure }))
      .readonly(),
  }),
  compute: (input) => turn(input),
});
