'use client';

import { useEffect, useMemo, useState } from 'react';
import type { EChartsCoreOption } from 'echarts/core';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n } from '@/i18n/client';
import { Chart, type Pens } from '@/ui/chart';
import { chartAxis } from '@/ui/chart-axis';
import { ChartKey, lineType } from '@/ui/chart-key';
import { ChoiceField } from '@/ui/choice-field';
import type { QuestionOf, TurnAnswer } from '@/workers/protocol';
import { STROKES } from '../column/strokes';
import { Fields, Figure, Note, Press, Table } from '@/features/fields/sheet';
import type { ToolProps } from './parts';
import { Slider } from '@/ui/slider';
import { linear } from '@/ui/scale';

/** Lines of a rod on each side of the boat, where nothing else is said [m]. */
const SIDES = [2, -2, 4, -4] as const;

/** A turn to the right: what inside and outside lures do, from above, by the second, and as figures. */
export function TurnTool({ lines, main, scene, dispatch }: ToolProps) {
  const { t, format, number, inUnit, unitLabel } = useI18n();
  const towed = useMemo(() => lines.filter(({ setup }) => setup.presentation.kind === 'towed'), [lines]);
  const [radiusM, setRadius] = useState(40);
  const offsets = towed.map(({ id }, i) => scene.own[id]?.offsetM ?? SIDES[i]!);
  const offsetKey = offsets.join(' ');
  const question = useMemo(
    (): QuestionOf<'turn'> | null =>
      towed.length === 0
        ? null
        : {
            kind: 'turn',
            setups: towed.map(({ setup }) => setup),
            offsetsM: offsetKey.split(' ').map(Number),
            radiusM,
          },
    [towed, offsetKey, radiusM],
  );
  const { last } = useAnswer(question);
  const answers = last && last.answer.length === towed.length ? last.answer : null;
  const frames = answers?.[0]?.track?.timeS.length ?? 0;
  const [frame, setFrame] = useState(0);
  const [plays, setPlays] = useState(false);
  const [shows, setShows] = useState<'speed' | 'depth'>('speed');
  useEffect(() => {
    if (!plays || frames === 0) return;
    const timer = setInterval(() => setFrame((at) => (at + 1) % frames), 50);
    return () => clearInterval(timer);
  }, [plays, frames]);
  const at = Math.min(frame, Math.max(0, frames - 1));
  const option = useMemo(() => {
    const value = (si: number | null) => (si === null ? null : inUnit(si, shows));
    return (pens: Pens): EChartsCoreOption => ({
      grid: { left: 50, right: 14, top: 10, bottom: 40 },
      xAxis: chartAxis(pens, number, { name: t('water.turn.seconds') }),
      yAxis: chartAxis(pens, number, {
        name: `${t(shows === 'depth' ? 'water.depth' : 'water.turn.speed')} [${unitLabel(shows)}]`,
        nameGap: 34,
        inverse: shows === 'depth',
      }),
      series: (answers ?? []).flatMap(({ track, depthsM }, i) =>
        track
          ? [
              {
                type: 'line',
                showSymbol: false,
                lineStyle: { color: pens.ink, width: 1.4, type: lineType(STROKES[i]) },
                data: track.timeS.map((s, k) => [
                  s,
                  value(shows === 'depth' ? (depthsM[k] ?? null) : track.speedMps[k]!),
                ]),
              },
            ]
          : [],
      ),
    });
  }, [answers, shows, t, number, unitLabel, inUnit]);
  if (towed.length === 0) return <p>{t('water.card.onlyTowed')}</p>;
  return (
    <>
      <Fields>
        <Figure
          label={t('water.turn.radius')}
          measure="distance"
          value={radiusM}
          limits={{ min: 3, max: 1000 }}
          onValue={setRadius}
        />
        <Figure
          label={t('water.speed')}
          measure="speed"
          value={scene.speedMps ?? main.setup.presentation.speedMps}
          limits={{ min: 0.1, max: 6 }}
          onValue={(speedMps) => dispatch({ kind: 'scene', change: { speedMps } })}
        />
        {towed.map(({ id, name }, i) => (
          <Figure
            key={id}
            label={t('water.turn.offset', { name })}
            measure="distance"
            value={offsets[i]!}
            limits={{ min: -60, max: 60 }}
            onValue={(offsetM) => dispatch({ kind: 'own', id, change: { offsetM } })}
          />
        ))}
      </Fields>
      {answers && (
        <>
          <div className="mt-2 grid gap-3 lg:grid-cols-2">
            <div>
              <Above answers={answers} frame={at} radiusM={radiusM} />
              <div className="flex items-center gap-3">
                <Press onPress={() => setPlays(!plays)}>{plays ? t('water.turn.pause') : t('water.turn.play')}</Press>
                <Slider
                  label={t('water.turn.seconds')}
                  text={format(answers[0]!.track?.timeS[at] ?? 0, 'time')}
                  min={0}
                  max={Math.max(0, frames - 1)}
                  step={1}
                  value={at}
                  onValue={(frame) => {
                    setPlays(false);
                    setFrame(frame);
                  }}
                  className="min-h-8 flex-1"
                />
                <span className="narrow w-12 text-right text-[13px]">
                  {format(answers[0]!.track?.timeS[at] ?? 0, 'time')}
                </span>
              </div>
            </div>
            <div>
              <ChoiceField
                label={t('water.turn.shows')}
                value={shows}
                options={[
                  { value: 'speed' as const, label: t('water.turn.speed') },
                  { value: 'depth' as const, label: t('water.depth') },
                ]}
                onValueChange={setShows}
              />
              <ChartKey lines={towed.map(({ name }, i) => ({ name: `${i + 1} ${name}`, stroke: STROKES[i] }))} />
              <Chart option={option} label={t('water.turn.chart')} className="h-64" />
            </div>
          </div>
          <Table
            caption={t('water.turn.steady')}
            head={[
              t('water.coverage.setup'),
              t('water.turn.circle'),
              t('water.speed'),
              t('water.turn.straight'),
              t('water.turn.turning'),
            ]}
            rows={answers.map(({ line }, i) => [
              `${i + 1} ${towed[i]!.name}`,
              line.radiusM === null ? t('water.turn.slack') : format(line.radiusM, 'distance'),
              format(line.speedMps, 'speed'),
              format(line.straightM, 'depth'),
              line.turningM === null ? '–' : format(line.turningM, 'depth'),
            ])}
          />
          <Note>{t('water.turn.note')}</Note>
        </>
      )}
    </>
  );
}

