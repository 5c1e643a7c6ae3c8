import { z } from 'zod';
import { smallCraft, SMALL_CRAFT_LIMITS as L } from '@/core/strike';
import { numberIn } from '../number';
import { model } from './model';

export const smallCraftModel = model({
  name: 'small-craft',
  input: z.strictObject({
    pullN: numberIn(L.pullN),
    hullDragN: numberIn(L.hullDragN),
    tipHeightM: numberIn(L.tipHeightM),
    fishMps: numberIn(L.fishMps).optional(),
    runS: numberIn(L.runS).optional(),
    hullLengthM: numberIn(L.hullLengthM).optional(),
    lineM: numberIn(L.lineM).optional(),
  }),
  output: z.strictObject({
    outcome: z.enum(['holds', 'runs-out']),
    towedMps: z.number(),
    lineNeededM: z.number(),
    emptyS: z.number().nullable(),
    heelingNm: z.number(),
  }),
  compute: (input) => smallCraft(input),
});
