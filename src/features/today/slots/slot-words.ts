import { houseAdvice, type Advice } from '@/core/decide';
import { commonSpeeds, fitChain, workingSpeeds } from '@/core/rig';
import type { Setup } from '@/core/tackle';
import type { House } from '@/domain/house';
import { clockOf } from '@/domain/plan/clock';
import { middleS, tideNow, windAlongMps } from '@/domain/plan/hours';
import type { DayPlan, DaySlot } from '@/domain/plan/plan';
import type { I18n } from '@/i18n/client';
import type { SuitedDay } from '../plan/use-suited';

/** What is to be known of a slot before it is fished: light and tide, the leg, the house rules, the speed that suits all. */
export function slotWords(
  i18n: I18n,
  slot: DaySlot,
  { plan, suited, house }: { readonly plan: DayPlan; readonly suited: SuitedDay; readonly house: House },
): readonly string[] {
  const { t } = i18n;
  const { day } = suited;
  const tide = tideNow(plan, middleS(slot));
  return [
    ...(day.light ? [t('today.lightIs', { light: t(`word.${day.light}`) })] : []),
    ...(tide
      ? [
          t(`today.tideIs.${tide.stage}`, {
            time: clockOf(tide.since.timeS),
            water: t(`today.tideWater.${tide.since.water}`),
          }),
        ]
      : []),
    ...legWords(i18n, plan, slot),
    ...adviceWords(i18n, houseAdvice(house, day), suited, slot),
    ...speedWords(
      i18n,
      suited.ranked.filter(({ id }) => slot.setupIds.some((each) => each === id)),
    ),
  ];
}

/** How long a leg takes, and the wind along it at its middle. */
function legWords({ t, format }: I18n, plan: DayPlan, slot: DaySlot): readonly string[] {
  if (slot.courseRad === undefined) return [];
  const along = windAlongMps(plan, slot.courseRad, middleS(slot));
  const minutes = Math.round((slot.toS - slot.fromS) / 60);
  return [
    t('today.leg', { minutes }),
    ...(along === null
      ? []
      : [t(along < 0 ? 'today.headwind' : 'today.tailwind', { speed: format(Math.abs(along), 'speed') })]),
  ];
}

/** What the house rules say, as one sentence; of leads only where an attractor is fished. */
function adviceWords(
  i18n: I18n,
  advice: readonly Advice[],
  { ranked }: SuitedDay,
  { setupIds }: DaySlot,
): readonly string[] {
  const hasAttractor = ranked.some(
    ({ id, today: { parts, chain } }) =>
      setupIds.some((each) => each === id) &&
      parts.some((part) => part.kind === 'attractor' && chain.some(({ partId }) => partId === part.id)),
  );
  const said = advice
    .filter(({ code }) => hasAttractor || !code.startsWith('lead-'))
    .map((each) => adviceText(i18n, each));
  return said.length === 0 ? [] : [i18n.t('today.yourRules', { rules: said.join('; ') })];
}

function adviceText({ t, format, number }: I18n, advice: Advice): string {
  switch (advice.code) {
    case 'lead-shorter':
    case 'lead-longer':
      return t(`today.advice.${advice.code}`, {
        by: number(100 * advice.by, 0),
        driven: format(advice.drivenToM, 'distance'),
        own: format(advice.ownToM, 'distance'),
      });
    case 'accent':
      return t('today.advice.accent', { place: t(`today.accent.${advice.side}` as 'today.accent.tail') });
    case 'pace':
      return t(`today.advice.pace-${advice.side}` as 'today.advice.pace-steady');
    case 'look-time':
      return t(`today.advice.look-${advice.side}` as 'today.advice.look-time');
    default:
      return advice satisfies never;
  }
}

/** Speeds at which all that is towed together works. */
function speedWords(
  { t, format }: I18n,
  planned: readonly { readonly name: string; readonly today: Setup }[],
): readonly string[] {
  const windows = planned.flatMap(({ name, today }) =>
    today.presentation.kind === 'cast' ? [] : workingSpeeds(fitChain(today)).map((window) => ({ ...window, name })),
  );
  if (windows.length === 0) return [];
  const { common, oddOne } = commonSpeeds(windows);
  if (!common) return [t('today.noCommonSpeed', { odd: oddOne ?? '–' })];
  if (common.fromMps === 0 && !Number.isFinite(common.toMps)) return [];
  return [
    Number.isFinite(common.toMps)
      ? t('today.speedFromTo', { from: format(common.fromMps, 'speed'), to: format(common.toMps, 'speed') })
      : t('today.speedFrom', { from: format(common.fromMps, 'speed') }),
  ];
}
