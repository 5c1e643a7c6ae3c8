'use client';

import { useI18n } from '@/i18n/client';
import type { JudgePage } from '@/server/queries/bench-judged';
import { linear } from '@/ui/scale';

const SIDE = 240;
const EDGE = 34;

/** Predicted depths against where lures touched bottom. */
export function Depths({ depths: { seen, times, interval } }: { readonly depths: JudgePage['depths'] }) {
  const { t, number, format, inUnit, unitLabel } = useI18n();
  const most = Math.max(1, ...seen.flatMap(({ predictedM, seenM }) => [predictedM, seenM])) * 1.1;
  const at = linear([0, most], [EDGE, SIDE - 8]);
  return (
    <section aria-label={t('trials.depths.title')} data-testid="depths">
      <h2 className="narrow mb-1 border-b border-ink text-[16px] font-semibold">{t('trials.depths.title')}</h2>
      {seen.length > 0 && (
        <svg
          viewBox={`0 0 ${SIDE} ${SIDE}`}
          className="block h-[240px] w-[240px]"
          role="img"
          aria-label={t('trials.depths.picture')}
        >
          <path d={`M${EDGE},${8}V${SIDE - EDGE}H${SIDE - 8}`} fill="none" stroke="var(--ink)" />
          <line
            x1={EDGE}
            y1={SIDE - EDGE}
            x2={at(most)}
            y2={SIDE - at(most)}
            stroke="var(--faint)"
            strokeDasharray="5 4"
          />
          {seen.map(({ predictedM, seenM, atS }) => (
            <circle key={atS} cx={at(predictedM)} cy={SIDE - at(seenM)} r="4.5" fill="var(--hi)" stroke="var(--ink)" />
          ))}
          <text x={SIDE - 8} y={SIDE - 16} textAnchor="end" fontSize="11.5" fill="var(--dim)">
            {t('trials.depths.predicted', { most: number(inUnit(most, 'depth'), 0), unit: unitLabel('depth') })}
          </text>
          <text x={EDGE + 5} y={18} fontSize="11.5" fill="var(--dim)">
            {t('trials.depths.seen')}
          </text>
        </svg>
      )}
      <p className="semi-narrow text-[15px]">
        {times === null || interval === null
          ? t('trials.depths.tooFew', { count: seen.length })
          : t('trials.depths.times', {
              times: number(times, 2),
              lo: number(interval[0], 2),
              hi: number(interval[1], 2),
              count: seen.length,
              example: format(10 * times, 'depth'),
              of: format(10, 'depth'),
            })}
      </p>
    </section>
  );
}
