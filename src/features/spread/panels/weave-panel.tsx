'use client';

import { isSolved } from '@/domain/spread/line-names';
import type { EChartsCoreOption } from 'echarts/core';
import { useMemo, useState } from 'react';
import { sTurn, S_TURN_LIMITS as S } from '@/core/afloat';
import { InputRangeError } from '@/core/base/guard';
import type { SolvedSpread } from '@/domain/spread/solve';
import { Answers, Fields, Figure, Note } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { Chart, type Pens } from '@/ui/chart';
import { chartAxis } from '@/ui/chart-axis';
import { ChartKey, lineType } from '@/ui/chart-key';
import { ChoiceField } from '@/ui/choice-field';
import type { SpreadInHand } from '../use-spread';
import { numberOf } from '../words';

const SPEED_STROKE = '4 3';

/** A boat that weaves: what a lure's speed and depth do through time, where it strikes the bottom, where its line goes slack. */
export function WeavePanel({
  inHand,
  solved,
  chosen,
}: {
  readonly inHand: SpreadInHand;
  readonly solved: SolvedSpread;
  readonly chosen: string | null;
}) {
  const { t, format, number, inUnit, unitLabel } = useI18n();
  const { spread } = inHand;
  const runs = useMemo(() => solved.lines.filter(isSolved), [solved]);
  const [on, setOn] = useState(chosen ?? runs[0]?.id ?? '');
  const [shape, setShape] = useState({ amplitudeM: 6, waveLengthM: 50 });
  const line = runs.find(({ id }) => id === on) ?? runs[0];
  const { speedMps, bottomM } = spread;
  const made = useMemo(() => {
    if (!line) return null;
    try {
      return sTurn({
        speedMps,
        ...shape,
        laybackM: Math.max(S.laybackM.min, line.behindTipM),
        depthsAt: line.depthsAt,
        ...(bottomM === undefined ? {} : { bottomM }),
      });
    } catch (error) {
      if (error instanceof InputRangeError) return null;
      throw error;
    }
  }, [line, speedMps, bottomM, shape]);
  const option = useMemo(
    () =>
      (pens: Pens): EChartsCoreOption => {
        const beside = { nameGap: 36, scale: true };
        const series = (yAxisIndex: number, values: readonly number[], stroke?: string) => ({
          type: 'line',
          yAxisIndex,
          showSymbol: false,
          lineStyle: { color: pens.ink, width: 1.5, type: lineType(stroke) },
          data: values.map((value, i) => [made!.timeS[i]!, value]),
        });
        return {
          grid: { left: 54, right: 54, top: 10, bottom: 40 },
          xAxis: chartAxis(pens, number, { name: t('spread.weave.seconds'), splitLine: { show: false } }),
          yAxis: [
            chartAxis(pens, number, {
              name: `${t('spread.list.depth')} [${unitLabel('depth')}]`,
              inverse: true,
              ...beside,
            }),
            chartAxis(pens, number, {
              name: `${t('spread.weave.speeds')} [${unitLabel('speed')}]`,
              splitLine: { show: false },
              ...beside,
            }),
          ],
          series: made
            ? [
                series(
                  0,
                  made.depthM.map((m) => inUnit(m, 'depth')),
                ),
                series(
                  1,
                  made.speedMps.map((mps) => inUnit(mps, 'speed')),
                  SPEED_STROKE,
                ),
              ]
            : [],
        };
      },
    [made, t, number, inUnit, unitLabel],
  );
  if (!line) return <p>{t('spread.list.empty')}</p>;
  return (
    <div data-testid="weave">
      <Fields>
        <ChoiceField
          label={t('spread.weave.line')}
          value={line.id}
          options={runs.map(({ id }) => ({ value: id, label: String(numberOf(spread, id)) }))}
          onValueChange={setOn}
        />
        <Figure
          label={t('spread.weave.amplitude')}
          measure="distance"
          value={shape.amplitudeM}
          limits={S.amplitudeM}
          onValue={(amplitudeM) => setShape({ ...shape, amplitudeM })}
        />
        <Figure
          label={t('spread.weave.wave')}
          measure="distance"
          value={shape.waveLengthM}
          limits={S.waveLengthM}
          onValue={(waveLengthM) => setShape({ ...shape, waveLengthM })}
        />
      </Fields>
      {made ? (
        <>
          <ChartKey
            lines={[
              { name: t('spread.list.depth'), stroke: undefined },
              { name: t('spread.weave.speeds'), stroke: SPEED_STROKE },
            ]}
          />
          <Chart option={option} label={t('spread.weave.title')} className="h-56" />
          <Answers
            rows={[
              [
                t('spread.weave.speeds'),
                `${format(made.settled.slowestMps, 'speed')} – ${format(made.settled.fastestMps, 'speed')}`,
              ],
              [
                t('spread.weave.depths'),
                `${format(made.settled.shallowestM, 'depth')} – ${format(made.settled.deepestM, 'depth')}`,
                'weave-depths',
              ],
              [
                t('spread.weave.slack'),
                made.settled.slackShare > 0 ? format(made.settled.slackShare, 'share') : t('spread.weave.never'),
              ],
              [
                t('spread.weave.bottom'),
                made.bottomAtS === null
                  ? t(bottomM === undefined ? 'spread.weave.noBottom' : 'spread.weave.never')
                  : t('spread.weave.after', { time: format(made.bottomAtS, 'time') }),
              ],
            ]}
          />
        </>
      ) : (
        <p role="alert">{t('error.failedTitle')}</p>
      )}
      <Note>{t('spread.weave.note')}</Note>
    </div>
  );
}
