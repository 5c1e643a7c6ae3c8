import type { PlanId } from '../ids';
import { USUAL_DAY } from '../usual-day';
import type { DayPlan } from './plan';

const HOUR_S = 3600;

/** The id of a plan that was not kept yet. */
export const NEW_PLAN = 'new' as PlanId;

/** A day of which nothing was said yet. */
export const usualPlan = (date: string): DayPlan => ({
  id: NEW_PLAN,
  name: '',
  date,
  waterId: null,
  hours: { fromS: 7 * HOUR_S, toS: 19 * HOUR_S },
  day: USUAL_DAY,
  sky: [],
  wind: [],
  waterFleas: false,
  species: '',
  people: 1,
  baits: [],
  slots: [],
  said: [],
});

/** Another day like this one: all that was said is kept, and counts as said before. */
export const nextDay = (plan: DayPlan, date: string): DayPlan => ({ ...plan, id: NEW_PLAN, date, said: [] });
