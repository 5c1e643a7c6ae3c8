'use client';

import type { Progress } from '@/core/decide';
import { VERDICT_NAMES, type Evaluation, type Verdict, type VerdictName } from '@/core/judge';
import type { Setup } from '@/core/tackle';
import { measurementUrl } from '@/domain/measurement';
import { MARK_SHAPE, MEASURE_OF_UNIT } from '@/features/fields/shown-as';
import { useVerdictText } from '@/features/fields/verdict-words';
import { useI18n } from '@/i18n/client';
import { inputText } from '@/i18n/input-text';
import { reasonText } from '@/i18n/setup-text';
import { Link } from '@/ui/link';
import { Mark } from '@/ui/mark';
import { ProgressEdge } from '@/ui/progress-edge';
import { ScaleBar } from '@/ui/scale-bar';
import { useChanges } from '@/ui/use-changes';
import type { VerdictRange } from '@/domain/verdict-ranges';
import { verdictScale } from './verdict-scale';

export interface VerdictStripProps {
  readonly evaluation: Evaluation;
  readonly rig: Setup;
  /** null until the draws are made */
  readonly ranges: Readonly<Record<VerdictName, VerdictRange>> | null;
  readonly dimmed: boolean;
  readonly rangesDimmed: boolean;
  readonly rangesProgress: Progress | null;
  readonly onWorking: (name: VerdictName) => void;
  readonly onRemedies: () => void;
}

export function VerdictStrip({
  evaluation,
  rig,
  ranges,
  dimmed,
  rangesDimmed,
  rangesProgress,
  onWorking,
  onRemedies,
}: VerdictStripProps) {
  const { t } = useI18n();
  return (
    <div
      id="verdicts"
      data-tour="verdicts"
      data-state={dimmed ? 'waiting' : 'ready'}
      data-ranges={ranges && !rangesDimmed ? 'ready' : 'waiting'}
      className="relative grid grid-cols-1 border border-ink bg-sheet transition-opacity data-[state=waiting]:opacity-70 data-[state=waiting]:delay-300 sm:grid-cols-5"
    >
      <ProgressEdge progress={rangesProgress} label={t('range.drawing')} />
      {VERDICT_NAMES.map((name) => (
        <VerdictCell
          key={name}
          name={name}
          verdict={evaluation.verdicts[name]}
          rig={rig}
          ranged={ranges?.[name] ?? null}
          rangesDimmed={rangesDimmed}
          onWorking={() => onWorking(name)}
          onRemedies={onRemedies}
        />
      ))}
    </div>
  );
}

interface VerdictCellProps {
  readonly name: VerdictName;
  readonly verdict: Verdict;
  readonly rig: Setup;
  readonly ranged: VerdictRange | null;
  readonly rangesDimmed: boolean;
  readonly onWorking: () => void;
  readonly onRemedies: () => void;
}

function VerdictCell({ name, verdict, rig, ranged, rangesDimmed, onWorking, onRemedies }: VerdictCellProps) {
  const verdictName = useVerdictText();
  const i18n = useI18n();
  const { t, show, format } = i18n;
  const measure = MEASURE_OF_UNIT[verdict.unit];
  const shown = verdict.value === null ? null : show(verdict.value, measure);
  const changes = useChanges(shown?.number);
  const scale = verdictScale(verdict);
  const isOpen = verdict.mark !== 'cant-tell' && ranged !== null && !ranged.isSure;
  const mark = isOpen ? 'cant-tell' : verdict.mark;
  const range = ranged?.range ?? null;
  return (
    <section
      aria-labelledby={`verdict-${name}`}
      data-verdict={name}
      data-mark={verdict.mark}
      data-shown={mark}
      className="grid min-w-0 grid-cols-[7rem_1fr] items-end border-b border-faint px-3.5 py-1.5 last:border-0 sm:block sm:border-b-0 sm:border-r"
    >
      <h2 id={`verdict-${name}`} className="narrow col-span-2 flex items-center gap-1.5 text-[15px] font-semibold">
        <Mark shape={MARK_SHAPE[mark]} />
        {verdictName(name)}
        <span className="ml-auto text-[12px] font-normal text-dim">
          {isOpen ? t('range.notYet') : t(`mark.${verdict.mark}`)}
        </span>
      </h2>
      {shown ? (
        <p className="flex flex-wrap items-baseline gap-x-2">
          <button
            type="button"
            onClick={onWorking}
            className="narrower block whitespace-nowrap text-left text-[31px] font-semibold leading-[1.1] hover:underline hover:decoration-1 hover:underline-offset-4"
            aria-label={`${verdictName(name)} ${format(verdict.value, measure)}: ${t('key.working')}`}
          >
            <output key={changes} className={changes > 0 ? 'just-changed' : ''}>
              {shown.number}
            </output>
            <span className="ml-1 text-[15px] font-normal">{shown.unit}</span>
          </button>
          {range && (
            <span
              data-range={`${range[0]} ${range[1]}`}
              title={t('range.meaning')}
              className={`narrower whitespace-nowrap text-[13px] text-dim sm:ml-auto max-sm:w-full ${rangesDimmed ? 'opacity-60' : ''}`}
            >
              {t('range.from', { lo: show(range[0], measure).number, hi: show(range[1], measure).number })}
            </span>
          )}
        </p>
      ) : (
        <p className="narrower text-[31px] font-semibold leading-[1.1] text-dim">–</p>
      )}
      {scale && (
        <ScaleBar
          from={scale.from}
          to={scale.to}
          zones={scale.zones}
          ticks={scale.ticks.map((at) => ({ at, label: show(at, measure).number }))}
          value={verdict.value}
          range={range}
          label={`${t('limit.scale', { verdict: verdictName(name) })}: ${scale.ticks.map((at) => format(at, measure)).join(', ')}`}
        />
      )}
      <p className="semi-narrow col-span-2 mt-0.5 text-[12.5px] leading-[1.25]">
        {verdict.reasons.map((reason) => reasonText(i18n, reason, rig)).join(' ')}
      </p>
      {ranged?.mostly && !(ranged.isSure && ranged.sure > 0.95) && (
        <p
          className={`narrow col-span-2 mt-0.5 text-[12px] leading-[1.2] text-dim ${rangesDimmed ? 'opacity-60' : ''}`}
        >
          {t('range.mostly', {
            share: format(ranged.mostly.share, 'share'),
            input: inputText(i18n, ranged.mostly.path, rig),
          })}
          {ranged.mostly.measure && (
            <>
              {' '}
              <Link
                href={measurementUrl(ranged.mostly.measure)}
                className="underline underline-offset-2 hover:text-ink"
              >
                {t('range.measure')}
              </Link>
            </>
          )}
        </p>
      )}
      {(verdict.mark === 'fails' || verdict.mark === 'edge') && (
        <button
          type="button"
          onClick={onRemedies}
          className="narrow col-span-2 mt-0.5 block min-h-8 text-left text-[12.5px] font-semibold underline underline-offset-2 lg:min-h-0"
        >
          {t('remedy.title')}
        </button>
      )}
    </section>
  );
}
