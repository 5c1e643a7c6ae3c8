import type { TowPoint } from '@/core/afloat';
import type { GearIn } from '@/domain/log/planned';
import { depthAtSpeed } from '@/domain/log/then-at';
import type { LineNow, Trip } from '@/domain/log/trip';
import type { SolvedLine } from '@/domain/spread/solve';
import { clockText } from '@/features/fields/readout';
import type { I18n } from '@/i18n/client';
import type { LogPage } from '@/server/queries/log-page';
import { lineOutText } from '../then-words';
import type { Tile } from './line-tiles';

/** What a line's target says. */
export function tileOf(
  i18n: I18n,
  {
    line,
    number,
    gear,
    now,
    point,
    page,
    solved,
    throughMps,
    nowS,
    trip,
    chosen,
    reminders,
  }: {
    readonly line: string;
    readonly number: number;
    readonly gear: GearIn;
    readonly now: LineNow | null;
    readonly point: TowPoint | null;
    readonly page: Pick<LogPage, 'setups'>;
    readonly solved: ReadonlyMap<string, SolvedLine>;
    readonly throughMps: number | null;
    readonly nowS: number;
    readonly trip: Trip;
    readonly chosen: string | null;
    readonly reminders: Readonly<Record<string, number>>;
  },
): Tile {
  const { t, format } = i18n;
  const state = now?.state ?? 'planned';
  const own = solved.get(line);
  const depthM = own ? (throughMps === null ? own.depthM : depthAtSpeed(own.depthsAt, throughMps)) : null;
  const setup = page.setups.find(({ id }) => id === gear.setupId)?.name ?? '–';
  const lure = now?.gear.changed.lure?.name ?? setup;
  const colour = now?.gear.changed.colour?.name;
  const strike = trip.strikes.findLast((each) => each.line === line);
  const remindMin = reminders[line];
  const isDue = remindMin !== undefined && state === 'fishing' && nowS - now!.sinceS > remindMin * 60;
  const third = (): string => {
    if (isDue) return t('log.checkWeed');
    switch (state) {
      case 'fought':
        return t('log.strikeShort', { time: clockText(i18n, strike?.atS ?? now!.sinceS) });
      case 'fouled':
        return t('log.touchClean');
      case 'out':
        return t('log.touchBack');
      case 'planned':
        return t('log.touchOut');
      case 'fishing':
        return inText(i18n, nowS - now!.sinceS);
      default:
        return state satisfies never;
    }
  };
  const second = (): string => {
    if (state === 'fouled') return t('log.weed');
    if (state === 'out') return t('log.isOut');
    if (depthM !== null) return t('log.deep', { depth: format(depthM, 'depth') });
    return lineOutText(i18n, gear) ?? (state === 'planned' ? t('log.isOut') : t('log.isIn'));
  };
  return {
    line,
    number,
    name: colour ? t('log.coloured', { lure, colour }) : lure,
    state,
    second: second(),
    third: third(),
    point,
    isChosen: chosen === line,
  };
}

/** "48 min in", "1 h 10 in". */
export function inText({ t }: Pick<I18n, 't'>, forS: number): string {
  const min = Math.max(0, Math.floor(forS / 60));
  return min < 60
    ? t('log.minIn', { min })
    : t('log.hoursIn', { h: Math.floor(min / 60), min: String(min % 60).padStart(2, '0') });
}
