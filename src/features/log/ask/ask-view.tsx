'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useTransition } from 'react';
import type { Level } from '@/domain/log/ask';
import { COUNTED, DIMENSIONS, type Dimension } from '@/domain/log/dimensions';
import { addressOf } from '@/domain/log/question-address';
import { bandUnits } from '@/i18n/band-units';
import { useI18n } from '@/i18n/client';
import type { LogAsk } from '@/server/queries/log-ask';
import { ChoiceField } from '@/ui/choice-field';
import { ProgressLine } from '@/ui/progress-line';
import { LogNav } from '../log-nav';
import { levelText } from './level-text';
import { RateRows } from './rate-rows';

/** What all trips say together: a rate never stands without how little it knows. */
export function AskView({ ask }: { readonly ask: LogAsk }) {
  const i18n = useI18n();
  const { t, number, preferences } = i18n;
  const units = bandUnits(preferences);
  const router = useRouter();
  const [busy, start] = useTransition();
  const { question, answer, flurries, left, failed } = ask;
  useEffect(() => {
    if (left > 0) router.refresh();
  }, [ask, left, router]);
  const go = (changed: Partial<typeof question>) =>
    start(() => router.push(`/log/ask?${addressOf({ ...question, ...changed }, units)}`, { scroll: false }));
  const narrowed = new Set(question.only.map(({ dimension }) => dimension));
  const withFilter = (dimension: Dimension, levels: readonly Level[]) => [
    ...question.only.filter((each) => each.dimension !== dimension),
    ...(levels.length > 0 ? [{ dimension, levels }] : []),
  ];
  const nothing = answer.outcome === 'never-fished';
  const eventsText = (n: number) => t(`log.asks.events.${question.counted}`, { n });
  return (
    <main
      id="main"
      tabIndex={-1}
      data-testid="log-ask"
      aria-busy={busy || left > 0}
      className="mx-auto flex max-w-[1180px] flex-col gap-2 outline-none"
    >
      <LogNav open="ask" />
      <h1 className="semi-narrow px-3 text-[20px] font-semibold">{t('log.asks.title')}</h1>
      <div className="grid grid-cols-2 gap-3 px-3 sm:grid-cols-4">
        <ChoiceField
          label={t('log.asks.by')}
          value={question.by}
          options={DIMENSIONS.map((value) => ({ value, label: t(`log.dimension.${value}`) }))}
          onValueChange={(by) => go({ by })}
        />
        <ChoiceField
          label={t('log.asks.count')}
          value={question.counted}
          options={COUNTED.map((value) => ({ value, label: t(`log.asks.counted.${value}`) }))}
          onValueChange={(counted) => go({ counted })}
        />
        <ChoiceField
          label={t('log.asks.narrow')}
          value=""
          options={[
            { value: '', label: '–' },
            ...DIMENSIONS.filter((name) => !narrowed.has(name) && ask.levels[name].length > 0).map((value) => ({
              value: value as string,
              label: t(`log.dimension.${value}`),
            })),
          ]}
          onValueChange={(value) => {
            const dimension = DIMENSIONS.find((each) => each === value);
            const first = dimension && ask.levels[dimension][0];
            if (dimension && first !== undefined) go({ only: withFilter(dimension, [first]) });
          }}
        />
        <label className="semi-narrow flex min-h-11 items-center gap-2 self-end text-[14px]">
          <input
            type="checkbox"
            className="size-5"
            checked={question.withDoubtful}
            onChange={(event) => go({ withDoubtful: event.target.checked })}
          />
          {t('log.asks.doubtful')}
        </label>
      </div>
      {question.only.length > 0 && (
        <ul aria-label={t('log.asks.narrowed')} className="flex flex-col gap-1 px-3">
          {question.only.map(({ dimension, levels }) => (
            <li key={dimension} className="flex flex-wrap items-center gap-1.5 border-t border-faint pt-1">
              <span className="narrow w-[150px] text-[14px] font-semibold">{t(`log.dimension.${dimension}`)}</span>
              {inOrder(ask.levels[dimension], levels).map((level) => {
                const isOn = levels.includes(level);
                return (
                  <button
                    key={String(level)}
                    type="button"
                    aria-pressed={isOn}
                    onClick={() =>
                      go({
                        only: withFilter(
                          dimension,
                          isOn ? levels.filter((each) => each !== level) : [...levels, level],
                        ),
                      })
                    }
                    className={`narrow min-h-9 border px-2 text-[13.5px] ${isOn ? 'border-ink bg-hi text-on-hi' : 'border-faint hover:border-ink'}`}
                  >
                    {levelText(i18n, dimension, level)}
                  </button>
                );
              })}
              <button
                type="button"
                onClick={() => go({ only: withFilter(dimension, []) })}
                className="narrow min-h-9 px-2 text-[13.5px] underline"
              >
                {t('log.asks.drop')}
              </button>
            </li>
          ))}
        </ul>
      )}
      {left > 0 && (
        <div className="px-3">
          <ProgressLine
            label={t('log.asks.left', { done: ask.trips, of: ask.trips + left })}
            share={ask.trips / (ask.trips + left)}
          />
        </div>
      )}
      <section className="mx-2 border border-ink bg-sheet p-2" data-testid="answer" data-outcome={answer.outcome}>
        {nothing ? (
          <p className="semi-narrow text-[16px]">{t('log.asks.never')}</p>
        ) : (
          <>
            <p className="semi-narrow text-[15px]">
              {t('log.asks.sum', {
                events: eventsText(answer.events),
                hours: number(answer.hours, 1),
                rate: number(answer.overallPerH, 2),
                trips: ask.trips,
              })}
              {question.counted === 'strikes' && ` ${t('log.asks.flurries', { count: flurries.events })}`}
            </p>
            {answer.outcome === 'nothing-yet' && <p className="semi-narrow text-[15px]">{t('log.asks.nothingYet')}</p>}
            <RateRows answer={answer} by={question.by} />
          </>
        )}
        {answer.unknown.hours > 0.05 && (
          <p className="semi-narrow text-[13.5px] text-dim">
            {t('log.asks.unknown', {
              hours: number(answer.unknown.hours, 1),
              events: eventsText(answer.unknown.events),
            })}
          </p>
        )}
        {failed > 0 && (
          <p className="semi-narrow text-[13.5px] font-semibold">{t('log.asks.failed', { count: failed })}</p>
        )}
        {answer.apart > 0 && question.only.length === 0 && (
          <p className="semi-narrow text-[13.5px] text-dim">{t('log.asks.apart', { count: answer.apart })}</p>
        )}
      </section>
      <p className="semi-narrow px-3 pb-4 text-[13.5px] text-dim">{t('log.asks.working')}</p>
    </main>
  );
}

/** What can be chosen and what was: bands by their place, words as they come. */
const inOrder = (known: readonly Level[], chosen: readonly Level[]): readonly Level[] =>
  [...new Set([...known, ...chosen])].sort((a, b) => (typeof a === 'number' && typeof b === 'number' ? a - b : 0));
