import type { EChartsCoreOption } from 'echarts/core';
import type { Measure } from '@/core/base/measure';
import type { RodInHand, RodTrade } from '@/core/decide';
import { useI18n } from '@/i18n/client';
import { Chart, type Pens } from '@/ui/chart';
import { chartAxis } from '@/ui/chart-axis';

/** What grows and what shrinks with a rod's length; each a curve of its own. */
const CURVES = [
  { id: 'distance', measure: 'distance', of: ({ cast }: RodInHand) => cast?.distanceM ?? null },
  { id: 'gathered', measure: 'distance', of: ({ set }: RodInHand) => set?.takeUpM ?? null },
  { id: 'atHook', measure: 'force', of: ({ set }: RodInHand) => set?.atHookN ?? null },
  { id: 'delay', measure: 'time', of: ({ set }: RodInHand) => set?.timeToSetS ?? null },
  { id: 'clear', measure: 'distance', of: ({ clearM }: RodInHand) => clearM },
  { id: 'circle', measure: 'distance', of: ({ circleM }: RodInHand) => circleM },
  { id: 'moment', measure: 'moment', of: ({ load }: RodInHand) => load.momentNm },
  { id: 'packed', measure: 'distance', of: ({ packedM }: RodInHand) => packedM },
] as const satisfies readonly { id: string; measure: Measure; of: (rod: RodInHand) => number | null }[];

export function Lengths({ trade }: { readonly trade: RodTrade }) {
  const { t, inUnit, unitLabel, format, number } = useI18n();
  return (
    <section aria-label={t('quiver.choose.lengths')}>
      <h3 className="narrow mt-2 text-[14px] font-semibold">{t('quiver.choose.lengths')}</h3>
      <div className="grid grid-cols-2 gap-x-3 md:grid-cols-4">
        {CURVES.filter(({ of }) => trade.lengths.some(({ rod }) => of(rod) !== null)).map(({ id, measure, of }) => {
          const now = of(trade.own);
          return (
            <figure key={id} className="min-w-0">
              <figcaption className="narrow text-[13px]">
                {t(`quiver.curve.${id}`)} [{unitLabel(measure)}]{' '}
                <strong className="font-semibold">{format(now, measure)}</strong>
              </figcaption>
              <Chart
                className="h-32"
                label={t('quiver.choose.curveLabel', { name: t(`quiver.curve.${id}`) })}
                option={(pens: Pens): EChartsCoreOption => ({
                  grid: { left: 38, right: 8, top: 8, bottom: 22 },
                  xAxis: chartAxis(pens, number, {
                    min: 'dataMin',
                    max: 'dataMax',
                    axisLabel: { fontSize: 11, hideOverlap: true },
                    splitLine: { show: false },
                  }),
                  yAxis: chartAxis(pens, number, { scale: true, splitNumber: 3, axisLabel: { fontSize: 11 } }),
                  series: [
                    {
                      type: 'line',
                      showSymbol: false,
                      lineStyle: { color: pens.ink, width: 1.6 },
                      data: trade.lengths.map(({ at, rod }) => [
                        inUnit(at, 'rodLength'),
                        of(rod) === null ? null : inUnit(of(rod)!, measure),
                      ]),
                    },
                    {
                      type: 'scatter',
                      symbol: 'diamond',
                      symbolSize: 10,
                      itemStyle: { color: pens.hi, borderColor: pens.ink },
                      data: now === null ? [] : [[inUnit(trade.own.overallM, 'rodLength'), inUnit(now, measure)]],
                    },
                  ],
                })}
              />
            </figure>
          );
        })}
      </div>
    </section>
  );
}
