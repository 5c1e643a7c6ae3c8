'use client';

import type { Evaluation, Verdict, VerdictName, VerdictUnit } from '@/core/evaluate';
import { VERDICT_NAMES } from '@/core/evaluate';
import type { Measure } from '@/core/measure';
import { MARK_SHAPE } from '@/features/fields/shown-as';
import { useI18n } from '@/i18n/client';
import { reasonText, type SpokenOf } from '@/i18n/setup-text';
import { Mark } from '@/ui/mark';
import { ScaleBar } from '@/ui/scale-bar';
import { verdictScale } from './verdict-scale';

const MEASURE_OF_UNIT = { kg: 'mass', 'm/s': 'speed', '1': 'ratio', rad: 'angle' } as const satisfies Record<VerdictUnit, Measure>;

export interface VerdictStripProps {
  readonly evaluation: Evaluation;
  readonly rig: SpokenOf;
  readonly dimmed: boolean;
  readonly onWorking: (name: VerdictName) => void;
}

export function VerdictStrip({ evaluation, rig, dimmed, onWorking }: VerdictStripProps) {
  return (
    <div id="verdicts" data-state={dimmed ? 'waiting' : 'ready'} className="grid grid-cols-1 border border-ink bg-sheet transition-opacity data-[state=waiting]:opacity-70 data-[state=waiting]:delay-300 sm:grid-cols-5">
      {VERDICT_NAMES.map((name) => (
        <VerdictCell key={name} name={name} verdict={evaluation.verdicts[name]} rig={rig} onWorking={() => onWorking(name)} />
      ))}
    </div>
  );
}

function VerdictCell({ name, verdict, rig, onWorking }: { readonly name: VerdictName; readonly verdict: Verdict; readonly rig: SpokenOf; readonly onWorking: () => void }) {
  const i18n = useI18n();
  const { t, show, format } = i18n;
  const measure = MEASURE_OF_UNIT[verdict.unit];
  const shown = verdict.value === null ? null : show(verdict.value, measure);
  const scale = verdictScale(verdict);
  return (
    <section aria-labelledby={`verdict-${name}`} data-verdict={name} data-mark={verdict.mark} className="grid min-w-0 grid-cols-[7rem_1fr] items-end border-b border-faint px-3.5 py-2 last:border-0 sm:block sm:border-b-0 sm:border-r">
      <h2 id={`verdict-${name}`} className="narrow col-span-2 flex items-center gap-1.5 text-[15px] font-semibold">
        <Mark shape={MARK_SHAPE[verdict.mark]} />
        {t(`verdict.${name}`)}
        <span className="ml-auto text-[12px] font-normal text-dim">{t(`mark.${verdict.mark}`)}</span>
      </h2>
      {shown ? (
        <button type="button" onClick={onWorking} className="narrower block text-left text-[33px] font-semibold leading-[1.15] hover:underline hover:decoration-1 hover:underline-offset-4" aria-label={`${t(`verdict.${name}`)} ${format(verdict.value, measure)}: ${t('key.working')}`}>
          <output>{shown.number}</output>
          <span className="ml-1 text-[15px] font-normal">{shown.unit}</span>
        </button>
      ) : (
        <p className="narrower text-[33px] font-semibold leading-[1.15] text-dim">–</p>
      )}
      {scale && (
        <ScaleBar
          from={scale.from}
          to={scale.to}
          zones={scale.zones}
          ticks={scale.ticks.map((at) => ({ at, label: show(at, measure).number }))}
          value={verdict.value}
          label={`${t('limit.scale', { verdict: t(`verdict.${name}`) })}: ${scale.ticks.map((at) => format(at, measure)).join(', ')}`}
        />
      )}
      <p className="semi-narrow col-span-2 mt-0.5 text-[12.5px] leading-[1.28]">{verdict.reasons.map((reason) => reasonText(i18n, reason, rig)).join(' ')}</p>
    </section>
  );
}
