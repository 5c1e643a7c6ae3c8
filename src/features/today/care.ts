import type { DayConditions } from '@/domain/day';
import { COLD_WATER_C } from '@/domain/usual-day';
import type { House } from '@/domain/house';

/** A caution of the day; each has its sentence in the catalogue. */
export type Care = 'cold-water' | 'lightning' | 'small-craft' | 'weed' | 'hooks-near' | 'rules-unread' | 'rules';

/** A hull shorter than this heels under a tight drag [m]. */
const SMALL_CRAFT_M = 6;

/** What is to be minded on such a day, the gravest first; local rules and licensed practice decide in any case. */
export function careOf(day: DayConditions, crafts: House['crafts'], sheet: House['sheet']): readonly Care[] {
  const craft = crafts.find(({ id }) => id === day.craftId);
  const afloat = day.craftId !== null;
  return [
    ...(day.surfaceC < COLD_WATER_C && afloat ? (['cold-water'] as const) : []),
    'lightning',
    ...(craft && craft.lengthM < SMALL_CRAFT_M ? (['small-craft'] as const) : []),
    ...(day.fouling && day.fouling !== 'none' ? (['weed'] as const) : []),
    'hooks-near',
    sheet.readOn ? 'rules' : 'rules-unread',
  ];
}
