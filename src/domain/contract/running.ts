import { z } from 'zod';
import { towInput } from './tow';

const figure = z.number().nullable();
const shape = z.array(z.tuple([z.number(), z.number()]).readonly()).readonly();

export const runningOutput = z.strictObject({
  outcome: z.enum(['runs', 'on-bottom', 'at-surface', 'in-the-air']),
  depthM: figure,
  lineM: z.number(),
  airM: z.number(),
  behindM: figure,
  surfaceAngleRad: figure,
  pullN: figure,
  lureMps: z.number(),
  sogMps: z.number(),
  contact: z.strictObject({ forceN: z.number(), share: z.number() }).nullable(),
  shape,
  tipHeightM: z.number(),
  tipAngleRad: z.number(),
  release: z
    .strictObject({
      depthM: z.number(),
      behindM: z.number(),
      cable: z
        .strictObject({ depthM: z.number(), laybackM: z.number(), tensionN: z.number(), angleRad: z.number(), shape })
        .nullable(),
    })
    .nullable(),
  asked: towInput,
});
