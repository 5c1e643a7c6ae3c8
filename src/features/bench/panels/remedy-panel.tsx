'use client';

import { useMemo, useState } from 'react';
import { placesOf, type Remedy, type VerdictShift } from '@/core/decide';
import type { Setup } from '@/core/tackle';
import type { Part } from '@/domain/parts';
import { MARK_SHAPE } from '@/features/fields/shown-as';
import { useVerdictText } from '@/features/fields/verdict-words';
import { useAnswer } from '@/features/fields/use-answer';
import { changeText } from '@/i18n/change-text';
import { useI18n } from '@/i18n/client';
import { Mark } from '@/ui/mark';
import { Panel } from '@/ui/panel';
import { ProgressLine } from '@/ui/progress-line';
import type { QuestionOf } from '@/workers/protocol';
import type { Trial } from '../state/bench-state';
import { mended } from '../state/read-draft';

export interface RemedyPanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  /** the setup as it is fitted */
  readonly setup: Setup;
  readonly box: readonly Part[];
  readonly trial: Trial | null;
  readonly onTry: (trial: Trial | null) => void;
  readonly onFit: () => void;
}

const keyOf = ({ changes }: Remedy): string =>
  JSON.stringify(changes.map((change) => [placesOf(change), change.kind === 'part' ? change.part.id : change.value]));

/** What would mend the setup, the best first, with what each moves and spoils. */
export function RemedyPanel({ open, onOpenChange, setup, box, trial, onTry, onFit }: RemedyPanelProps) {
  const { t } = useI18n();
  const [dismissed, setDismissed] = useState<ReadonlySet<string>>(new Set());
  const question = useMemo(
    (): QuestionOf<'remedies'> | null => (open ? { kind: 'remedies', setup, box } : null),
    [open, setup, box],
  );
  const { last, waiting, progress, failed } = useAnswer(question);
  const remedies = last?.answer.remedies.filter((remedy) => !dismissed.has(keyOf(remedy))) ?? [];
  return (
    <Panel side open={open} onOpenChange={onOpenChange} title={t('remedy.title')} closeLabel={t('common.close')}>
      <p className="semi-narrow mb-2 text-[13px] text-dim">{t('remedy.hint')}</p>
      {waiting && (
        <ProgressLine
          label={progress ? t('remedy.progress', { done: progress.done, of: progress.of }) : t('remedy.begun')}
          share={progress ? progress.done / progress.of : null}
        />
      )}
      {failed && <p role="alert">{t('error.failedTitle')}</p>}
      {last && !waiting && last.answer.outcome === 'nothing-to-mend' && <p>{t('remedy.nothing')}</p>}
      {last && !waiting && last.answer.outcome === 'none' && <p>{t('remedy.none')}</p>}
      <ol aria-label={t('remedy.title')} className={waiting ? 'opacity-60' : ''}>
        {remedies.map((remedy) => {
          const isOn = trial !== null && JSON.stringify(trial.changes) === JSON.stringify(remedy.changes);
          return (
            <RemedyItem
              key={keyOf(remedy)}
              remedy={remedy}
              setup={setup}
              isOn={isOn}
              onTry={() => onTry(isOn ? null : { changes: remedy.changes, becomes: mended(setup, remedy.changes) })}
              onFit={onFit}
              onDismiss={() => setDismissed(new Set([...dismissed, keyOf(remedy)]))}
            />
          );
        })}
      </ol>
      {dismissed.size > 0 && (
        <button
          type="button"
          className="narrow mt-2 min-h-8 text-[13px] underline"
          onClick={() => setDismissed(new Set())}
        >
          {t('remedy.again', { count: dismissed.size })}
        </button>
      )}
    </Panel>
  );
}

interface RemedyItemProps {
  readonly remedy: Remedy;
  readonly setup: Setup;
  readonly isOn: boolean;
  readonly onTry: () => void;
  readonly onFit: () => void;
  readonly onDismiss: () => void;
}

function RemedyItem({ remedy, setup, isOn, onTry, onFit, onDismiss }: RemedyItemProps) {
  const verdictName = useVerdictText();
  const i18n = useI18n();
  const { t } = i18n;
  const toFind = remedy.changes.some((change) => change.kind === 'part' && change.from === 'class');
  const moved = remedy.shifts.filter(({ was, is }) => was !== is);
  return (
    <li
      data-sound={remedy.makesSound}
      className={`border-t border-ink py-1.5 ${isOn ? 'bg-hi px-1.5 text-on-hi' : ''}`}
    >
      <ul>
        {remedy.changes.map((change, i) => {
          const { what, to, detail } = changeText(i18n, change, setup);
          return (
            <li key={i} className="text-[14.5px] leading-[1.25]">
              <span className={`narrow text-[12.5px] ${isOn ? '' : 'text-dim'}`}>{what} → </span>
              <span className="font-semibold">{to}</span>{' '}
              {detail && <span className={`narrow text-[12.5px] ${isOn ? '' : 'text-dim'}`}>{detail}</span>}
            </li>
          );
        })}
      </ul>
      <p className="narrow mt-0.5 flex flex-wrap gap-x-3 text-[13px]">
        {moved.map((shift) => (
          <Shift key={shift.verdict} shift={shift} />
        ))}
        {remedy.spoils.length > 0 && (
          <span className={isOn ? '' : 'text-dim'}>
            {t('remedy.spoils', { verdicts: remedy.spoils.map((name) => verdictName(name)).join(', ') })}
          </span>
        )}
      </p>
      <p className="narrow mt-0.5 flex flex-wrap items-center gap-x-3 text-[12.5px]">
        <button type="button" aria-pressed={isOn} onClick={onTry} className="min-h-8 border border-ink px-2 lg:min-h-6">
          {isOn ? t('key.putBack') : t('key.try')}
        </button>
        {isOn && !toFind && (
          <button
            type="button"
            onClick={onFit}
            className="min-h-8 border border-ink bg-sheet px-2 font-semibold text-ink lg:min-h-6"
          >
            {t('key.fit')}
          </button>
        )}
        <button
          type="button"
          onClick={onDismiss}
          className={`min-h-8 underline underline-offset-2 lg:min-h-6 ${isOn ? '' : 'text-dim hover:text-ink'}`}
        >
          {t('remedy.dismiss')}
        </button>
        <span className={`ml-auto ${isOn ? '' : 'text-dim'}`}>
          {toFind
            ? t('remedy.lookFor')
            : remedy.changes.every(({ kind }) => kind !== 'part')
              ? t('remedy.technique')
              : t('remedy.own')}
        </span>
      </p>
    </li>
  );
}

function Shift({ shift: { verdict, was, is } }: { readonly shift: VerdictShift }) {
  const verdictName = useVerdictText();
  const { t } = useI18n();
  return (
    <span className="flex items-center gap-1">
      {verdictName(verdict)} <Mark shape={MARK_SHAPE[was]} size={11} /> → <Mark shape={MARK_SHAPE[is]} size={11} />
      <span className="sr-only">
        {t(`mark.${was}`)}, {t(`mark.${is}`)}
      </span>
    </span>
  );
}
