import { useMemo, useState } from 'react';
import type { Sweep } from '@/core/decide';
import type { Mark } from '@/core/judge';
import type { Measure } from '@/core/base/measure';
import type { I18n } from '@/i18n/client';
import { Chart, type Pens } from '@/ui/chart';
import { canTakeOver, type SweepChoice } from './sweep-choices';
import { oneInput, twoInputs } from './chart-options';
import { Slider } from '@/ui/slider';

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
export function SweepChart({ sweep, name, measure, x, y, i18n, onTakeOver }: SweepChartProps) {
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
        <Along
          label={`${x.label} [${unitLabel(x.measure)}]`}
          max={xs.length - 1}
          value={i}
          text={format(xs[i]!, x.measure)}
          onValue={(next) => setPicked([next, j])}
        />
        {ys && y && (
          <Along
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

function Along({
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
    <div className="narrow text-[12.5px] text-dim">
      <p className="flex justify-between gap-2">
        <span className="truncate">{label}</span> <span className="text-ink">{text}</span>
      </p>
      <Slider label={label} text={text} min={0} max={max} step={1} value={value} onValue={onValue} />
    </div>
  );
}
