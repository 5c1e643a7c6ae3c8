'use client';

import Papa from 'papaparse';
import { useMemo, useState } from 'react';
import type { EChartsCoreOption } from 'echarts/core';
import type { Sweep } from '@/core/decide';
import type { Mark } from '@/core/judge';
import type { Measure } from '@/core/base/measure';
import type { Setup } from '@/core/tackle';
import { saveText } from '@/features/fields/save-text';
import { useVerdictText } from '@/features/fields/verdict-words';
import { MEASURE_OF_UNIT } from '@/features/fields/shown-as';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n, type I18n } from '@/i18n/client';
import { Chart, type Pens } from '@/ui/chart';
import { ChoiceField } from '@/ui/choice-field';
import { Panel } from '@/ui/panel';
import { ProgressLine } from '@/ui/progress-line';
import type { Question } from '@/workers/protocol';
import { bands } from '../verdicts/bands';
import type { Draft } from '../state/bench-state';
import { canTakeOver, RESULTS, sweepChoices, takenOver, type ResultChoice, type SweepChoice } from './sweep-choices';

export interface SweepPanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly setup: Setup;
  readonly unitOf: (verdict: ResultChoice['verdict']) => keyof typeof MEASURE_OF_UNIT;
  /** the draft with a value taken over, null where it is not allowed; and the input it belongs to */
  readonly onTakeOver: (draft: Draft | null, path: string) => void;
}

const NONE = '';
const STEPS = 41;
const STEPS_OF_TWO = [21, 13] as const;

/** Any result against one or two inputs: where it is sound, where it stands now, and the value to take over. */
export function SweepPanel({ open, onOpenChange, setup, unitOf, onTakeOver }: SweepPanelProps) {
  const verdictName = useVerdictText();
  const i18n = useI18n();
  const { t } = i18n;
  const choices = useMemo(() => sweepChoices(i18n, setup), [i18n, setup]);
  const [result, setResult] = useState<string>('verdicts.set.value');
  const [input, setInput] = useState(choices[0]!.path);
  const [second, setSecond] = useState(NONE);
  const of = RESULTS.find(({ path }) => path === result)!;
  const x = choices.find(({ path }) => path === input) ?? choices[0]!;
  const y = choices.find(({ path }) => path === second && path !== x.path) ?? null;
  const question = useMemo((): Extract<Question, { kind: 'sweep' }> | null => {
    if (!open) return null;
    const axis = ({ path, from, to }: SweepChoice, steps: number) => ({ path, from, to, steps });
    return {
      kind: 'sweep',
      setup,
      axes: y ? [axis(x, STEPS_OF_TWO[0]), axis(y, STEPS_OF_TWO[1])] : [axis(x, STEPS)],
      of: [of.path, `verdicts.${of.verdict}.mark`],
    };
  }, [open, setup, x, y, of]);
  const { last, waiting, progress, failed } = useAnswer(question);
  const measure = of.measure ?? MEASURE_OF_UNIT[unitOf(of.verdict)];
  const option = (choice: SweepChoice) => ({ value: choice.path, label: choice.label });
  const nameOf = (choice: ResultChoice) =>
    choice.key === 'value' ? verdictName(choice.verdict) : t(`sweep.result.${choice.key}`);
  return (
    <Panel open={open} onOpenChange={onOpenChange} title={t('sweep.title')} closeLabel={t('common.close')}>
      <div className="mb-2 grid gap-x-4 gap-y-1 sm:grid-cols-3">
        <ChoiceField
          label={t('sweep.of')}
          value={of.path}
          options={RESULTS.map((each) => ({ value: each.path, label: nameOf(each) }))}
          onValueChange={setResult}
        />
        <ChoiceField label={t('sweep.against')} value={x.path} options={choices.map(option)} onValueChange={setInput} />
        <ChoiceField
          label={t('sweep.and')}
          value={y?.path ?? NONE}
          options={[
            { value: NONE, label: t('sweep.alone') },
            ...choices.filter(({ path }) => path !== x.path).map(option),
          ]}
          onValueChange={setSecond}
        />
      </div>
      {waiting && progress && (
        <ProgressLine
          label={t('sweep.progress', { done: progress.done, of: progress.of })}
          share={progress.done / progress.of}
        />
      )}
      {failed && <p role="alert">{failed === 'outside-limits' ? t('error.refused') : t('error.failedTitle')}</p>}
      {last &&
        last.question.of[0] === of.path &&
        last.question.axes[0]!.path === x.path &&
        last.question.axes[1]?.path === y?.path && (
          <div className={waiting ? 'opacity-60' : ''}>
            <SweepChart
              key={`${x.path} ${x.value} ${y?.path} ${y?.value}`}
              sweep={last.answer}
              name={nameOf(of)}
              measure={measure}
              x={x}
              y={y}
              i18n={i18n}
              onTakeOver={({ path }, value) => onTakeOver(takenOver(setup, path, value), path)}
            />
            <button
              type="button"
              onClick={() =>
                saveText(
                  `sweep-${of.key}.csv`,
                  'text/csv',
                  csvOf(last.answer, [x, ...(y ? [y] : [])], nameOf(of), measure, i18n),
                )
              }
              className="narrow mt-1 min-h-8 text-[13px] underline"
            >
              {t('sweep.csv')}
            </button>
          </div>
        )}
    </Panel>
  );
}

