'use client';

import katex from 'katex';
import 'katex/dist/katex.min.css';
import { VERDICT_NAMES, type Evaluation, type VerdictName } from '@/core/evaluate';
import type { Setup } from '@/core/setup';
import type { Origin, Term } from '@/core/workings';
import { workingOf } from '@/core/workings';
import type { Part } from '@/domain/parts';
import { useI18n, type I18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { Panel } from '@/ui/panel';

export interface WorkingPanelProps {
  readonly verdict: VerdictName | null;
  /** null closes */
  readonly onVerdict: (verdict: VerdictName | null) => void;
  readonly setup: Setup;
  readonly evaluation: Evaluation;
  readonly box: readonly Part[];
  readonly fileUrl: string;
}

const tex = (text: string, displayMode: boolean) => ({ __html: katex.renderToString(text, { displayMode, output: 'htmlAndMathml', throwOnError: true }) });

/** Equation, what goes in with where it came from, what comes out, and the source. */
export function WorkingPanel({ verdict, onVerdict, setup, evaluation, box, fileUrl }: WorkingPanelProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const working = verdict ? workingOf(verdict, setup, evaluation) : null;
  return (
    <Panel open={verdict !== null} onOpenChange={(open) => !open && onVerdict(null)} title={verdict ? t('working.title', { verdict: t(`verdict.${verdict}`) }) : ''} closeLabel={t('common.close')}>
      <div className="narrow mb-2 flex gap-4 border-b border-faint">
        {VERDICT_NAMES.map((name) => (
          <button key={name} type="button" aria-pressed={name === verdict} onClick={() => onVerdict(name)} className="min-h-8 text-[14px] text-dim aria-pressed:border-b-2 aria-pressed:border-ink aria-pressed:font-semibold aria-pressed:text-ink">
            {t(`verdict.${name}`)}
          </button>
        ))}
      </div>
      {working ? (
        <>
          {working.equations.map((equation) => (
            <div key={equation} className="overflow-x-auto text-[15px]" dangerouslySetInnerHTML={tex(equation, true)} />
          ))}
          <Terms title={t('working.inputs')} terms={working.inputs} i18n={i18n} box={box} />
          <Terms title={t('working.results')} terms={working.results} i18n={i18n} box={box} />
          <h3 className="narrow mt-3 text-[13px] font-semibold">{t('working.sources')}</h3>
          <ul className="semi-narrow text-[13px]">
            {working.sources.map((source) => (
              <li key={source}>{t(`source.${source}`)}</li>
            ))}
          </ul>
          <h3 className="narrow mt-3 text-[13px] font-semibold">{t('working.shell')}</h3>
          <p className="text-[13px]">
            <a href={fileUrl} download="setup.json" className="underline">setup.json</a> · <code className="font-sans">./ferula compute setup &lt; setup.json</code>
          </p>
        </>
      ) : (
        <p>{t('working.none')}</p>
      )}
    </Panel>
  );
}

const UNDERLINE = { measured: 'border-b border-solid', label: 'border-b border-dashed', class: 'border-b border-dotted', chosen: '', computed: '' } as const satisfies Record<Origin, string>;

function Terms({ title, terms, i18n, box }: { readonly title: string; readonly terms: readonly Term[]; readonly i18n: I18n; readonly box: readonly Part[] }) {
  const { t, format } = i18n;
  return (
    <table className="semi-narrow mt-3 w-full border-collapse text-[13px]">
      <caption className="narrow text-left text-[13px] font-semibold">{title}</caption>
      <thead className="sr-only">
        <tr>
          <th>{t('working.symbol')}</th>
          <th>{t('working.name')}</th>
          <th>{t('working.value')}</th>
          <th>{t('working.spread')}</th>
          <th>{t('working.origin')}</th>
        </tr>
      </thead>
      <tbody>
        {terms.map((term, i) => {
          const part = box.find((each) => each.id === term.partId);
          return (
            <tr key={i} className="border-t border-faint align-baseline">
              <td className="w-12 py-[1px]" dangerouslySetInnerHTML={tex(term.symbol, false)} />
              <td>
                {t(`term.${term.name}`)}
                {part ? <span className="text-dim"> · {partTitle(i18n, part)}</span> : null}
              </td>
              <td className="whitespace-nowrap text-right">{format(term.value, term.measure)}</td>
              <td className="w-14 whitespace-nowrap pl-2 text-right text-dim">{term.spread === undefined ? '' : `± ${format(term.spread, 'share')}`}</td>
              <td className="w-20 pl-3 text-right text-dim">
                <span className={UNDERLINE[term.origin]}>{t(`provenance.${term.origin}`)}</span>
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
