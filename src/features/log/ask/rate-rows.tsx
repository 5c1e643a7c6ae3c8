'use client';

import type { Answer, AnswerRow } from '@/domain/log/ask';
import { BAND_DIMENSIONS, type Dimension } from '@/domain/log/dimensions';
import { useI18n } from '@/i18n/client';
import { levelText } from './level-text';
import { linear } from '@/ui/scale';

const W = 320;

/** Each level with its rate, how far off that may be, and how likely it is the best. */
export function RateRows({ answer, by }: { readonly answer: Answer; readonly by: Dimension }) {
  const i18n = useI18n();
  const { t, number, percent, preferences } = i18n;
  const rates = new Intl.NumberFormat(preferences.locale, { minimumFractionDigits: 2, maximumFractionDigits: 2 });
  // Of what was drawn from counts nothing is certain.
  const chanceText = (chance: number) =>
    chance > 0.99 ? `>${percent(0.99)}` : chance < 0.01 ? `<${percent(0.01)}` : percent(chance);
  const isOrdered = Object.hasOwn(BAND_DIMENSIONS, by);
  const rows = answer.rows.toSorted((a, b) =>
    isOrdered ? Number(a.level) - Number(b.level) : b.ratePerH - a.ratePerH,
  );
  const all = answer.other ? [...rows, answer.other] : rows;
  const most = Math.max(1e-6, ...all.map(({ interval }) => interval[1]));
  const x = linear([0, most], [4, W - 4], 'clamped');
  return (
    <div role="region" tabIndex={0} aria-label={t('log.asks.title')} className="overflow-x-auto">
      <table className="narrow w-full text-[14px]" data-testid="rates">
        <thead>
          <tr className="text-left text-[12.5px] text-dim">
            <th className="font-normal">{t(`log.dimension.${by}`)}</th>
            <th className="px-2 text-right font-normal">{t('log.asks.head.hours')}</th>
            <th className="px-2 text-right font-normal">{t('log.asks.head.events')}</th>
            <th className="px-2 text-right font-normal">{t('log.asks.head.rate')}</th>
            <th className="px-2 font-normal">{t('log.asks.head.interval')}</th>
            <th className="px-2 text-right font-normal">{t('log.asks.head.best')}</th>
          </tr>
        </thead>
        <tbody>
          {all.map((row) => (
            <tr key={String(row.level)} className="border-t border-faint">
              <th scope="row" className="max-w-[220px] truncate py-1 text-left font-semibold">
                {row === answer.other ? t('log.asks.other') : levelText(i18n, by, row.level)}
              </th>
              <td className="px-2 text-right">{number(row.hours, 1)}</td>
              <td className="px-2 text-right">{number(row.events, 0)}</td>
              <td className="px-2 text-right font-semibold">{rates.format(row.ratePerH)}</td>
              <td className="px-2">
                <Range row={row} x={x} overall={answer.overallPerH} />
                <span className="block text-[12px] text-dim">
                  {rates.format(row.interval[0])}–{rates.format(row.interval[1])}
                </span>
              </td>
              <td className="px-2 text-right">
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
  readonly x: (rate: number) => number;
  readonly overall: number;
}) {
  return (
    <svg viewBox={`0 0 ${W} 16`} preserveAspectRatio="none" className="h-4 w-[min(320px,34vw)]" aria-hidden="true">
      <path d={`M${x(0)},2V14M${x(0)},8H${W}`} stroke="var(--faint)" fill="none" />
      <line x1={x(overall)} x2={x(overall)} y1="0" y2="16" stroke="var(--faint)" strokeWidth="2" />
      <line x1={x(row.interval[0])} x2={x(row.interval[1])} y1="8" y2="8" stroke="var(--ink)" strokeWidth="3" />
      <rect x={x(row.ratePerH) - 3} y="2" width="6" height="12" fill="var(--hi)" stroke="var(--ink)" />
    </svg>
  );
}
