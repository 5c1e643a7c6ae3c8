'use client';

import type { Answer, AnswerRow } from '@/domain/log/ask';
import { isBand, type Dimension } from '@/domain/log/dimensions';
import { useI18n } from '@/i18n/client';
import { levelText } from './level-text';
import { linear } from '@/ui/scale';

/** Each level with its rate, how far off that may be, and how likely it is the best. */
export function RateRows({ answer, by }: { readonly answer: Answer; readonly by: Dimension }) {
  const i18n = useI18n();
  const { t, number, percent, preferences } = i18n;
  const rates = new Intl.NumberFormat(preferences.locale, { minimumFractionDigits: 2, maximumFractionDigits: 2 });
  // Of what was drawn from counts nothing is certain.
  const chanceText = (chance: number) =>
    chance > 0.99 ? `>${percent(0.99)}` : chance < 0.01 ? `<${percent(0.01)}` : percent(chance);
  const isOrdered = isBand(by);
  const rows = answer.rows.toSorted((a, b) =>
    isOrdered ? Number(a.level) - Number(b.level) : b.ratePerH - a.ratePerH,
  );
  const all = answer.other ? [...rows, answer.other] : rows;
  const most = Math.max(1e-6, ...all.map(({ interval }) => interval[1]));
  const across = linear([0, most], [1, 99], 'clamped');
  const x = (rate: number) => `${across(rate)}%`;
  return (
    <div role="region" tabIndex={0} aria-label={t('log.asks.title')} className="overflow-x-auto">
      <table className="narrow w-full text-[14px]" data-testid="rates">
        <thead>
          <tr className="text-left text-[12.5px] text-dim sm:whitespace-nowrap">
            <th className="font-normal">{t(`log.dimension.${by}`)}</th>
            <th className="px-1 sm:px-2 text-right font-normal">{t('log.asks.head.hours')}</th>
            <th className="px-1 sm:px-2 text-right font-normal">{t('log.asks.head.events')}</th>
            <th className="px-1 sm:px-2 text-right font-normal">{t('log.asks.head.rate')}</th>
            <th className="px-1 font-normal sm:w-full sm:px-2">{t('log.asks.head.interval')}</th>
            <th className="px-1 sm:px-2 text-right font-normal">{t('log.asks.head.best')}</th>
          </tr>
        </thead>
        <tbody>
          {all.map((row) => (
            <tr key={String(row.level)} className="border-t border-faint">
              <th scope="row" className="max-w-[220px] py-1 text-left leading-tight font-semibold sm:truncate">
                {row === answer.other ? t('log.asks.other') : levelText(i18n, by, row.level)}
              </th>
              <td className="px-1 sm:px-2 text-right">{number(row.hours, 1)}</td>
              <td className="px-1 sm:px-2 text-right">{number(row.events, 0)}</td>
              <td className="px-1 sm:px-2 text-right font-semibold">{rates.format(row.ratePerH)}</td>
              <td className="px-1 sm:px-2">
                <Range row={row} x={x} overall={answer.overallPerH} />
                <span className="block text-[12px] text-dim">
                  {rates.format(row.interval[0])}–{rates.format(row.interval[1])}
                </span>
              </td>
              <td className="px-1 sm:px-2 text-right">
                {row.probabilityBest === null ? '–' : chanceText(row.probabilityBest)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Range({
  row,
  x,
  overall,
}: {
  readonly row: AnswerRow;
  /** across the drawing [%] */
  readonly x: (rate: number) => string;
  readonly overall: number;
}) {
  return (
    <svg className="h-4 w-full min-w-[88px]" aria-hidden="true">
      <line x1={x(0)} x2={x(0)} y1="2" y2="14" stroke="var(--faint)" />
      <line x1={x(0)} x2="100%" y1="8" y2="8" stroke="var(--faint)" />
      <line x1={x(overall)} x2={x(overall)} y1="0" y2="16" stroke="var(--faint)" strokeWidth="2" />
      <line x1={x(row.interval[0])} x2={x(row.interval[1])} y1="8" y2="8" stroke="var(--ink)" strokeWidth="3" />
      <rect
        x={x(row.ratePerH)}
        y="2"
        width="6"
        height="12"
        transform="translate(-3)"
        fill="var(--hi)"
        stroke="var(--ink)"
      />
    </svg>
  );
}
