import { z } from 'zod';
import { CAST_LIMITS } from '@/core/strike';
import {
  GRIP_LENGTH_M,
  ROD_FAMILY_NAMES,
  ROD_POWERS,
  type RodHandle,
  type RodPower,
} from '@/core/tackle/defaults/rod-classes';
import { familyOf, LINE_LIMITS, PRINTED_LIMITS, ROD_LIMITS, resolveRod } from '@/core/tackle';
import { actionSchema, keysOf, powerSchema, rangeOf } from '../contract/shared';
import { broken } from '../problems';
import { quantity } from '../quantity';
import { partBase } from './base';
import { DEFAULT_CLASSES } from '@/core/tackle/defaults/classes';
import { CLASS_WINDOWS, ROD_LENGTHS } from '@/core/tackle/defaults/part-classes';
import { rodOf } from '@/core/rig';
import { givenRow, kindOfPart, ofClass, type GivenPart } from './kind-of-part';

/** Printed length from a short ice rod to the longest pole; what the hands cover comes off it. */
const overall = { min: 0.5, max: 15 };

const schema = z
  .strictObject({
    ...partBase,
    kind: z.literal('rod'),
    mount: z.enum(['cast', 'spin', 'trolling', 'boat']),
    /** where the label does not tell it */
    family: z.enum(ROD_FAMILY_NAMES).optional(),
    handle: keysOf<RodHandle>(GRIP_LENGTH_M),
    lengthM: quantity('m', overall),
    workingLengthM: quantity('m', ROD_LIMITS.lengthM).optional(),
    stiffness: z.discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('class'), power: powerSchema, action: actionSchema }),
      z.strictObject({
        kind: z.literal('window'),
        action: actionSchema,
        ratingKg: rangeOf(PRINTED_LIMITS.ratingKg).optional(),
      }),
      z.strictObject({
        kind: z.literal('line-class'),
        action: actionSchema,
        lineN: rangeOf(PRINTED_LIMITS.lineN).optional(),
      }),
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
  .superRefine(({ rating, lineLoN, lineHiN, stiffness }, context) => {
    if (stiffness.kind === 'window' && !stiffness.ratingKg && (!rating || rating.loKg.provenance === 'class'))
      broken(context, ['rating'], 'the lure window on the label, since the stiffness is taken from it');
    if (stiffness.kind === 'line-class' && !stiffness.lineN && (!lineHiN || lineHiN.provenance === 'class'))
      broken(context, ['lineHiN'], 'the upper line on the label, since the stiffness is taken from it');
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
  packetSays: ['mount', 'stiffness.power', 'stiffness.action'],
});

function rodFields(given: GivenPart) {
  const mount = givenRow(given, 'mount', ROD_LENGTHS, 'spin');
  const base = {
    mount,
    handle: mount === 'spin' ? 'one-handed' : 'two-handed',
    lengthM: ofClass(ROD_LENGTHS[mount], 'm', 0.1),
  };
  const stiffness = { kind: printedKind(given), action: USUAL_ACTION[mount], ...(given['stiffness'] ?? {}) } as {
    readonly kind: string;
    readonly power?: string;
  };
  if (stiffness.kind !== 'class') return { ...base, stiffness, rating: null };
  const power = givenRow({ ...given, power: stiffness.power }, 'power', ROD_POWERS, 'medium');
  const rated = schema.safeParse({ ...base, ...given, stiffness: { ...stiffness, power }, rating: null }).data;
  return { ...base, stiffness: { ...stiffness, power }, rating: rated ? classWindow(rated, power) : null };
}

/** What the label tells the power by where no word was read. */
function printedKind(given: GivenPart): 'class' | 'window' | 'line-class' {
  if (typeof given['stiffness'] === 'object' && given['stiffness'] && 'power' in given['stiffness']) return 'class';
  return given['rating'] ? 'window' : given['lineHiN'] ? 'line-class' : 'class';
}

/** Rods that stand in a holder and bend there are slower. */
const USUAL_ACTION = { cast: 'fast', spin: 'fast', trolling: 'moderate', boat: 'moderate-fast' } as const;

/** The window that rods of a power and family usually carry; null where they are not cast. */
function classWindow(rod: z.infer<typeof schema>, power: RodPower) {
  const row = CLASS_WINDOWS[familyOf(rod).family];
  return row ? { loKg: ofClass(row[power][0], 'kg'), hiKg: ofClass(row[power][1], 'kg') } : null;
}
