'use client';

import type { EChartsCoreOption } from 'echarts/core';
import { useMemo } from 'react';
import { moonAt, sunHeightRad, sunPasses, TWILIGHT_RAD } from '@/core/decide';
import { clockOf } from '@/domain/plan/clock';
import { skyAt, sunOver, tideNow, windAt } from '@/domain/plan/hours';
import type { DayPlan, DaySlot, WaterPlace } from '@/domain/plan/plan';
import { useI18n, type I18n } from '@/i18n/client';
import { Chart, type Pens } from '@/ui/chart';
import { pointOf } from '../compass';

const HOUR_S = 3600;
const STEP_S = 600;
/** Room beside the plot; the slots below it use the same. */
const LEFT = 46;
const RIGHT = 14;

export interface DayChartProps {
  readonly plan: DayPlan;
  readonly water: WaterPlace | null;
  readonly slotId: string | null;
  readonly onSlot: (id: string) => void;
}

/** What a label beside an arrow takes of the plot's width on a phone. */
const ROOM_OF_LABEL = 0.1;
/** An arrow that points up. */
const ARROW = 'path://M-0.8,10 L-0.8,-3 L-4,-3 L0,-10 L4,-3 L0.8,-3 L0.8,10 Z';

/** The hours shown: those of the plan, and of what was planned beyond them. */
const shownHours = ({ hours, slots }: DayPlan) => ({
  fromS: Math.min(hours.fromS, ...slots.map(({ fromS }) => fromS)) - HOUR_S / 2,
  toS: Math.max(hours.toS, ...slots.map(({ toS }) => toS)) + HOUR_S / 2,
});

