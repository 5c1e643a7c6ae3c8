'use client';

import { onTheDay } from '@/core/decide';
import { clockOf } from '@/domain/plan/clock';
import { conditionsOf } from '@/domain/plan/hours';
import { useUnpackedSetups } from '@/features/fields/use-unpacked';
import { useI18n } from '@/i18n/client';
import type { TodayPage } from '@/server/queries/today-page';
import { Link } from '@/ui/link';
import { SetupCard } from './setup-card';

/** The cards of a day to print and take aboard: for each setup of each slot its depths, weights, drag and line marks. */
export function DayCards({ setups: packed, plans, waters, asked, house }: TodayPage) {
  const { t, date } = useI18n();
  const setups = useUnpackedSetups(packed);
  const plan = plans.find((each) => each.plan.id === asked)?.plan ?? null;
  const water = waters.find((each) => each.water.id === plan?.waterId)?.water ?? null;
  const shown = plan?.slots.flatMap((slot, i) =>
    slot.setupIds.flatMap((id) => {
      const setup = setups.find((each) => each.id === id);
      return setup ? [{ slot, number: i + 1, setup }] : [];
    }),
  );
  return (
    <main id="main" tabIndex={-1} className="cards mx-auto max-w-5xl px-3 pb-3 pt-3 outline-none print:p-0">
      <div className="mb-2 flex flex-wrap items-center gap-4">
        <h1 className="narrow text-[19px] font-semibold">
          {plan ? plan.name : t('today.cards.title')}
          {plan && (
            <span className="font-normal">
              {' '}
              · {date(new Date(`${plan.date}T12:00:00`), 'full')}
              {water ? ` · ${water.name}` : ''}
            </span>
          )}
        </h1>
        <button
          type="button"
          onClick={() => window.print()}
          className="narrow min-h-9 border border-ink px-3 text-[14px] print:hidden"
        >
          {t('common.print')}
        </button>
        <Link
          href={plan ? `/today?plan=${encodeURIComponent(plan.id)}` : '/today'}
          className="ml-auto text-[14px] underline underline-offset-2 print:hidden"
        >
          {t('nav.today')}
        </Link>
      </div>
      {!plan && <p>{t('today.cards.noPlan')}</p>}
      {plan && shown?.length === 0 && <p>{t('today.cards.noSetups')}</p>}
      <ul className="grid grid-cols-1 border-l border-t border-ink sm:grid-cols-2 print:grid-cols-2">
        {plan &&
          shown?.map(({ slot, number, setup }) => (
            <SetupCard
              key={`${slot.id} ${setup.id}`}
              name={setup.name}
              slot={t('today.cards.slot', {
                number,
                name: slot.name,
                from: clockOf(slot.fromS),
                to: clockOf(slot.toS),
              })}
              setup={onTheDay(setup.file, conditionsOf(plan, slot, water))}
            />
          ))}
      </ul>
      {plan && (
        <p className="semi-narrow mt-2 max-w-[80ch] text-[12.5px] text-dim">
          {t('today.cards.note', { authority: house.sheet.authority ?? '–' })}
        </p>
      )}
    </main>
  );
}