interface SweepChartProps {
  readonly sweep: Sweep;
  readonly name: string;
  readonly measure: Measure;
  readonly x: SweepChoice;
  readonly y: SweepChoice | null;
  readonly i18n: I18n;
  readonly onTakeOver: (choice: SweepChoice, value: number) => void;
}

/** The chart, a slider along it for fingers and keys, and what stands there. */
function SweepChart({ sweep, name, measure, x, y, i18n, onTakeOver }: SweepChartProps) {
  const { t, format, unitLabel, inUnit } = i18n;
  const [xs, ys] = [sweep.axes[0]!.values, sweep.axes[1]?.values ?? null];
  const near = (values: readonly number[], value: number) =>
    values.reduce((best, each, i) => (Math.abs(each - value) < Math.abs(values[best]! - value) ? i : best), 0);
  const [picked, setPicked] = useState<readonly [number, number] | null>(null);
  const at = picked ?? [near(xs, x.value), ys && y ? near(ys, y.value) : 0];
  const i = Math.min(at[0], xs.length - 1);
  const j = Math.min(at[1], (ys?.length ?? 1) - 1);
  const cell = i * (ys?.length ?? 1) + j;
  const value = sweep.results[0]!.values[cell];
  const mark = sweep.results[1]!.values[cell] as Mark | null;
  const option = useMemo(
    () => (pens: Pens) =>
      ys && y ? twoInputs(sweep, x, y, i18n, pens) : oneInput(sweep, x, name, measure, i18n, pens),
    [sweep, x, y, ys, name, measure, i18n],
  );
  const pick = (px: number, py: number) =>
    setPicked([
      near(
        xs.map((each) => inUnit(each, x.measure)),
        px,
      ),
      ys && y
        ? near(
            ys.map((each) => inUnit(each, y.measure)),
            py,
          )
        : 0,
    ]);
  const takes = [x, ...(y ? [y] : [])].filter(({ path }) => canTakeOver(path));
  return (
    <>
      <Chart option={option} label={t('sweep.label', { name, input: x.label })} onPoint={pick} />
      <div className="grid gap-x-4 sm:grid-cols-2">
        <Slider
          label={`${x.label} [${unitLabel(x.measure)}]`}
          max={xs.length - 1}
          value={i}
          text={format(xs[i]!, x.measure)}
          onValue={(next) => setPicked([next, j])}
        />
        {ys && y && (
          <Slider
            label={`${y.label} [${unitLabel(y.measure)}]`}
            max={ys.length - 1}
            value={j}
            text={format(ys[j]!, y.measure)}
            onValue={(next) => setPicked([i, next])}
          />
        )}
      </div>
      <p
        role="status"
        data-testid="sweep-at"
        data-value={typeof value === 'number' ? value : ''}
        className="mt-1 text-[15px]"
      >
        {t('sweep.at', {
          name,
          value: typeof value === 'number' ? format(value, measure) : '–',
          mark: mark ? t(`mark.${mark}`) : '–',
        })}
      </p>
      <p className="narrow mt-1 flex flex-wrap gap-2">
        {takes.map((choice) => {
          const taken = choice === x ? xs[i]! : ys![j]!;
          return (
            <button
              key={choice.path}
              type="button"
              onClick={() => onTakeOver(choice, taken)}
              className="min-h-9 border border-ink bg-hi px-3 font-semibold text-on-hi"
            >
              {t('sweep.take', { input: choice.label, value: format(taken, choice.measure) })}
            </button>
          );
        })}
        {takes.length === 0 && <span className="text-[13px] text-dim">{t('sweep.ofPart')}</span>}
      </p>
    </>
  );
}

