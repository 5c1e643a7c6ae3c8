import { useMemo } from 'react';
import type { EChartsCoreOption } from 'echarts/core';
import { DROP_BINS, type Landed } from '@/core/make';
import { useI18n } from '@/i18n/client';
import { Chart, type Pens } from '@/ui/chart';
import { chartAxis } from '@/ui/chart-axis';
import { RestingJig } from './jig-drawing';
import { DROPS, type Jig } from './use-jig';

export function Histogram({ jig: { drops } }: { readonly jig: Jig }) {
  const { t, number, format } = useI18n();
  const option = useMemo(
    () =>
      (pens: Pens): EChartsCoreOption => ({
        grid: { left: 44, right: 10, top: 10, bottom: 34 },
        xAxis: chartAxis(pens, number, {
          name: t('jig.downAngle'),
          nameGap: 20,
          min: -180,
          max: 180,
          interval: 45,
          splitLine: { show: false },
        }),
        yAxis: chartAxis(pens, number, { splitNumber: 3 }),
        series: [
          {
            type: 'line',
            step: 'middle',
            showSymbol: false,
            lineStyle: { color: pens.ink, width: 1.4 },
            areaStyle: { color: pens.edge },
            data: (drops?.histogram ?? []).map((count, i) => [-180 + ((i + 0.5) * 360) / DROP_BINS, count]),
          },
        ],
      }),
    [drops, number, t],
  );
  if (!drops) return <p className="semi-narrow text-[14px] text-dim">{t('jig.dropIt', { drops: number(DROPS, 0) })}</p>;
  return (
    <>
      <p className="semi-narrow text-[14px]" data-testid="drops">
        {t('jig.dropped', {
          drops: number(DROPS, 0),
          up: format(drops.pointUpShare, 'share'),
          good: format(drops.goodShare, 'share'),
        })}
        {drops.rolledShare > 0 ? ` ${t('jig.rolled', { share: format(drops.rolledShare, 'share') })}` : ''}
      </p>
      <Chart option={option} label={t('jig.histogram')} className="min-h-32 flex-1" />
    </>
  );
}

export function Landing({
  title,
  landed,
  jig,
}: {
  readonly title: string;
  readonly landed: Landed;
  readonly jig: Jig | null;
}) {
  const { t, format } = useI18n();
  const { stand, goodShare, head, standing } = landed;
  const poses = [...stand.poses]
    .sort((a, b) => b.share - a.share)
    .filter(({ share }) => share > 0.005)
    .slice(0, 4);
  return (
    <section aria-label={title} className="border border-ink bg-sheet px-2.5 py-1" data-good={goodShare}>
      <h2 className="narrow flex justify-between text-[15px] font-semibold">
        {title}
        <span>{t('jig.goodShare', { share: format(goodShare, 'share') })}</span>
      </h2>
      {stand.outcome === 'floats' && <p>{t('jig.floats')}</p>}
      <ol className="grid grid-cols-2 gap-x-3">
        {poses.map((pose) => (
          <li key={pose.downRad} className="border-t border-faint py-0.5">
            <RestingJig
              head={head}
              standing={standing}
              pose={pose}
              label={t('jig.pose', { share: format(pose.share, 'share') })}
            />
            <p className="narrow text-[13px] leading-tight">
              <strong className="font-semibold">{format(pose.share, 'share')}</strong>{' '}
              {t(pose.pointUp ? 'jig.up' : 'jig.down')}, {t(`jig.falls.${pose.fallsTo}`)}
              {jig ? `; ${tipText(t, format, jig.tipN(pose))}` : ''}
            </p>
          </li>
        ))}
      </ol>
    </section>
  );
}

const tipText = (
  t: ReturnType<typeof useI18n>['t'],
  format: ReturnType<typeof useI18n>['format'],
  pullN: number | null,
): string =>
  pullN === null
    ? t('jig.slides')
    : pullN === 0
      ? t('jig.standsNot')
      : t('jig.tips', { pull: format(pullN, 'smallForce') });
