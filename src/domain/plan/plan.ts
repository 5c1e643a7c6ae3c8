import { z } from 'zod';
import { SUN_LIMITS } from '@/core/decide';
import { WATER_LIMITS } from '@/core/water';
import { dayConditionsSchema } from '../day';
import { planIdSchema, setupIdSchema, waterIdSchema } from '../ids';
import { numberIn } from '../number';
import { PRESENTATION_LIMITS as L } from '../presentation-limits';
import { broken } from '../problems';
import { BAIT_LIMITS, MOST, PLAN_LIMITS as P } from './plan-limits';

const text = (max: number) => z.string().trim().max(max);
const hour = numberIn(P.hourS);
const direction = numberIn(P.directionRad);

/** One of the user's own waters, with what is usual there. */
export const waterPlaceSchema = z.strictObject({
  id: waterIdSchema,
  name: text(60).min(1),
  salinity: numberIn(WATER_LIMITS.salinity),
  latitudeRad: numberIn(SUN_LIMITS.latitudeRad).optional(),
  longitudeRad: numberIn(SUN_LIMITS.longitudeRad).optional(),
  bottomM: numberIn(L.bottomM).optional(),
  bottom: dayConditionsSchema.shape.bottom,
  clarity: dayConditionsSchema.shape.clarity,
});

export type WaterPlace = z.infer<typeof waterPlaceSchema>;

const slotSchema = z
  .strictObject({
    id: z.string().min(1).max(64),
    name: text(60).min(1),
    fromS: hour,
    toS: hour,
    /** what differs from the day in this slot */
    now: dayConditionsSchema.omit({ surfaceC: true }).partial(),
    /** where the boat is paddled or trolled to, clockwise from north; a slot with a course is a leg */
    courseRad: direction.optional(),
    setupIds: z.array(setupIdSchema).max(MOST.setups),
    fallback: z.strictObject({ byS: hour, words: text(200) }).optional(),
  })
  .superRefine(({ fromS, toS }, context) => {
    if (toS <= fromS) broken(context, ['toS'], `more than fromS = ${fromS}`);
  });

/** A day as it is planned: what is known of it, hour by hour, and which setups it is fished with. */
export const planSchema = z.strictObject({
  id: planIdSchema,
  name: text(120),
  date: z.iso.date(),
  waterId: waterIdSchema.nullable(),
  hours: z.strictObject({ fromS: hour, toS: hour }).superRefine(({ fromS, toS }, context) => {
    if (toS <= fromS) broken(context, ['toS'], `more than fromS = ${fromS}`);
  }),
  day: dayConditionsSchema,
  /** clouds from an hour on, in order; before the first it is bright */
  sky: z.array(z.strictObject({ fromS: hour, sky: z.enum(['bright', 'overcast']) })).max(MOST.changes),
  /** wind from an hour on, in order, and where it comes from, clockwise from north */
  wind: z.array(z.strictObject({ fromS: hour, windMps: numberIn(P.windMps), fromRad: direction })).max(MOST.changes),
  /** one high water of the day */
  highWaterS: numberIn(P.hourS).optional(),
  waveM: numberIn(P.waveM).optional(),
  waterFleas: z.boolean(),
  species: text(120),
  people: z.number().int().min(1).max(MOST.people),
  baits: z.array(z.strictObject({ name: text(60), lengthM: numberIn(BAIT_LIMITS) })).max(MOST.baits),
  slots: z.array(slotSchema).max(MOST.slots),
  /** cells of the strip that were said for this day; the others are kept from the day before */
  said: z.array(z.string().max(20)).max(40),
});

export type DayPlan = z.infer<typeof planSchema>;
export type DaySlot = DayPlan['slots'][number];
