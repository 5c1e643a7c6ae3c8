import { z } from 'zod';
import { CAST_LIMITS } from '@/core/cast';
import { GRIP_LENGTH_M, type RodHandle } from '@/core/defaults/rod-classes';
import { ROD_LIMITS } from '@/core/rod';
import { actionSchema, keysOf, powerSchema } from '../contract/shared';
import { broken } from '../problems';
import { quantity } from '../quantity';
import { partBase } from './base';

/** Printed length from a short ice rod to the longest pole; what the hands cover comes off it. */
const overall = { min: 0.5, max: 15 };

export const rodPartSchema = z
  .strictObject({
    ...partBase,
    kind: z.literal('rod'),
    mount: z.enum(['cast', 'spin']),
    handle: keysOf<RodHandle>(GRIP_LENGTH_M),
    lengthM: quantity('m', overall),
    workingLengthM: quantity('m', ROD_LIMITS.lengthM).optional(),
    stiffness: z.discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('class'), power: powerSchema, action: actionSchema }),
      z.strictObject({ kind: z.literal('taper'), buttEiNm2: quantity('N·m²', ROD_LIMITS.buttEiNm2), tipRatio: quantity('1', ROD_LIMITS.tipRatio) }),
    ]),
    rating: z.strictObject({ loKg: quantity('kg', CAST_LIMITS.ratingKg), hiKg: quantity('kg', CAST_LIMITS.ratingKg) }).nullable(),
  })
  .superRefine(({ rating }, context) => {
    if (rating && rating.loKg.value > rating.hiKg.value) broken(context, ['rating', 'hiKg', 'value'], `at least rating.loKg = ${rating.loKg.value}`);
  });
