import { z } from 'zod';
import { CAST_LIMITS } from '@/core/strike';
import { GRIP_LENGTH_M, type RodHandle } from '@/core/tackle/defaults/rod-classes';
import { LINE_LIMITS, ROD_LIMITS, resolveRod } from '@/core/tackle';
import { actionSchema, keysOf, powerSchema } from '../contract/shared';
import { broken } from '../problems';
import { quantity } from '../quantity';
import { partBase } from './base';
import { DEFAULT_CLASSES } from '@/core/tackle/defaults/classes';
import { POWER_RATINGS, ROD_LENGTHS } from '@/core/tackle/defaults/part-classes';
import { rodOf } from '@/core/rig';
import { givenRow, kindOfPart, ofClass, type GivenPart } from './kind-of-part';

/** Printed length from a short ice rod to the longest pole; what the hands cover comes off it. */
const overall = { min: 0.5, max: 15 };

const schema = z
  .strictObject({
    ...partBase,
    kind: z.literal('rod'),
    mount: z.enum(['cast', 'spin', 'trolling', 'boat']),
    handle: keysOf<RodHandle>(GRIP_LENGTH_M),
    lengthM: quantity('m', overall),
    workingLengthM: quantity('m', ROD_LIMITS.lengthM).optional(),
    stiffness: z.discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('class'), power: powerSchema, action: actionSchema }),
      z.strictObject({
        kind: z.literal('taper'),
        buttEiNm2: quantity('N·m²', ROD_LIMITS.buttEiNm2),
        tipRatio: quantity('1', ROD_LIMITS.tipRatio),
      }),
    ]),
    handleLengthM: quantity('m', { min: 0.05, max: 3 }).optional(),
    massKg: quantity('kg', { min: 0.02, max: 5 }).optional(),
    lineLoN: quantity('N', LINE_LIMITS.strengthN).optional(),
    lineHiN: quantity('N', LINE_LIMITS.strengthN).optional(),
    guides: z.enum(['ceramic', 'hard-ceramic', 'steel-rings', 'rollers']).optional(),
    tip: z.enum(['ring-tip', 'swivel-tip', 'roller-tip', 'wide-tip']).optional(),
    missShare: quantity('1', { min: 0, max: 1 }).optional(),
    sections: z.number().int().min(1).max(12).optional(),
    rating: z
      .strictObject({ loKg: quantity('kg', CAST_LIMITS.ratingKg), hiKg: quantity('kg', CAST_LIMITS.ratingKg) })
      .nullable(),
  })
  .superRefine(({ rating, lineLoN, lineHiN }, context) => {
    if (lineLoN && lineHiN && lineLoN.value > lineHiN.value)
      broken(context, ['lineHiN', 'value'], `at least lineLoN = ${lineLoN.value}`);
    if (rating && rating.loKg.value > rating.hiKg.value)
      broken(context, ['rating', 'hiKg', 'value'], `at least rating.loKg = ${rating.loKg.value}`);
  });

export const rod = kindOfPart({
  schema,
  classFields: rodFields,
  place: (part) => ['', resolveRod(rodOf(part, DEFAULT_CLASSES)).buttEiNm2],
  guides: ['hang-test', 'set-test', 'accuracy-test', 'weigh'],
  called: ['rod', 'caña'],
});

function rodFields(given: GivenPart) {
  const mount = givenRow(given, 'mount', ROD_LENGTHS, 'spin');
  const stiffness = { kind: 'class', power: 'medium', action: 'fast', ...(given['stiffness'] ?? {}) } as {
    power: string;
  };
  const rating = POWER_RATINGS[stiffness.power as keyof typeof POWER_RATINGS] as readonly [number, number] | undefined;
  return {
    mount,
    handle: mount === 'spin' ? 'one-handed' : 'two-handed',
    lengthM: ofClass(ROD_LENGTHS[mount], 'm', 0.1),
    stiffness,
    rating: rating ? { loKg: ofClass(rating[0], 'kg'), hiKg: ofClass(rating[1], 'kg') } : null,
  };
}
