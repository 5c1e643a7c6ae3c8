import { z } from 'zod';
import { DAY_LIMITS as D, METHODS } from '@/core/decide';
import { COVERS, type Cover } from '@/core/tackle/defaults/hookset-classes';
import { FOULING, type Fouling } from '@/core/tackle/defaults/tow-classes';
import { WATER_LIMITS } from '@/core/water';
import { keysOf } from './contract/shared';
import { numberIn } from './number';
import { MOST_IN_PROFILE } from './plan/plan-limits';
import { PRESENTATION_LIMITS as L } from './presentation-limits';
import { broken } from './problems';

const span = z.strictObject({ from: numberIn(D.depthM), to: numberIn(D.depthM) });

/** A day, or one slot of it, as it is sent and kept. */
export const dayConditionsSchema = z.strictObject({
  surfaceC: numberIn(D.temperatureC),
  deep: z.strictObject({ temperatureC: numberIn(D.temperatureC), depthM: numberIn(D.depthM) }).optional(),
  profile: z
    .array(z.strictObject({ depthM: numberIn(D.depthM), temperatureC: numberIn(D.temperatureC) }))
    .max(MOST_IN_PROFILE)
    .superRefine((points, context) => {
      const at = points.findIndex(({ depthM }, i) => i > 0 && depthM <= points[i - 1]!.depthM);
      if (at > 0) broken(context, [at, 'depthM'], `more than ${points[at - 1]!.depthM}`);
    })
    .readonly()
    .optional(),
  salinity: numberIn(WATER_LIMITS.salinity).optional(),
  depthM: span,
  bottomM: numberIn(L.bottomM).optional(),
  currentMps: numberIn(L.currentMps).optional(),
  speedMps: span.optional(),
  fishKg: numberIn({ ...L.fishKg, min: 0.01 }).optional(),
  baitM: span.optional(),
  methods: z.array(z.enum(METHODS)).max(METHODS.length).readonly().optional(),
  cover: keysOf<Cover>(COVERS).optional(),
  fouling: keysOf<Fouling>(FOULING).optional(),
  clarity: z.enum(['clear', 'stained', 'murky']).optional(),
  light: z.enum(['bright', 'overcast', 'dusk', 'dark']).optional(),
  mood: z.enum(['active', 'neutral', 'wary']).optional(),
  bottom: z.enum(['rock', 'sand', 'mud', 'weed']).optional(),
  craftId: z.string().max(64).nullable().optional(),
});

export type DayConditions = z.infer<typeof dayConditionsSchema>;
