'use client';

import { useMemo, useState } from 'react';
import type { TrialResult } from '@/domain/trials/result';
import { isShare, LINES_LIMITS, type TrialDocument } from '@/domain/trials/trial-document';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n } from '@/i18n/client';
import type { OwnRate } from '@/domain/trials/own-rate';
import type { QuestionOf } from '@/workers/protocol';
import { NumberField } from './number-field';

/** How much it takes to tell such a difference, in strikes and in this user's own days. */
export function HowLong({
  trial,
  result,
  own,
}: {
  readonly trial: TrialDocument;
  readonly result: TrialResult | null;
  readonly own: OwnRate;
}) {
  const { t, number } = useI18n();
  const share = isShare(trial.counted);
  const { ratio, a, b } = trial.wanted;
  const question = useMemo(
    (): QuestionOf<'trial-size'> => ({
      kind: 'trial-size',
      input: share ? { kind: 'share', a, b: a === b ? Math.min(0.99, a + 0.01) : b } : { kind: 'rate', ratio },
    }),
    [share, ratio, a, b],
  );
  const { last, waiting, failed } = useAnswer(question, 200);
  const [lines, setLines] = useState(() => Math.max(1, Math.round(own.linesAtOnce)));
  const size = last?.answer ?? null;
  const seen = result
    ? share
      ? Math.min(result.counts.a.of, result.counts.b.of)
      : result.counts.a.counted + result.counts.b.counted
    : 0;
  const perDay = own.perLineH * lines * own.hoursADay;
  const strikes = size?.needed === null || !size ? null : share ? 2 * size.needed : size.needed;
  const days = strikes !== null && perDay > 0 ? strikes / perDay : null;
  return (
    <section aria-label={t('trials.long.title')} data-testid="how-long" aria-busy={waiting}>
      <h2 className="narrow mb-1 border-b border-ink text-[15px] font-semibold">{t('trials.long.title')}</h2>
      <p className="semi-narrow text-[15px]">
        {failed
          ? t('trials.long.failed')
          : !size
            ? t('common.loading')
            : size.needed === null
              ? t(share ? 'trials.long.beyondTries' : 'trials.long.beyond', { to: size.lookedTo })
              : t(share ? 'trials.long.tries' : 'trials.long.strikes', {
                  needed: size.needed,
                  half: size.half ?? size.needed,
                  a: number(100 * a, 0),
                  b: number(100 * b, 0),
                  ratio: number(ratio, 2),
                })}
        {size?.needed && seen > 0 ? ` ${t('trials.long.seen', { seen })}` : ''}
      </p>
      {own.trips > 0 && strikes !== null && (
        <div className="mt-1 flex flex-wrap items-end gap-x-4 gap-y-1">
          <NumberField
            label={t('trials.long.lines')}
            value={lines}
            limits={LINES_LIMITS}
            whole
            onValueChange={(value) => value !== null && setLines(value)}
            className="w-36"
          />
          <p className="semi-narrow text-[15px]">
            {days === null
              ? t('trials.long.noStrikes')
              : t('trials.long.days', {
                  days: number(days, days < 10 ? 1 : 0),
                  rate: number(own.perLineH, 2),
                  hours: number(own.hoursADay, 1),
                  trips: own.trips,
                })}
          </p>
        </div>
      )}
      <p className="semi-narrow mt-1 text-[13.5px] text-dim">{t('trials.long.honest')}</p>
    </section>
  );
}
