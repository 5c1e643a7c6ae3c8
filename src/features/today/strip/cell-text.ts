import type { House } from '@/domain/house';
import { clockOf } from '@/domain/plan/clock';
import type { DayPlan, WaterPlace } from '@/domain/plan/plan';
import type { I18n } from '@/i18n/client';
import { pointOf } from '../compass';

export const CELLS = [
  'water',
  'hours',
  'fish',
  'mood',
  'depths',
  'temperature',
  'clarity',
  'light',
  'wind',
  'current',
  'craft',
  'people',
  'cover',
  'baits',
] as const;
export type CellId = (typeof CELLS)[number];

/** What a cell of the strip says, in as few words as it takes; empty where nothing was said. */
export function cellText(
  i18n: I18n,
  cell: CellId,
  { plan, water, house }: { readonly plan: DayPlan; readonly water: WaterPlace | null; readonly house: House },
): string {
  const { t, format, date } = i18n;
  const { day } = plan;
  const joined = (...words: readonly (string | false | undefined | null)[]) => words.filter(Boolean).join(', ');
  switch (cell) {
    case 'water':
      return water?.name ?? '';
    case 'hours':
      return joined(
        date(new Date(`${plan.date}T12:00:00`)),
        t('today.span', { from: clockOf(plan.hours.fromS), to: clockOf(plan.hours.toS) }),
      );
    case 'fish':
      return joined(plan.species, day.fishKg !== undefined && format(day.fishKg, 'bodyMass'));
    case 'mood':
      return day.mood ? t(`word.${day.mood}`) : '';
    case 'depths':
      return t('today.span', { from: format(day.depthM.from, 'depth'), to: format(day.depthM.to, 'depth') });
    case 'temperature':
      return temperatureText(i18n, day);
    case 'clarity':
      return day.clarity ? t(`word.${day.clarity}`) : '';
    case 'light': {
      if (day.light) return t(`word.${day.light}`);
      if (plan.sky.length > 0)
        return joined(
          ...plan.sky.map(({ fromS, sky }) => t('today.fromHour', { what: t(`word.${sky}`), hour: clockOf(fromS) })),
        );
      return water?.latitudeRad === undefined ? '' : t('today.bySun');
    }
    case 'wind': {
      const [now, later] = plan.wind;
      if (!now) return '';
      const from = `${t(`today.point.${pointOf(now.fromRad)}`)} ${format(now.windMps, 'speed')}`;
      return later
        ? joined(from, t('today.fromHour', { what: format(later.windMps, 'speed'), hour: clockOf(later.fromS) }))
        : from;
    }
    case 'current':
      return joined(
        day.currentMps !== undefined && format(day.currentMps, 'speed'),
        plan.highWaterS !== undefined && t('today.highAt', { hour: clockOf(plan.highWaterS) }),
        plan.waveM !== undefined && plan.waveM > 0 && t('today.waves', { height: format(plan.waveM, 'depth') }),
      );
    case 'craft':
      return day.craftId === null ? t('today.bank') : (house.crafts.find(({ id }) => id === day.craftId)?.name ?? '');
    case 'people':
      return t('today.people', { count: plan.people });
    case 'cover':
      return joined(
        day.cover && t(`cover.${day.cover}`),
        day.bottom && t(`word.${day.bottom}`),
        day.fouling && day.fouling !== 'none' && t('today.weedDrifts'),
        plan.waterFleas && t('today.field.fleas'),
      );
    case 'baits':
      return joined(
        ...plan.baits.map(({ name, lengthM }) => `${name} ${format(lengthM, 'size')}`.trim()),
        ...(day.methods ?? []).map((method) => t(`today.method.${method}`)),
      );
    default:
      return cell satisfies never;
  }
}

function temperatureText({ t, format }: I18n, { surfaceC, deep, profile }: DayPlan['day']): string {
  const deepest = profile?.at(-1) ?? deep;
  return deepest
    ? t('today.onTopDeep', {
        top: format(surfaceC, 'temperature'),
        deep: format(deepest.temperatureC, 'temperature'),
        at: format(deepest.depthM, 'depth'),
      })
    : format(surfaceC, 'temperature');
}
