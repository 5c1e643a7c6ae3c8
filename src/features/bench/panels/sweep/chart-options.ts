import type { EChartsCoreOption } from 'echarts/core';
import type { Sweep } from '@/core/decide';
import type { Mark } from '@/core/judge';
import type { Measure } from '@/core/base/measure';
import type { I18n } from '@/i18n/client';
import type { Pens } from '@/ui/chart';
import { chartAxis } from '@/ui/chart-axis';
import { bands } from '../../verdicts/bands';
import type { SweepChoice } from './sweep-choices';

const TONE = { sound: 'ok', edge: 'edge', fails: 'bad', 'cant-tell': 'faint' } as const satisfies Record<
  Mark,
  keyof Pens
>;
const SYMBOL = {
  sound: 'rect',
  edge: 'triangle',
  fails: 'path://M0,0 L10,10 M10,0 L0,10 M0,1 L9,10 M1,0 L10,9',
  'cant-tell': 'circle',
} as const satisfies Record<Mark, string>;

export function axis(
  i18n: I18n,
  pens: Pens,
  { label, measure }: { readonly label: string; readonly measure: Measure },
  extra: object = {},
): object {
  return chartAxis(pens, i18n.number, {
    name: `${label} [${i18n.unitLabel(measure)}]`,
    scale: true,
    splitLine: { lineStyle: { color: pens.faint, opacity: 0.5 } },
    ...extra,
  });
}

/** One input: the line over bands of the mark, the present value by a rule. */
export function oneInput(
  sweep: Sweep,
  x: SweepChoice,
  name: string,
  measure: Measure,
  i18n: I18n,
  pens: Pens,
): EChartsCoreOption {
  const toX = (value: number) => i18n.inUnit(value, x.measure);
  const toY = (value: number) => i18n.inUnit(value, measure);
  const xs = sweep.axes[0]!.values.map(toX);
  const values = sweep.results[0]!.values.map((value) => (typeof value === 'number' ? toY(value) : null));
  return {
    grid: { left: 56, right: 16, top: 12, bottom: 44 },
    tooltip: {
      trigger: 'axis',
      backgroundColor: pens.sheet,
      borderColor: pens.ink,
      textStyle: { color: pens.ink },
      valueFormatter: (value: unknown) =>
        typeof value === 'number' ? `${i18n.number(value, 2)} ${i18n.unitLabel(measure)}` : '–',
    },
    xAxis: axis(i18n, pens, x, { min: Math.min(...xs), max: Math.max(...xs) }),
    yAxis: axis(i18n, pens, { label: name, measure }, { nameGap: 40 }),
    series: [
      {
        type: 'line',
        name,
        data: xs.map((at, i) => [at, values[i]]),
        showSymbol: false,
        lineStyle: { color: pens.ink, width: 1.8 },
        itemStyle: { color: pens.ink },
        connectNulls: false,
        markArea: {
          silent: true,
          data: bands(xs, sweep.results[1]!.values).map(({ from, to, mark }) => [
            {
              xAxis: from,
              itemStyle: { color: pens[TONE[mark]], opacity: 0.75 },
              name: i18n.t(`mark.${mark}`),
              label: { color: pens.ink, position: 'insideTop', fontSize: 11 },
            },
            { xAxis: to },
          ]),
        },
        markLine: {
          silent: true,
          symbol: 'none',
          data: [{ xAxis: toX(x.value) }],
          lineStyle: { color: pens.ink, type: 'dashed' },
          label: { formatter: i18n.t('sweep.now'), color: pens.ink },
        },
      },
    ],
  };
}

/** Two inputs: a mark in each cell, told by shape and tone. */
export function twoInputs(sweep: Sweep, x: SweepChoice, y: SweepChoice, i18n: I18n, pens: Pens): EChartsCoreOption {
  const toX = (value: number) => i18n.inUnit(value, x.measure);
  const toY = (value: number) => i18n.inUnit(value, y.measure);
  const [xs, ys] = [sweep.axes[0]!.values.map(toX), sweep.axes[1]!.values.map(toY)];
  const marks = sweep.results[1]!.values;
  return {
    grid: { left: 56, right: 16, top: 12, bottom: 44 },
    xAxis: axis(i18n, pens, x),
    yAxis: axis(i18n, pens, y, { nameGap: 40 }),
    series: [
      ...(Object.keys(TONE) as Mark[]).map((mark) => ({
        type: 'scatter',
        name: i18n.t(`mark.${mark}`),
        symbol: SYMBOL[mark],
        symbolSize: mark === 'fails' ? 8 : 11,
        silent: true,
        itemStyle: {
          color: mark === 'sound' ? pens.ink : mark === 'edge' ? pens.dim : pens.bad,
          borderColor: pens.ink,
          borderWidth: mark === 'sound' ? 0 : 0.8,
        },
        data: xs.flatMap((at, i) =>
          ys.flatMap((up, j) => ((marks[i * ys.length + j] ?? 'cant-tell') === mark ? [[at, up]] : [])),
        ),
      })),
      {
        type: 'scatter',
        name: i18n.t('sweep.now'),
        data: [[toX(x.value), toY(y.value)]],
        symbol: 'circle',
        symbolSize: 20,
        silent: true,
        itemStyle: { color: 'transparent', borderColor: pens.hi, borderWidth: 3 },
      },
    ],
  };
}
