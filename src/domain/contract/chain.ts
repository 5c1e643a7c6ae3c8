import { z } from 'zod';
import { CHAIN_LIMITS, strengthChain } from '@/core/tackle';
import { numberIn } from '../number';
import { broken } from '../problems';
import { toldApart } from '../told-apart';
import { model } from './model';

const name = z.string().min(1).max(200);
const byStrength = z.strictObject({ name, strengthN: numberIn(CHAIN_LIMITS.strengthN) });
const byLine = z.strictObject({ name, onLineN: numberIn(CHAIN_LIMITS.strengthN), share: numberIn(CHAIN_LIMITS.share) });

export const chainOutput = z.strictObject({
  outcome: z.literal('ok'),
  joints: z.array(z.strictObject({ name: z.string(), strengthN: z.number() })).readonly(),
  weakest: z.string(),
  weakestIndex: z.number().int(),
  strengthN: z.number(),
  leftInWater: z.array(z.string()).readonly(),
  asWanted: z.boolean().nullable(),
});

export const chainModel = model({
  name: 'chain',
  input: z
    .strictObject({
      joints: z
        .array(
          toldApart([byStrength, byLine], (joint) =>
            !('strengthN' in joint) && ('onLineN' in joint || 'share' in joint) ? byLine : byStrength,
          ),
        )
        .min(1)
        .max(1000),
      wanted: z.number().int().min(0).optional(),
    })
    .superRefine(({ joints, wanted }, context) => {
      if (wanted !== undefined && wanted >= joints.length)
        broken(context, ['wanted'], `an index below ${joints.length}, the number of joints`);
    }),
  output: chainOutput,
  compute: (input) => strengthChain(input),
});
