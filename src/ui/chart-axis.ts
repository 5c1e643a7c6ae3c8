import type { Pens } from './chart';

interface OwnAxis {
  /** stands along the middle, `nameGap` from the axis [px] */
  readonly name?: string;
  readonly nameGap?: number;
  readonly axisLabel?: object;
  /** whatever else ECharts knows of an axis */
  readonly [option: string]: unknown;
}

/** An axis of figures in the pens of the page; `number` writes them as its language does. */
export function chartAxis(
  pens: Pens,
  number: (value: number, decimals: number) => string,
  { name, nameGap = 26, axisLabel, ...own }: OwnAxis = {},
): object {
  return {
    type: 'value',
    ...(name && { name, nameLocation: 'middle', nameGap, nameTextStyle: { color: pens.dim } }),
    axisLine: { show: true, onZero: false, lineStyle: { color: pens.ink } },
    axisTick: { show: true, lineStyle: { color: pens.ink } },
    axisLabel: { color: pens.dim, formatter: (value: number) => number(value, decimalsOf(value)), ...axisLabel },
    splitLine: { lineStyle: { color: pens.faint } },
    ...own,
  };
}

/** So many that four digits count: neighbours on a short scale are told apart. What is left of a rounded zero is zero. */
const decimalsOf = (value: number) =>
  value === 0 ? 0 : Math.min(6, Math.max(0, 3 - Math.floor(Math.log10(Math.abs(value)))));
