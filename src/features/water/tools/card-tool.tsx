'use client';

import { useMemo } from 'react';
import type { EChartsCoreOption } from 'echarts/core';
import { axisSteps } from '@/features/fields/nice-steps';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n } from '@/i18n/client';
import { Chart, type Pens } from '@/ui/chart';
import { chartAxis } from '@/ui/chart-axis';
import { Link } from '@/ui/link';
import { ProgressLine } from '@/ui/progress-line';
import { measurementUrl } from '@/domain/measurement';
import { guidesOf } from '@/domain/guides';
import type { QuestionOf } from '@/workers/protocol';
import { lineOf } from '../scene';
import { Note, Table } from '@/features/fields/sheet';
import type { ToolProps } from './parts';

const SPEEDS = [0.7, 0.85, 1, 1.15, 1.3] as const;

/** The chart of the card alone, under a flat picture. */
export function CardChart({ main, className = 'h-64' }: Pick<ToolProps, 'main'> & { readonly className?: string }) {
  const { t, format, number, inUnit, unitLabel } = useI18n();
  const { card, waiting, progress } = useCard(main);
  const option = useMemo(() => {
    const curves = (card?.speedsMps ?? []).map((speedMps, k) => ({
      name: format(speedMps, 'speed'),
      points: card!.linesM.map((lineM, i): readonly [number, number | null] => {
        const depthM = card!.depthsM[i]![k] ?? null;
        return [inUnit(lineM, 'distance'), depthM === null ? null : inUnit(depthM, 'depth')];
      }),
    }));
    return (pens: Pens): EChartsCoreOption => ({
      grid: { left: 52, right: 64, top: 12, bottom: 42 },
      xAxis: chartAxis(pens, number, {
        name: `${t('water.line')} [${unitLabel('distance')}]`,
        max: curves[0]?.points.at(-1)?.[0],
      }),
      yAxis: chartAxis(pens, number, {
        name: `${t('water.depth')} [${unitLabel('depth')}]`,
        nameGap: 36,
        inverse: true,
      }),
      series: [
        ...curves.map(({ points }, k) => ({
          type: 'line',
          showSymbol: false,
          silent: true,
          lineStyle: {
            color: pens.ink,
            width: k === 2 ? 2.2 : 1,
            type: (['dotted', 'dashed', 'solid', [8, 3, 2, 3], [2, 2]] as const)[k],
          },
          data: points,
        })),
        // The labels of a line's own end never make room for each other; those of points do, where they stand by themselves.
        {
          type: 'scatter',
          silent: true,
          symbolSize: 1,
          itemStyle: { color: pens.ink },
          labelLayout: ({
            labelRect: { x, y },
          }: {
            readonly labelRect: { readonly x: number; readonly y: number };
          }) => ({ x, y, align: 'left', verticalAlign: 'top', moveOverlap: 'shiftY' }),
          data: curves.flatMap(({ name, points }) => {
            const last = points.findLast(([, depth]) => depth !== null);
            const label = { show: true, position: 'right', formatter: name, color: pens.dim, lineHeight: 13 };
            return last ? [{ value: last, label }] : [];
          }),
        },
      ],
    });
  }, [card, t, format, number, inUnit, unitLabel]);
  return (
    <>
      {waiting && progress && <ProgressLine label={t('water.card.computing')} share={progress.done / progress.of} />}
      {card && <Chart option={option} label={t('water.card.chart')} className={className} />}
    </>
  );
}

/** A card waits until a handle has come to rest [ms]. */
const CARD_AFTER_MS = 350;

function useCard({ setup }: ToolProps['main']) {
  const { inUnit } = useI18n();
  const { presentation } = setup;
  const question = useMemo((): QuestionOf<'depth-card'> | null => {
    if (presentation.kind !== 'towed') return null;
    const longest = Math.max(10, 2 * lineOf(presentation));
    return {
      kind: 'depth-card',
      setup,
      linesM: axisSteps(longest, longest / 10, 'distance', { inUnit }),
      speedsMps: SPEEDS.map((share) => Number((share * presentation.speedMps).toPrecision(3))),
    };
  }, [setup, presentation, inUnit]);
  const { last, waiting, progress } = useAnswer(question, CARD_AFTER_MS);
  return { card: last?.answer ?? null, waiting, progress };
}

/** Depth by line out and by speed, as a chart and as the card that goes on the boat. */
export function CardTool({ main }: ToolProps) {
  const { t, format, fixed, inUnit, unitLabel } = useI18n();
  const { card } = useCard(main);
  const { presentation } = main.setup;
  if (presentation.kind !== 'towed') return <p>{t('water.card.onlyTowed')}</p>;
  const lure = main.setup.parts.find(
    (part) => guidesOf(part.kind).includes('dive-test') && main.setup.chain.some(({ partId }) => partId === part.id),
  );
  return (
    <>
      <CardChart main={main} />
      {card && (
        <Table
          caption={t('water.card.caption', { name: main.name })}
          head={[t('water.line'), ...card.speedsMps.map((speed) => format(speed, 'speed'))]}
          rows={card.linesM.map((lineM, i) => [
            format(lineM, 'distance'),
            ...card.depthsM[i]!.map((depth) => (depth === null ? '–' : fixed(inUnit(depth, 'depth'), 1))),
          ])}
        />
      )}
      <Note>{t('water.card.note', { unit: unitLabel('depth') })}</Note>
      {lure && (
        <p className="text-[14px]">
          {t('water.card.sure')}{' '}
          <Link
            href={measurementUrl({ partId: lure.id, guide: 'dive-test', field: null })}
            className="underline underline-offset-2"
          >
            {t('water.card.diveTest')}
          </Link>
        </p>
      )}
    </>
  );
}
