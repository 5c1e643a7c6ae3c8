import type { DayConditions } from './day';

/** A day of which nothing was said yet: a mild lake, all depths that are commonly fished. */
export const USUAL_DAY: DayConditions = { surfaceC: 12, depthM: { from: 0.5, to: 12 } };

/** Water colder than this takes a swimmer's breath and strength: care is shown [°C]. */
export const COLD_WATER_C = 15;