function Slider({
  label,
  max,
  value,
  text,
  onValue,
}: {
  readonly label: string;
  readonly max: number;
  readonly value: number;
  readonly text: string;
  readonly onValue: (value: number) => void;
}) {
  return (
    <label className="narrow block text-[12.5px] text-dim">
      <span className="flex justify-between gap-2">
        <span className="truncate">{label}</span> <span className="text-ink">{text}</span>
      </span>
      <input
        type="range"
        min={0}
        max={max}
        step={1}
        value={value}
        aria-valuetext={text}
        onChange={(event) => onValue(Number(event.target.value))}
        className="w-full"
      />
    </label>
  );
}

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

function axis(
  i18n: I18n,
  pens: Pens,
  { label, measure }: { readonly label: string; readonly measure: Measure },
  extra: object = {},
): object {
  return {
    type: 'value',
    scale: true,
    name: `${label} [${i18n.unitLabel(measure)}]`,
    nameLocation: 'middle',
    nameGap: 26,
    nameTextStyle: { color: pens.dim },
    axisLine: { show: true, lineStyle: { color: pens.ink } },
    axisTick: { show: true, lineStyle: { color: pens.ink } },
    axisLabel: { color: pens.dim, formatter: (value: number) => i18n.number(value, 2) },
    splitLine: { lineStyle: { color: pens.faint, opacity: 0.5 } },
    ...extra,
  };
}

/** One input: the line over bands of the mark, the present value by a rule. */
function oneInput(
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
function twoInputs(sweep: Sweep, x: SweepChoice, y: SweepChoice, i18n: I18n, pens: Pens): EChartsCoreOption {
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

/** The sweep as a table: inputs, result and mark, in the units of the screen. */
function csvOf(sweep: Sweep, inputs: readonly SweepChoice[], name: string, measure: Measure, i18n: I18n): string {
  const head = [
    ...inputs.map(({ label, measure: of }) => `${label} [${i18n.unitLabel(of)}]`),
    `${name} [${i18n.unitLabel(measure)}]`,
    'mark',
  ];
  const cells = sweep.axes[0]!.values.flatMap((a) => (sweep.axes[1] ? sweep.axes[1].values.map((b) => [a, b]) : [[a]]));
  const rows = cells.map((cell, k) => {
    const value = sweep.results[0]!.values[k];
    return [
      ...cell.map((each, i) => i18n.inUnit(each, inputs[i]!.measure)),
      typeof value === 'number' ? i18n.inUnit(value, measure) : '',
      sweep.results[1]!.values[k] ?? '',
    ];
  });
  return Papa.unparse([head, ...rows], { newline: '\r\n' });
}
