'use client';

import { useMemo } from 'react';
import type { House } from '@/domain/house';
import { middleS, windAlongMps } from '@/domain/plan/hours';
import type { DayPlan, DaySlot } from '@/domain/plan/plan';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n } from '@/i18n/client';
import type { QuestionOf } from '@/workers/protocol';
import type { SuitedDay } from '../plan/use-suited';

/** A lure that adds this much to the hull's pull is felt with every stroke; against the wind it holds the craft [share]. */
const HEAVY_SHARE = 0.5;

/** What a leg under paddle costs: the pull of hull, lure and wind, and a deep diver into the wind. */
export function LegForce({
  slot,
  suited,
  plan,
  house,
}: {
  readonly slot: DaySlot;
  readonly suited: SuitedDay;
  readonly plan: DayPlan;
  readonly house: House;
}) {
  const { t, format, number } = useI18n();
  const allTowed = suited.ranked.filter(
    ({ id, today }) => slot.setupIds.some((each) => each === id) && today.presentation.kind === 'towed',
  );
  const [towed] = allTowed;
  const craft = house.crafts.find(({ id }) => id === suited.day.craftId);
  const isPaddled = towed?.today.presentation.kind === 'towed' && towed.today.presentation.way === 'paddled';
  const windMps = windAlongMps(plan, slot.courseRad, middleS(slot)) ?? 0;
  const lines = allTowed.length;
  const question = useMemo(
    (): QuestionOf<'paddle'> | null =>
      towed && isPaddled && craft ? { kind: 'paddle', setup: towed.today, lines, windMps } : null,
    [towed, isPaddled, craft, lines, windMps],
  );
  const { last } = useAnswer(question);
  const found = last && last.question === question ? last.answer : null;
  if (!found || !towed) return null;
  return (
    <p className="semi-narrow px-3 pb-1 text-[13px] leading-snug" data-testid="leg-force">
      {t('today.legForce', {
        hull: format(found.hullN, 'force'),
        lures: format(found.luresN, 'force'),
        power: `${number(found.paddlerW, 0)} W`,
      })}
      {windMps < 0 && found.moreShare > HEAVY_SHARE && (
        <strong className="font-semibold"> {t('today.diverHeadwind', { setup: towed.name })}</strong>
      )}
    </p>
  );
}