/** Boat and lures from above, with the way they came. */
function Above({
  answers,
  frame,
  radiusM,
}: {
  readonly answers: readonly TurnAnswer[];
  readonly frame: number;
  readonly radiusM: number;
}) {
  const { t } = useI18n();
  const all = answers.flatMap(({ track }) => (track ? [...track.boat, ...track.lure] : []));
  const [left, right] = [Math.min(...all.map(([x]) => x)), Math.max(...all.map(([x]) => x))];
  const [low, high] = [Math.min(...all.map(([, y]) => y)), Math.max(...all.map(([, y]) => y))];
  const size = Math.max(right - left, high - low, radiusM) * 1.1;
  const about = (middle: number) => [middle - size / 2, middle + size / 2] as const;
  const x = linear(about((left + right) / 2), [20, 300]);
  const y = linear(about((low + high) / 2), [290, 10]);
  const path = (points: readonly (readonly [number, number])[]) =>
    points.map(([px, py], i) => `${i === 0 ? 'M' : 'L'}${x(px).toFixed(1)},${y(py).toFixed(1)}`).join('');
  const boat = answers.find(({ track }) => track)?.track?.boat;
  const [a, b] = [boat?.[Math.max(0, frame - 1)], boat?.[Math.max(1, frame)]];
  const heading = a && b ? (Math.atan2(b[0] - a[0], b[1] - a[1]) * 180) / Math.PI : 0;
  return (
    <svg viewBox="0 0 320 300" className="column mx-auto block h-72" role="img" aria-label={t('water.turn.above')}>
      {boat && <path d={path(boat)} className="pen-towed" strokeDasharray="1 4" />}
      {answers.map(
        ({ track }, i) =>
          track && (
            <g key={i}>
              <path d={path(track.lure.slice(0, frame + 1))} className="pen-towed" strokeDasharray={STROKES[i]} />
              <path d={path([track.boat[frame]!, track.lure[frame]!])} className="pen-cable" />
              <circle cx={x(track.lure[frame]![0])} cy={y(track.lure[frame]![1])} r={7} className="pen-ball" />
              <text x={x(track.lure[frame]![0])} y={y(track.lure[frame]![1]) + 4} textAnchor="middle">
                {i + 1}
              </text>
            </g>
          ),
      )}
      {boat && (
        <path
          transform={`translate(${x(boat[frame]![0])} ${y(boat[frame]![1])}) rotate(${heading})`}
          d="M0,-11Q6,-3 5,9H-5Q-6,-3 0,-11z"
          className="pen-hull"
        />
      )}
    </svg>
  );
}
