import {
  lightAt,
  noonS,
  sunHeightRad,
  tideAt,
  type DayConditions,
  type Light,
  type Sky,
  type SunDay,
  type TideNow,
} from '@/core/decide';
import type { DayPlan, DaySlot, WaterPlace } from './plan';

const MINUTE_MS = 60_000;

/** Day of the year of an ISO date, 1 on the first of January. */
export function dayOfYear(date: string): number {
  const at = new Date(`${date}T00:00:00Z`);
  return Math.round((at.getTime() - Date.UTC(at.getUTCFullYear(), 0, 1)) / 86_400_000) + 1;
}

/** How far this machine's clock is ahead of universal time on a date [s]: summer time is in it. */
const clockAheadS = (date: string): number => (-new Date(`${date}T12:00:00`).getTimezoneOffset() * MINUTE_MS) / 1000;

/** The sun over a water on a date; null where its latitude is not known. Without a longitude it is highest at twelve. */
export function sunOver(water: WaterPlace | null, date: string): SunDay | null {
  if (water?.latitudeRad === undefined) return null;
  const day = dayOfYear(date);
  return {
    latitudeRad: water.latitudeRad,
    dayOfYear: day,
    noonS: water.longitudeRad === undefined ? 43_200 : noonS(water.longitudeRad, clockAheadS(date), day),
  };
}

/** What holds at an instant, of a list of changes in order; null before the first. */
const lastBefore = <T extends { readonly fromS: number }>(changes: readonly T[], atS: number): T | null =>
  changes.findLast(({ fromS }) => fromS <= atS) ?? null;

export const skyAt = ({ sky }: Pick<DayPlan, 'sky'>, atS: number): Sky => lastBefore(sky, atS)?.sky ?? 'bright';

export const windAt = ({ wind }: Pick<DayPlan, 'wind'>, atS: number): DayPlan['wind'][number] | null =>
  lastBefore(wind, atS) ?? wind[0] ?? null;

/** Wind along a course at an instant, from behind positive [m/s]; null where wind or course is not known. */
export function windAlongMps(plan: Pick<DayPlan, 'wind'>, courseRad: number | undefined, atS: number): number | null {
  const wind = windAt(plan, atS);
  return wind === null || courseRad === undefined ? null : -wind.windMps * Math.cos(wind.fromRad - courseRad);
}

export const tideNow = ({ highWaterS }: Pick<DayPlan, 'highWaterS'>, atS: number): TideNow | null =>
  highWaterS === undefined ? null : tideAt(highWaterS, atS);

export const middleS = ({ fromS, toS }: { readonly fromS: number; readonly toS: number }): number => (fromS + toS) / 2;

/** Light on the water at an instant; undefined where the sun is not known. */
function lightOver(plan: DayPlan, water: WaterPlace | null, atS: number): Light | undefined {
  const sun = sunOver(water, plan.date);
  return sun ? lightAt(sunHeightRad(sun, atS), skyAt(plan, atS)) : undefined;
}

/**
 * Conditions of a slot, or of the whole day: what was said of the day, the slot's own instead where it has any, the light at
 * the middle of it by the sun, and the share of the greatest stream that the tide leaves then.
 */
export function conditionsOf(plan: DayPlan, slot: DaySlot | null, water: WaterPlace | null): DayConditions {
  const { day, baits } = plan;
  const lengths = baits.map(({ lengthM }) => lengthM);
  const said: DayConditions = {
    ...day,
    ...(water ? { salinity: water.salinity } : {}),
    ...(lengths.length === 0 ? {} : { baitM: { from: Math.min(...lengths), to: Math.max(...lengths) } }),
  };
  if (!slot) return said;
  const atS = middleS(slot);
  const tide = tideNow(plan, atS);
  return {
    ...said,
    ...(day.light === undefined ? { light: lightOver(plan, water, atS) } : {}),
    ...(tide && day.currentMps !== undefined ? { currentMps: day.currentMps * tide.streamShare } : {}),
    ...saidOf(slot.now),
  };
}

/** What was said of a slot; what was said and taken back is the day's again. */
const saidOf = <T extends object>(now: T): { [K in keyof T]: Exclude<T[K], undefined> } =>
  Object.fromEntries(Object.entries(now).filter(([, value]) => value !== undefined)) as {
    [K in keyof T]: Exclude<T[K], undefined>;
  };
