import { z } from 'zod';
import { winding, WINDING_LIMITS as L } from '@/core/strike';
import { numberIn } from '../number';
import { model } from './model';

export const windingModel = model({
  name: 'winding',
  input: z.strictObject({
    gearRatio: numberIn(L.gearRatio),
    nowRadiusM: numberIn(L.radiusM),
    handleM: numberIn(L.handleM),
    speedsMps: z.array(numberIn(L.speedMps)).min(1).max(20),
    handN: numberIn(L.handN).optional(),
    efficiency: numberIn(L.efficiency).optional(),
  }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    lineATurnM: z.number(),
    pullN: z.number(),
    speeds: z.array(z.strictObject({ speedMps: z.number(), turnsPerMin: z.number(), winds: z.boolean() })).readonly(),
  }),
  compute: (input) => winding(input),
});
