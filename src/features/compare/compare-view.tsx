'use client';

import { useMemo } from 'react';
import type { Ranges } from '@/core/decide';
import { effectFigures, VERDICT_NAMES, type VerdictName } from '@/core/judge';
import type { Measure } from '@/core/base/measure';
import { revisionLetter } from '@/domain/revision-letter';
import { effectColumns, MEASURE_OF_UNIT } from '@/features/fields/shown-as';
import { VerdictCell } from '@/features/fields/verdict-cell';
import { useFished, useVerdictText } from '@/features/fields/verdict-words';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n } from '@/i18n/client';
import { BrokenSetups } from '@/features/fields/broken-setups';
import type { Compared } from '@/server/queries/comparison';
import type { BrokenSetup } from '@/server/setups/newest-setups';
import { Link } from '@/ui/link';
import type { QuestionOf } from '@/workers/protocol';

/** Up to four setups beside each other, verdict by verdict, each with its range. */
export function CompareView({
  compared: setups,
  broken,
}: {
  readonly compared: readonly Compared[];
  readonly broken: readonly BrokenSetup[];
}) {
  const fished = useFished();
  const verdictName = useVerdictText();
  const { t, format } = useI18n();
  const ranges = useRangesOf(setups);
  const figures = useMemo(() => setups.map(({ evaluation }) => effectFigures(evaluation)), [setups]);
  return (
    <main id="main" tabIndex={-1} className="mx-auto max-w-6xl px-3 py-4 outline-none">
      <div className="mb-3 flex items-baseline justify-between gap-4">
        <h1 className="narrow text-[20px] font-semibold">{t('compare.title')}</h1>
        <Link href="/bench" className="narrow flex min-h-9 items-center underline">
          {t('key.setups')}
        </Link>
      </div>
      <BrokenSetups broken={broken} />
      {setups.length < 2 ? (
        <p>{t('compare.few')}</p>
      ) : (
        <div
          className="overflow-x-auto border border-ink bg-sheet"
          tabIndex={0}
          role="group"
          aria-label={t('compare.title')}
        >
          <table className="w-full table-fixed border-collapse text-[14px]">
            <thead>
              <tr className="align-bottom">
                <td className="w-28" />
                {setups.map(({ id, name, number }) => (
                  <th key={id} className="narrow w-56 px-3 py-1.5 text-left font-semibold">
                    <Link href={`/bench/${id}`} className="hover:underline">
                      {name}
                    </Link>{' '}
                    <span className="font-normal text-dim">{revisionLetter(number)}</span>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {VERDICT_NAMES.map((name) => (
                <tr key={name} className="border-t border-ink align-top">
                  <th className="narrow px-3 py-1.5 text-left font-semibold">{verdictName(name)}</th>
                  {setups.map(({ id, file, evaluation }, i) => {
                    const verdict = evaluation.verdicts[name];
                    return (
                      <td key={id} data-setup={id} data-mark={verdict.mark} className="px-3 py-1.5">
                        <VerdictCell
                          verdict={verdict}
                          setup={file}
                          range={
                            <VerdictRange
                              ranges={ranges[i] ?? null}
                              name={name}
                              measure={MEASURE_OF_UNIT[verdict.unit]}
                            />
                          }
                        />
                      </td>
                    );
                  })}
                </tr>
              ))}
              {effectColumns(fished).map(([key, field, measure]) => (
                <tr key={key} className="border-t border-faint">
                  <th className="narrow px-3 py-1 text-left font-normal">{t(`effect.${key}`)}</th>
                  {setups.map(({ id }, i) => (
                    <td key={id} className="px-3 py-1 text-right">
                      {format(figures[i]![field], measure)}
                    </td>
                  ))}
                </tr>
              ))}
              <tr className="border-t border-faint">
                <th className="narrow px-3 py-1 text-left font-normal">{t('clutch.title')}</th>
                {setups.map(
                  ({
                    id,
                    evaluation: {
                      figures: { strike },
                    },
                  }) => (
                    <td key={id} className="px-3 py-1 text-right">
                      {!strike
                        ? '–'
                        : strike.window.outcome === 'no-window'
                          ? t('compare.noWindow')
                          : t('range.from', {
                              lo: format(strike.window.atFullN[0], 'force'),
                              hi: format(strike.window.atFullN[1], 'force'),
                            })}
                    </td>
                  ),
                )}
              </tr>
            </tbody>
          </table>
        </div>
      )}
    </main>
  );
}

/** What the draws say of one verdict; three dots until they are made. */
function VerdictRange({
  ranges,
  name,
  measure,
}: {
  readonly ranges: Ranges | null;
  readonly name: VerdictName;
  readonly measure: Measure;
}) {
  const { t, format } = useI18n();
  const figure = ranges?.figures.find(({ path }) => path === `verdicts.${name}.value`);
  const sure = ranges?.words.find(({ path }) => path === `verdicts.${name}.mark`)?.sure;
  if (sure === undefined) return <p className="text-[12.5px] text-dim">…</p>;
  return (
    <p className="narrow text-[12.5px] text-dim">
      {figure ? `${t('range.from', { lo: format(figure.p5, measure), hi: format(figure.p95, measure) })} · ` : ''}
      {t('range.same', { share: format(sure, 'share') })}
    </p>
  );
}

/** Ranges of as many setups as can be compared, in their order. */
function useRangesOf(setups: readonly Compared[]): readonly (Ranges | null)[] {
  return [useRanges(setups[0]), useRanges(setups[1]), useRanges(setups[2]), useRanges(setups[3])];
}

function useRanges(compared: Compared | undefined): Ranges | null {
  const question = useMemo(
    (): QuestionOf<'ranges'> | null => (compared ? { kind: 'ranges', setup: compared.file } : null),
    [compared],
  );
  return useAnswer(question).last?.answer ?? null;
}
