'use client';

import dynamic from 'next/dynamic';
import { useEffect, useRef } from 'react';
import { VERDICT_NAMES } from '@/core/judge';
import { MARK_SHAPE, MEASURE_OF_UNIT } from '@/features/fields/shown-as';
import { useI18n, type I18n } from '@/i18n/client';
import { findingText, verdictText } from '@/i18n/setup-text';
import { keepInView } from '@/ui/keep-in-view';
import { Mark } from '@/ui/mark';
import type { SuitedSetup, useToday } from './use-today';

// What says a change reads parts by their schema; nobody needs it before a setup is looked at.
const Mending = dynamic(() => import('./mending').then((m) => m.Mending), { loading: () => null });

type Today = ReturnType<typeof useToday>;

/** The setups as they suit, each with its marks, what decides and why; of the chosen one what would mend it. */
export function SuitedList({ today, onOpen }: { readonly today: Today; readonly onOpen: () => void }) {
  const { t } = useI18n();
  const { ranked, chosen } = today;
  return (
    <ol aria-label={t('today.suits')} className="min-h-0 flex-1 overflow-y-auto">
      {ranked.map((setup, i) => (
        <Row
          key={setup.id}
          setup={setup}
          opens={i === 0 || ranked[i - 1]!.standing !== setup.standing}
          isOn={setup.id === chosen?.id}
          today={today}
          onOpen={onOpen}
        />
      ))}
      {today.refused.length > 0 && (
        <li className="semi-narrow border-t border-faint px-3 py-1 text-[13px]">
          {t('today.refused', { names: today.refused.map((id) => today.nameOf(id) ?? '–').join(', ') })}
        </li>
      )}
    </ol>
  );
}

function Row({
  setup,
  opens,
  isOn,
  today,
  onOpen,
}: {
  readonly setup: SuitedSetup;
  readonly opens: boolean;
  readonly isOn: boolean;
  readonly today: Today;
  readonly onOpen: () => void;
}) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const row = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (isOn && row.current) keepInView(row.current);
  }, [isOn]);
  const fished = setup.today.presentation.kind;
  const name = (verdict: (typeof VERDICT_NAMES)[number]) => verdictText(i18n, verdict, fished);
  return (
    <li
      ref={row}
      data-standing={setup.standing}
      aria-current={isOn ? 'true' : undefined}
      className={`border-t px-3 py-1 ${opens ? 'border-ink' : 'border-faint'} ${isOn ? 'bg-hi text-on-hi' : ''}`}
    >
      <div className="flex flex-wrap items-center gap-x-4 lg:grid lg:grid-cols-[minmax(0,1fr)_auto_110px_150px]">
        <button
          type="button"
          onClick={() => (isOn ? onOpen() : today.select(setup.id))}
          className="min-h-8 min-w-0 truncate text-left text-[15px] font-semibold lg:min-h-6"
        >
          {setup.name}
        </button>
        <ul className="narrow flex flex-wrap gap-x-3 text-[12.5px]" aria-label={t('today.marks')}>
          {VERDICT_NAMES.map((verdict) => (
            <li key={verdict} className="flex items-center gap-1">
              <Mark shape={MARK_SHAPE[setup.marks[verdict]]} size={11} /> {name(verdict)}
              <span className="sr-only">{t(`mark.${setup.marks[verdict]}`)}</span>
            </li>
          ))}
        </ul>
        <span className="narrow text-right text-[14px]">
          {setup.decides.value === null
            ? ''
            : `${name(setup.decides.verdict)} ${format(setup.decides.value, MEASURE_OF_UNIT[setup.decides.unit])}`}
        </span>
        <span className="narrow text-right text-[13px]">
          {t(`today.standing.${setup.standing}`)} · {format(setup.depthM, 'depth')},{' '}
          {format(setup.temperatureC, 'temperature')}
        </span>
      </div>
      <p className={`semi-narrow text-[13.5px] ${isOn ? '' : 'text-dim'}`}>{because(i18n, setup)}</p>
      {isOn && <Mending setup={setup} today={today} />}
    </li>
  );
}

/** Why it stands as it does: the day its owner keeps it for, the worst remark, or the verdict with the least room. */
function because(i18n: I18n, setup: SuitedSetup): string {
  const { t, format } = i18n;
  const measures = { temperatureC: 'temperature', depthM: 'depth', speedMps: 'speed' } as const;
  if (setup.outside.length > 0)
    return setup.outside
      .map(({ what, asked, from, to }) => {
        const say = (value: number | string) =>
          typeof value === 'number' ? format(value, measures[what as 'depthM']) : t(`word.${value}` as 'word.clear');
        return from === to
          ? t('today.outsideWord', { what: t(`today.window.${what}`), asked: say(asked), own: say(from) })
          : t('today.outsideSpan', {
              what: t(`today.window.${what}`),
              asked: say(asked),
              from: say(from),
              to: say(to),
            });
      })
      .join(' ');
  const verdict = verdictText(i18n, setup.decides.verdict, setup.today.presentation.kind);
  if (setup.remark && setup.remark.verdict === setup.decides.verdict)
    return `${verdict}: ${findingText(i18n, setup.remark, setup.today).found}`;
  return setup.standing === 'suits'
    ? t(setup.decides.room >= 1 ? 'today.roomToSpare' : 'today.allSound', { verdict })
    : t('today.leastRoom', { verdict, mark: t(`mark.${setup.decides.mark}`) });
}
