import { z } from 'zod';
import { ROD_ACTIONS, ROD_POWERS, type RodAction, type RodPower } from '@/core/tackle/defaults/rod-classes';
import type { Limits } from '@/core/base/guard';
import { HANG_TEST_LIMITS, PRINTED_LIMITS, ROD_LIMITS } from '@/core/tackle';
import { WATER_LIMITS } from '@/core/water';
import { numberIn } from '../number';
import { broken } from '../problems';
import { toldApart } from '../told-apart';

/** The keys of a defaults table as a Zod enum. */
export const keysOf = <K extends string>(table: Readonly<Record<K, unknown>>) =>
  z.enum(Object.keys(table) as [K, ...K[]]);

const waterConditions = z.strictObject({
  temperatureC: numberIn(WATER_LIMITS.temperatureC),
  salinity: numberIn(WATER_LIMITS.salinity),
});
const waterGiven = z.strictObject({
  densityKgPm3: numberIn(WATER_LIMITS.densityKgPm3),
  viscosityPaS: numberIn(WATER_LIMITS.viscosityPaS),
});
export const waterSchema = toldApart([waterConditions, waterGiven], (input) =>
  'densityKgPm3' in input ? waterGiven : waterConditions,
);

export const powerSchema = keysOf<RodPower>(ROD_POWERS);
export const actionSchema = keysOf<RodAction>(ROD_ACTIONS);

/** Two figures as they are printed on a part, lower first. */
export const rangeOf = (limits: Limits) =>
  z.tuple([numberIn(limits), numberIn(limits)]).superRefine(([lo, hi], context) => {
    if (lo > hi) broken(context, [1], `at least ${lo}`);
  });

export const stiffnessSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('taper'),
    buttEiNm2: numberIn(ROD_LIMITS.buttEiNm2),
    tipRatio: numberIn(ROD_LIMITS.tipRatio),
  }),
  z.strictObject({ kind: z.literal('class'), power: powerSchema, action: actionSchema }),
  z.strictObject({ kind: z.literal('window'), ratingKg: rangeOf(PRINTED_LIMITS.ratingKg), action: actionSchema }),
  z.strictObject({ kind: z.literal('line-class'), lineN: rangeOf(PRINTED_LIMITS.lineN), action: actionSchema }),
  z.strictObject({
    kind: z.literal('hang-test'),
    tipRatio: numberIn(ROD_LIMITS.tipRatio).optional(),
    loads: z
      .array(z.strictObject({ massKg: numberIn(HANG_TEST_LIMITS.massKg), dropM: numberIn(HANG_TEST_LIMITS.dropM) }))
      .min(HANG_TEST_LIMITS.loads.min)
      .max(HANG_TEST_LIMITS.loads.max),
    tipAngleRad: numberIn(HANG_TEST_LIMITS.tipAngleRad).optional(),
  }),
]);

export const rodShape = { lengthM: numberIn(ROD_LIMITS.lengthM), stiffness: stiffnessSchema };
export const rodSchema = z.strictObject(rodShape);

export const fitSchema = z.strictObject({
  buttEiNm2: z.number(),
  tipRatio: z.number(),
  rmsDropM: z.number().nullable(),
  buttEiSd: z.number(),
  tipRatioSd: z.number(),
});
