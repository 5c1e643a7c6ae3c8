import { z } from 'zod';
import { spread, SPREAD_LIMITS as S, type SpreadLine } from '@/core/afloat';
import { numberIn } from '../number';
import { toldApart } from '../told-apart';
import { model } from './model';

const place = numberIn(S.placeM);
const point = z.tuple([place, place, place]);
const profile = z.array(z.tuple([place, place])).min(2);
const lineFields = {
  name: z.string().min(1).max(120),
  profileM: profile,
  offsetM: place.optional(),
  turnProfileM: profile.optional(),
  depthsAt: z
    .array(z.strictObject({ speedMps: numberIn(S.speedMps), zM: z.array(place) }))
    .min(1)
    .optional(),
  depthSdM: numberIn(S.depthSdM).optional(),
};
const fromTip = z.strictObject({ ...lineFields, tipM: point });
const after = z.strictObject({ ...lineFields, after: z.string() });
export const spreadLineSchema = toldApart([fromTip, after], (input) => ('after' in input ? after : fromTip));

const xyz = z.tuple([z.number(), z.number(), z.number()]).readonly();
export const pairOfNames = z.tuple([z.string(), z.string()]).readonly();
const tightest = z.discriminatedUnion('outcome', [
  z.strictObject({ outcome: z.literal('ok'), radiusM: z.number(), because: z.array(z.string()).readonly() }),
  z.strictObject({ outcome: z.literal('any') }),
  z.strictObject({ outcome: z.literal('too-close-straight'), because: z.array(z.string()).readonly() }),
]);
const side = z.enum(['port', 'starboard']);

export const spreadModel = model({
  name: 'spread',
  input: z.strictObject({
    lines: z.array(spreadLineSchema).min(S.lines.min).max(S.lines.max),
    clearM: numberIn(S.clearM).optional(),
    speedMps: numberIn(S.speedMps).optional(),
    turn: z.strictObject({ radiusM: numberIn(S.radiusM), side }).optional(),
  }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    lines: z
      .array(
        z.strictObject({
          name: z.string(),
          lureM: xyz,
          turn: z
            .strictObject({
              outcome: z.enum(['ok', 'goes-slack']),
              lureM: xyz.nullable(),
              radiusM: z.number().nullable(),
              speedMps: z.number().nullable(),
            })
            .nullable(),
        }),
      )
      .readonly(),
    pairs: z
      .array(
        z.strictObject({
          a: z.string(),
          b: z.string(),
          straightM: z.number().nullable(),
          crosses: z.boolean(),
          turnM: z.number().nullable(),
          turnCrosses: z.boolean().nullable(),
        }),
      )
      .readonly(),
    closest: z
      .strictObject({
        a: z.string(),
        b: z.string(),
        distanceM: z.number(),
        in: z.enum(['straight', 'turn']),
      })
      .nullable(),
    tooClose: z.array(pairOfNames).readonly(),
    tightest: z.strictObject({ port: tightest, starboard: tightest }),
  }),
  compute: ({ lines, ...rest }) => spread({ ...rest, lines: lines as readonly SpreadLine[] }),
});
