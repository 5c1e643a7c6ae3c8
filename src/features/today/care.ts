import type { DayConditions } from '@/domain/day';
import type { House } from '@/domain/house';
import type { DayPlan } from '@/domain/plan/plan';
import { beyondCraft, type Load } from '@/domain/plan/load';
import { COLD_WATER_C } from '@/domain/usual-day';

/** A caution of the day, with the facts of its sentence; each code has one in the catalogues. */
export interface Care {
  readonly code:
    | 'cold-water'
    | 'lightning'
    | 'small-craft'
    | 'waves'
    | 'weed'
    | 'fleas'
    | 'hooks-near'
    | 'crew-near'
    | 'too-many-rods'
    | 'rods-allowed'
    | 'load-rods'
    | 'load-mass'
    | 'load-bulk'
    | 'rules-unread'
    | 'rules';
  readonly facts: Readonly<Record<string, number>>;
}

/** A hull shorter than this heels under a tight drag [m]. */
const SMALL_CRAFT_M = 6;
/** Waves beyond this share of the gunwale's height slop into an open boat that lies across them. */
const WAVE_SHARE = 0.7;

export interface CareInput {
  readonly plan: Pick<DayPlan, 'people' | 'waterFleas' | 'waveM'>;
  readonly day: DayConditions;
  readonly house: Pick<House, 'crafts' | 'sheet'>;
  /** what goes along */
  readonly load: Load;
}

/** What is to be minded on such a day, the gravest first; local rules and licensed practice decide in any case. */
export function careOf({ plan, day, house: { crafts, sheet }, load }: CareInput): readonly Care[] {
  const craft = crafts.find(({ id }) => id === day.craftId);
  const afloat = day.craftId !== null;
  const allowed = sheet.rodsPerPerson === undefined ? null : sheet.rodsPerPerson * plan.people;
  const when = (holds: boolean, code: Care['code'], facts: Care['facts'] = {}): readonly Care[] =>
    holds ? [{ code, facts }] : [];
  const beyond = craft ? beyondCraft(load, craft) : [];
  return [
    ...when(day.surfaceC < COLD_WATER_C && afloat, 'cold-water'),
    ...when(craft !== undefined && (plan.waveM ?? 0) > WAVE_SHARE * (craft?.freeboardM ?? 0), 'waves', {
      waveM: plan.waveM ?? 0,
      freeboardM: craft?.freeboardM ?? 0,
    }),
    ...when(true, 'lightning'),
    ...when(craft !== undefined && craft.lengthM < SMALL_CRAFT_M, 'small-craft'),
    ...when(allowed !== null && load.rods > allowed, 'too-many-rods', { rods: load.rods, allowed: allowed ?? 0 }),
    ...when(beyond.includes('rods'), 'load-rods', { rods: load.rods, most: craft?.carriesRods ?? 0 }),
    ...when(beyond.includes('mass'), 'load-mass', { massKg: load.massKg, mostKg: craft?.carriesKg ?? 0 }),
    ...when(beyond.includes('bulk'), 'load-bulk', { longestM: load.longestM }),
    ...when(day.fouling !== undefined && day.fouling !== 'none', 'weed'),
    ...when(plan.waterFleas, 'fleas'),
    ...when(true, plan.people > 1 ? 'crew-near' : 'hooks-near'),
    ...when(allowed !== null && load.rods > 0 && load.rods <= allowed, 'rods-allowed', {
      rods: load.rods,
      allowed: allowed ?? 0,
    }),
    ...when(true, sheet.readOn ? 'rules' : 'rules-unread'),
  ];
}
