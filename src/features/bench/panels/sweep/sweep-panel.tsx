'use client';

import { useMemo, useState } from 'react';
import type { Setup } from '@/core/tackle';
import { saveText } from '@/features/fields/save-text';
import { useVerdictText } from '@/features/fields/verdict-words';
import { MEASURE_OF_UNIT } from '@/features/fields/shown-as';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { Panel } from '@/ui/panel';
import { ProgressLine } from '@/ui/progress-line';
import type { QuestionOf } from '@/workers/protocol';
import type { Draft } from '../../state/bench-state';
import { RESULTS, sweepChoices, takenOver, type ResultChoice, type SweepChoice } from './sweep-choices';
import { SweepChart } from './sweep-chart';
import { csvOf } from './sweep-table';

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
  const question = useMemo((): QuestionOf<'sweep'> | null => {
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
