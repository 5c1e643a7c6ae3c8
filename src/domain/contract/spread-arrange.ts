import { z } from 'zod';
import { arrange, ARRANGE_LIMITS as A, SPREAD_LIMITS as S, type SpreadLine } from '@/core/afloat';
import { finish } from '@/core/decide';
import { numberIn } from '../number';
import { model } from './model';
import { pairOfNames, spreadLineSchema } from './spread';

const name = z.string().min(1).max(120);

export const spreadArrangeModel = model({
  name: 'spread-arrange',
  input: z.strictObject({
    lines: z
      .array(
        z.strictObject({
          name,
          options: z
            .array(
              z.strictObject({
                position: name,
                chain: z.array(spreadLineSchema).min(A.chain.min).max(A.chain.max),
              }),
            )
            .min(A.options.min)
            .max(A.options.max),
          pinned: z.number().int().min(0).optional(),
        }),
      )
      .min(A.lines.min)
      .max(A.lines.max),
    fixed: z.array(spreadLineSchema).max(A.fixed.max).optional(),
    clearM: numberIn(S.clearM).optional(),
    speedMps: numberIn(S.speedMps).optional(),
    radiusM: numberIn(S.radiusM).optional(),
  }),
  output: z.strictObject({
    outcome: z.enum(['ok', 'too-close', 'no-place']),
    choice: z
      .array(z.strictObject({ name: z.string(), option: z.number().int(), position: z.string() }))
      .readonly()
      .nullable(),
    leastM: z.number().nullable(),
    because: z
      .strictObject({
        pair: pairOfNames,
        in: z.enum(['straight', 'port', 'starboard']),
        radiusM: z.number().nullable(),
      })
      .nullable(),
  }),
  compute: ({ lines, fixed, ...rest }) =>
    finish(
      arrange({
        ...rest,
        lines: lines.map((line) => ({
          ...line,
          options: line.options.map((option) => ({ ...option, chain: option.chain as readonly SpreadLine[] })),
        })),
        fixed: fixed as readonly SpreadLine[] | undefined,
      }),
    ),
});