/** The day along its hours: the sun's height, clouds, wind and tide, and the slots below. */
export function DayChart({ plan, water, slotId, onSlot }: DayChartProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const { fromS, toS } = shownHours(plan);
  const option = useMemo(() => (pens: Pens) => chartOption(i18n, plan, water, pens), [i18n, plan, water]);
  const at = (s: number) => `calc(${LEFT}px + (100% - ${LEFT + RIGHT}px) * ${(s - fromS) / (toS - fromS)})`;
  const width = (s: number) => `calc((100% - ${LEFT + RIGHT}px) * ${s / (toS - fromS)})`;
  return (
    <section aria-label={t('today.hours')} className="relative border border-ink bg-sheet">
      <p className="narrow flex flex-wrap gap-x-4 px-3 pt-0.5 text-[13px] text-dim">
        <strong className="text-ink">{t('today.hours')}</strong> {sunText(i18n, plan, water)}
      </p>
      <Chart option={option} label={t('today.hoursLabel')} className="h-[96px]" />
      <ol aria-label={t('today.slots')} className="relative h-9">
        {plan.slots.map((slot, i) => (
          <li
            key={slot.id}
            className="absolute inset-y-0"
            style={{ left: at(slot.fromS), width: width(slot.toS - slot.fromS) }}
          >
            <button
              type="button"
              aria-current={slot.id === slotId ? 'true' : undefined}
              onClick={() => onSlot(slot.id)}
              className="flex h-full w-full flex-col items-center text-left"
            >
              <span className="relative w-full border-x border-ink">
                <span className="absolute inset-x-0 top-1/2 border-t border-ink" />
                <span
                  className={`narrow relative mx-auto flex size-[18px] items-center justify-center rounded-full border border-ink text-[11px] ${
                    slot.id === slotId ? 'bg-hi text-on-hi' : 'bg-sheet'
                  }`}
                >
                  {i + 1}
                </span>
              </span>
              <span className="narrow w-full truncate text-center text-[12px]">{slotTitle(i18n, slot)}</span>
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}

const slotTitle = ({ t }: I18n, { name, courseRad }: DaySlot): string =>
  courseRad === undefined ? name : `${name} → ${t(`today.point.${pointOf(courseRad)}`)}`;

function sunText({ t, format, number }: I18n, plan: DayPlan, water: WaterPlace | null): string {
  const { litShare, waxing } = moonAt(Date.parse(`${plan.date}T22:00:00Z`));
  const moon = t(waxing ? 'today.moonWaxing' : 'today.moonWaning', { share: number(100 * litShare, 0) });
  const sun = sunOver(water, plan.date);
  if (!sun) return `${t('today.needsLatitude')} ${moon}`;
  const [day, light] = [sunPasses(sun), sunPasses(sun, TWILIGHT_RAD)];
  const noon = t('today.noon', { height: format(sunHeightRad(sun, sun.noonS), 'angle'), hour: clockOf(sun.noonS) });
  if (day.kind !== 'passes') return `${t(`today.sun.${day.kind}`)} ${noon} ${moon}`;
  return [
    light.kind === 'passes' ? t('today.firstLight', { hour: clockOf(light.riseS) }) : '',
    t('today.sunUpDown', { up: clockOf(day.riseS), down: clockOf(day.setS) }),
    light.kind === 'passes' ? t('today.lastLight', { hour: clockOf(light.setS) }) : '',
    noon,
    moon,
  ].join(' ');
}

function chartOption(i18n: I18n, plan: DayPlan, water: WaterPlace | null, pens: Pens): EChartsCoreOption {
  const { t, format } = i18n;
  const { fromS, toS } = shownHours(plan);
  const hours = (s: number) => s / HOUR_S;
  const steps = Array.from({ length: Math.floor((toS - fromS) / STEP_S) + 1 }, (_, i) => fromS + i * STEP_S);
  const sun = sunOver(water, plan.date);
  const degrees = (s: number) => (sun ? (180 / Math.PI) * sunHeightRad(sun, s) : 0);
  const most = Math.max(10, ...steps.map(degrees));
  const areas = skyAreas(plan, fromS, toS);
  const every = toS - fromS > 8 * HOUR_S ? 2 : 1;
  const windHours = steps.filter(
    (s) => Math.abs(s % (every * HOUR_S)) < 1 && s < toS - ROOM_OF_LABEL * (toS - fromS) && windAt(plan, s),
  );
  return {
    grid: { left: LEFT, right: RIGHT, top: 20, bottom: 20 },
    xAxis: {
      type: 'value',
      min: hours(fromS),
      max: hours(toS),
      interval: every,
      axisLabel: {
        color: pens.dim,
        formatter: (hour: number) => clockOf(hour * HOUR_S),
        hideOverlap: true,
        showMinLabel: false,
        showMaxLabel: false,
      },
      axisLine: { onZero: false, lineStyle: { color: pens.ink } },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      min: sun ? Math.min(-8, ...steps.map(degrees)) : -1,
      max: sun ? 1.4 * most : 1,
      axisLabel: {
        show: sun !== null,
        color: pens.dim,
        showMaxLabel: false,
        formatter: (value: number) => (value < 0 ? '' : `${Math.round(value)}°`),
      },
      splitNumber: 2,
      axisTick: { show: false },
      splitLine: { show: false },
      axisLine: { show: sun !== null, lineStyle: { color: pens.faint } },
    },
    series: [
      {
        type: 'line',
        showSymbol: false,
        lineStyle: { color: pens.ink, width: sun ? 1.5 : 0 },
        data: steps.map((s) => [hours(s), degrees(s)]),
        markArea: {
          silent: true,
          label: { color: pens.dim, position: 'insideBottomLeft', fontSize: 11 },
          data: areas.map(({ fromS: a, toS: b }) => [
            { xAxis: hours(a), name: t('word.overcast'), itemStyle: { color: pens.ok, opacity: 0.7 } },
            { xAxis: hours(b) },
          ]),
        },
        ...(sun ? { markLine: horizon(pens) } : {}),
      },
      ...(plan.highWaterS === undefined
        ? []
        : [
            {
              type: 'line' as const,
              name: 'tide',
              showSymbol: false,
              lineStyle: { color: pens.dim, type: 'dashed' as const, width: 1.2 },
              data: steps.map((s) => [hours(s), tideOn(plan, s, sun ? most : 1)]),
              endLabel: { show: true, formatter: t('today.tide'), color: pens.dim, fontSize: 11, offset: [-28, -8] },
            },
          ]),
      {
        type: 'scatter',
        silent: true,
        labelLayout: { hideOverlap: true },
        symbol: ARROW,
        data: windHours.map((s) => {
          const { fromRad, windMps } = windAt(plan, s)!;
          return {
            value: [hours(s), sun ? 1.25 * most : 0.9],
            // The symbol points up; the wind blows where it does not come from.
            symbolRotate: 180 - (180 / Math.PI) * fromRad,
            symbolSize: [8, Math.min(20, 9 + windMps)],
            itemStyle: { color: pens.ink },
            label: {
              show: true,
              position: 'right' as const,
              distance: 0,
              color: pens.dim,
              fontSize: 10.5,
              formatter: format(windMps, 'speed'),
            },
          };
        }),
      },
    ],
  };
}

const horizon = (pens: Pens) => ({
  silent: true,
  symbol: 'none',
  label: { show: false },
  lineStyle: { color: pens.faint, type: 'solid' as const },
  data: [{ yAxis: 0 }],
});

/** The tide on the plot: low water at the horizon, high water at two thirds of its height. */
const tideOn = (plan: DayPlan, atS: number, most: number): number =>
  ((tideNow(plan, atS)!.heightShare + 1) / 2) * 0.66 * most;

/** Stretches under clouds, between two hours. */
function skyAreas(
  plan: DayPlan,
  fromS: number,
  toS: number,
): readonly { readonly fromS: number; readonly toS: number }[] {
  const edges = [fromS, ...plan.sky.map((each) => each.fromS).filter((s) => s > fromS && s < toS), toS];
  return edges.slice(0, -1).flatMap((from, i) => {
    const area = { fromS: from, toS: edges[i + 1]! };
    return skyAt(plan, (area.fromS + area.toS) / 2) === 'overcast' ? [area] : [];
  });
}
