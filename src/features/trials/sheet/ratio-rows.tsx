'use client';

import type { Trial } from '@/core/afloat';
import type { FactorResult } from '@/domain/trials/result';
import { useI18n } from '@/i18n/client';
import { leanText, timesText } from '../words';
import { logarithmic } from '@/ui/scale';

const W = 300;
/** B is drawn from a fifth of A to five times A. */
const MOST = 5;
const TICKS = [0.25, 0.5, 1, 2, 4] as const;

/** How often B's figure is A's: as counted, and with each thing taken into account that may have made the difference. */
export function RatioRows({
  totals,
  factors,
  counted,
}: {
  readonly totals: Trial | null;
  readonly factors: readonly FactorResult[];
  readonly counted: 'hours' | 'casts' | 'tries';
}) {
  const i18n = useI18n();
  const { t, percent } = i18n;
  const rows = [
    ...(totals
      ? [{ key: 'crude', name: t('trials.ratio.crude'), ratio: totals.ratio, interval: totals.interval, factor: null }]
      : []),
    ...factors.map((factor) => ({
      key: factor.factor,
      name: t(`trials.factor.${factor.factor}`),
      ratio: factor.adjusted?.ratio ?? null,
      interval: factor.adjusted?.interval ?? null,
      factor,
    })),
  ];
  return (
    <div role="region" tabIndex={0} aria-label={t('trials.ratio.title')} className="overflow-x-auto">
      <table className="narrow w-full text-[14px]" data-testid="ratios">
        <thead>
          <tr className="text-left text-[12.5px] text-dim">
            <th className="font-normal">{t('trials.ratio.title')}</th>
            <th className="px-2 text-right font-normal">{t('trials.ratio.b')}</th>
            <th className="px-2 font-normal">
              <span className="sr-only">{t('trials.ratio.range')}</span>
              <Scale />
            </th>
            <th className="px-2 text-right font-normal">{t('trials.ratio.alike')}</th>
            <th className="font-normal">{t('trials.ratio.says')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, name, ratio, interval, factor }) => (
            <tr key={key} className="border-t border-faint align-top" data-factor={key}>
              <th scope="row" className="py-1 text-left font-semibold">
                {name}
              </th>
              <td className="px-2 py-1 text-right font-semibold">{ratio === null ? '–' : timesText(i18n, ratio)}</td>
              <td className="px-2 py-1">
                <Interval ratio={ratio} interval={interval} />
              </td>
              <td className="px-2 py-1 text-right">
                {factor?.overlap === null || factor === null ? '' : percent(factor.overlap)}
              </td>
              <td className="semi-narrow py-1 text-[13.5px]">{factor && <Says factor={factor} counted={counted} />}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const x = logarithmic([1 / MOST, MOST], [6, W - 6], 'clamped');

function Scale() {
  const { number } = useI18n();
  return (
    <svg viewBox={`0 0 ${W} 14`} className="h-3.5 w-[min(300px,30vw)]" aria-hidden="true">
      {TICKS.map((tick) => (
        <text key={tick} x={x(tick)} y="11" textAnchor="middle" fontSize="11" fill="var(--dim)">
          {number(tick, tick < 1 ? 2 : 0)}
        </text>
      ))}
    </svg>
  );
}

function Interval({
  ratio,
  interval,
}: {
  readonly ratio: number | null;
  readonly interval: readonly [number, number] | null;
}) {
  return (
    <svg viewBox={`0 0 ${W} 16`} preserveAspectRatio="none" className="h-4 w-[min(300px,30vw)]" aria-hidden="true">
      {TICKS.map((tick) => (
        <line
          key={tick}
          x1={x(tick)}
          x2={x(tick)}
          y1="0"
          y2="16"
          stroke="var(--faint)"
          strokeWidth={tick === 1 ? 2 : 1}
        />
      ))}
      {interval && <line x1={x(interval[0])} x2={x(interval[1])} y1="8" y2="8" stroke="var(--ink)" strokeWidth="3" />}
      {ratio !== null && <rect x={x(ratio) - 3} y="2" width="6" height="12" fill="var(--hi)" stroke="var(--ink)" />}
    </svg>
  );
}

/** What a factor says: that it may be the reason, that it moves the ratio, or that both versions had the same of it. */
function Says({ factor, counted }: { readonly factor: FactorResult; readonly counted: 'hours' | 'casts' | 'tries' }) {
  const i18n = useI18n();
  const { t } = i18n;
  if (factor.factor === 'all')
    return factor.adjusted?.outcome === 'ok' ? t('trials.ratio.all') : t('trials.ratio.tooThin');
  return (
    <>
      {factor.confounded ? <b>{t('trials.ratio.confounded')} </b> : `${t('trials.ratio.even')} `}
      {factor.confounded && leanText(i18n, factor, counted)}
      {factor.adjusted?.shifted && ` ${t('trials.ratio.shifted')}`}
    </>
  );
}
