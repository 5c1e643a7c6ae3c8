'use client';

import dynamic from 'next/dynamic';
import { useEffect, useRef } from 'react';
import { VERDICT_NAMES } from '@/core/judge';
import type { DaySlot } from '@/domain/plan/plan';
import { MARK_SHAPE, MEASURE_OF_UNIT } from '@/features/fields/shown-as';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { verdictText } from '@/i18n/setup-text';
import { keepInView } from '@/ui/keep-in-view';
import { Mark, type MarkShape } from '@/ui/mark';
import type { SuitedDay, SuitedSetup } from '../plan/use-suited';
import type { Today } from '../use-today';
import { because } from './because';

// What says a change reads parts by their schema; nobody needs it before a setup is looked at.
const Mending = dynamic(() => import('./mending').then((m) => m.Mending), { loading: () => null });

const SHAPE = {
  suits: MARK_SHAPE.sound,
  goes: MARK_SHAPE.edge,
  fails: MARK_SHAPE.fails,
  outside: MARK_SHAPE['cant-tell'],
} as const satisfies Record<SuitedSetup['standing'], MarkShape>;

export interface SetupRowsProps {
  readonly suited: SuitedDay;
  /** null: the whole day, with all five marks */
  readonly slot: DaySlot | null;
  readonly today: Today;
  readonly onOpen: (id: string) => void;
}

/** The setups of a slot as they are ranked, each with what decides, and why. */
export function SetupRows({ suited, slot, today, onOpen }: SetupRowsProps) {
  const { t } = useI18n();
  const isIn = (id: string) => slot?.setupIds.some((each) => each === id) ?? false;
  return (
    <ol aria-label={slot?.name ?? t('today.suits')} className="min-h-0 flex-1 lg:overflow-y-auto">
      {suited.ranked.map((setup) => (
        <Row
          key={setup.id}
          setup={setup}
          slot={slot}
          isIn={isIn(setup.id)}
          isOn={suited === today.shown && setup.id === today.chosen?.id}
          today={today}
          onOpen={onOpen}
        />
      ))}
      {suited.refused.length > 0 && (
        <li className="semi-narrow border-t border-faint px-3 py-1 text-[13px]">
          {t('today.refused', { names: suited.refused.map((id) => today.nameOf(id) ?? '–').join(', ') })}
        </li>
      )}
    </ol>
  );
}

function Row({
  setup,
  slot,
  isIn,
  isOn,
  today,
  onOpen,
}: {
  readonly setup: SuitedSetup;
  readonly slot: DaySlot | null;
  readonly isIn: boolean;
  readonly isOn: boolean;
  readonly today: Today;
  readonly onOpen: (id: string) => void;
}) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const row = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (isOn && row.current) keepInView(row.current);
  }, [isOn]);
  const { decides, standing, today: file } = setup;
  const rod = file.parts.find((part) => part.kind === 'rod' && file.chain.some(({ partId }) => partId === part.id));
  const verdictName = (name: (typeof VERDICT_NAMES)[number]) => verdictText(i18n, name, file.presentation.kind);
  return (
    <li
      ref={row}
      data-standing={standing}
      data-state={isIn ? 'planned' : 'open'}
      aria-current={isOn ? 'true' : undefined}
      className={`border-t border-faint px-3 py-1 ${isOn ? 'bg-hi text-on-hi' : ''}`}
    >
      <div className="flex items-center gap-x-2">
        <Mark shape={SHAPE[standing]} size={13} />
        <button
          type="button"
          onClick={() => (isOn ? onOpen(setup.id) : today.select(setup.id, slot?.id ?? null))}
          className="narrow min-h-8 min-w-0 flex-1 truncate text-left text-[15px] font-semibold lg:min-h-6"
        >
          {setup.name}
        </button>
        {!slot && (
          <ul className="narrow hidden flex-wrap gap-x-3 text-[12.5px] sm:flex" aria-label={t('today.marks')}>
            {VERDICT_NAMES.map((name) => (
              <li key={name} className="flex items-center gap-1">
                <Mark shape={MARK_SHAPE[setup.marks[name]]} size={11} /> {verdictName(name)}
                <span className="sr-only">{t(`mark.${setup.marks[name]}`)}</span>
              </li>
            ))}
          </ul>
        )}
        <span className="narrow whitespace-nowrap text-right text-[14px]">
          {decides.value === null
            ? ''
            : `${verdictName(decides.verdict)} ${format(decides.value, MEASURE_OF_UNIT[decides.unit])}`}
        </span>
        {slot && (
          <button
            type="button"
            aria-pressed={isIn}
            aria-label={t(isIn ? 'today.takeOut' : 'today.putIn', { setup: setup.name, slot: slot.name })}
            onClick={() => today.toggle(setup.id, slot)}
            className="narrow size-8 shrink-0 border border-current text-[15px] leading-none lg:size-6"
          >
            {isIn ? '−' : '+'}
          </button>
        )}
      </div>
      <p className={`semi-narrow pl-[21px] text-[13.5px] leading-snug ${isOn ? '' : 'text-dim'}`}>
        {[
          ...(rod?.kind === 'rod' ? [rod.name ?? partTitle(i18n, rod as Parameters<typeof partTitle>[1])] : []),
          t(`today.standing.${standing}`),
          ...(isIn ? [t('today.onDeck')] : []),
          ...(slot ? [] : [`${format(setup.depthM, 'depth')}, ${format(setup.temperatureC, 'temperature')}`]),
        ].join(', ')}
        . {because(i18n, setup)}
      </p>
      {isOn && <Mending setup={setup} mend={today.mend} />}
    </li>
  );
}
