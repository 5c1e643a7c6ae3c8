'use client';

import katex from 'katex';
import 'katex/dist/katex.min.css';
import { useMemo, useState } from 'react';
import type { Ranges } from '@/core/decide';
import { VERDICT_NAMES, type Evaluation, type VerdictName } from '@/core/judge';
import type { Setup } from '@/core/tackle';
import { workingOf, WORKING_SUBJECTS, type Origin, type Term, type WorkingSubject } from '@/core/show';
import { measurableBy } from '@/domain/measurable';
import { uncertainInput } from '@/domain/uncertain-input';
import { measurementUrl } from '@/domain/measurement';
import type { Part } from '@/domain/parts';
import { MEASURE_OF_UNIT } from '@/features/fields/shown-as';
import { useVerdictText } from '@/features/fields/verdict-words';
import { useI18n, type I18n } from '@/i18n/client';
import { inputText } from '@/i18n/input-text';
import { partTitle } from '@/i18n/part-text';
import { Link } from '@/ui/link';
import { Panel } from '@/ui/panel';
import { causesOf, figureAt, verdictRanges } from '@/domain/verdict-ranges';

export interface WorkingPanelProps {
  readonly subject: WorkingSubject | null;
  /** null closes */
  readonly onSubject: (subject: WorkingSubject | null) => void;
  readonly setup: Setup;
  readonly evaluation: Evaluation;
  /** of this setup; null until the draws are made */
  readonly ranges: Ranges | null;
  readonly box: readonly Part[];
  readonly fileUrl: string;
}

const tex = (text: string, displayMode: boolean) => ({
  __html: katex.renderToString(text, { displayMode, output: 'htmlAndMathml', throwOnError: true }),
});
const isVerdict = (subject: WorkingSubject): subject is VerdictName =>
  (VERDICT_NAMES as readonly string[]).includes(subject);

/** Equation, what goes in with where it came from, what comes out with its range, what that comes from, the source, the command. */
export function WorkingPanel({ subject, onSubject, setup, evaluation, ranges, box, fileUrl }: WorkingPanelProps) {
  const verdictName = useVerdictText();
  const i18n = useI18n();
  const { t } = i18n;
  const working = useMemo(() => (subject ? workingOf(subject, setup, evaluation) : null), [subject, setup, evaluation]);
  const nameOf = (each: WorkingSubject) => (isVerdict(each) ? verdictName(each) : t(`working.subject.${each}`));
  return (
    <Panel
      open={subject !== null}
      onOpenChange={(open) => !open && onSubject(null)}
      title={subject ? t('working.title', { verdict: nameOf(subject) }) : ''}
      closeLabel={t('common.close')}
    >
      <div className="narrow mb-2 flex flex-wrap gap-x-3.5 border-b border-faint">
        {WORKING_SUBJECTS.map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={name === subject}
            onClick={() => onSubject(name)}
            className="min-h-8 text-[14px] text-dim aria-pressed:border-b-2 aria-pressed:border-ink aria-pressed:font-semibold aria-pressed:text-ink"
          >
            {nameOf(name)}
          </button>
        ))}
      </div>
      {working ? (
        <>
          {subject && isVerdict(subject) && <Meaning verdict={subject} evaluation={evaluation} />}
          {working.equations.map((equation) => (
            <div key={equation} className="overflow-x-auto text-[15px]" dangerouslySetInnerHTML={tex(equation, true)} />
          ))}
          <Terms title={t('working.inputs')} terms={working.inputs} ranges={null} i18n={i18n} box={box} />
          <Terms title={t('working.results')} terms={working.results} ranges={ranges} i18n={i18n} box={box} />
          {ranges && subject && isVerdict(subject) && (
            <Causes ranges={ranges} subject={subject} setup={setup} i18n={i18n} />
          )}
          <h3 className="narrow mt-3 text-[13px] font-semibold">{t('working.sources')}</h3>
          <ul className="semi-narrow text-[13px]">
            {working.sources.map((source) => (
              <li key={source}>{t(`source.${source}`)}</li>
            ))}
          </ul>
          <h3 className="narrow mt-3 text-[13px] font-semibold">{t('working.shell')}</h3>
          {working.command && (
            <Command
              text={`./ferula compute ${working.command.model} <<< '${JSON.stringify(working.command.input)}'`}
            />
          )}
          <p className="text-[13px]">
            {t('working.whole')}{' '}
            <a href={fileUrl} download="setup.json" className="underline">
              setup.json
            </a>{' '}
            · <code className="font-sans">./ferula compute setup &lt; setup.json</code>
          </p>
        </>
      ) : (
        <p>{t('working.none')}</p>
      )}
    </Panel>
  );
}

/** A command in one line, to be taken as it stands. */
function Command({ text }: { readonly text: string }) {
  const { t } = useI18n();
  const [copied, setCopied] = useState(false);
  return (
    <div className="flex items-start gap-2">
      <code
        data-testid="command"
        tabIndex={0}
        className="block max-h-16 min-w-0 flex-1 overflow-auto whitespace-pre-wrap break-all border border-faint px-1.5 py-1 text-[12px]"
      >
        {text}
      </code>
      <button
        type="button"
        onClick={() => void navigator.clipboard.writeText(text).then(() => setCopied(true))}
        className="narrow min-h-8 border border-ink px-2 text-[12.5px]"
      >
        {copied ? t('working.copied') : t('working.copy')}
      </button>
    </div>
  );
}

/** What the doubt about a verdict comes from, and what would narrow it. */
function Causes({
  ranges,
  subject,
  setup,
  i18n,
}: {
  readonly ranges: Ranges;
  readonly subject: VerdictName;
  readonly setup: Setup;
  readonly i18n: I18n;
}) {
  const { t, format } = i18n;
  const ranged = verdictRanges(ranges, setup)[subject];
  const from = causesOf(ranges, subject);
  return (
    <>
      <h3 className="narrow mt-3 text-[13px] font-semibold">{t('range.comes')}</h3>
      <p className="semi-narrow text-[13px]">
        {t('range.same', { share: format(ranged.sure, 'share') })}{' '}
        <span className="text-dim">{t('range.seed', { draws: ranges.draws, seed: ranges.seed })}</span>
      </p>
      <ul className="semi-narrow text-[13px]">
        {from.slice(0, 6).map(({ path, share }) => {
          const input = uncertainInput(path, setup);
          const measure = input && measurableBy(input, setup);
          return (
            <li key={path} className="grid grid-cols-[3rem_1fr] gap-2">
              <span className="text-right">{format(share, 'share')}</span>
              <span>
                {inputText(i18n, path, setup)}{' '}
                {measure && (
                  <Link href={measurementUrl(measure)} className="underline underline-offset-2">
                    {t('range.measure')}
                  </Link>
                )}
              </span>
            </li>
          );
        })}
      </ul>
    </>
  );
}

const UNDERLINE = {
  measured: 'border-b border-solid',
  label: 'border-b border-dashed',
  class: 'border-b border-dotted',
  chosen: '',
  computed: '',
} as const satisfies Record<Origin, string>;

function Terms({
  title,
  terms,
  ranges,
  i18n,
  box,
}: {
  readonly title: string;
  readonly terms: readonly Term[];
  readonly ranges: Ranges | null;
  readonly i18n: I18n;
  readonly box: readonly Part[];
}) {
  const { t, format } = i18n;
  return (
    <table className="semi-narrow mt-3 w-full border-collapse text-[13px]">
      <caption className="narrow text-left text-[13px] font-semibold">{title}</caption>
      <thead className="sr-only">
        <tr>
          <th>{t('working.symbol')}</th>
          <th>{t('working.name')}</th>
          <th>{t('working.value')}</th>
          <th>{ranges ? t('working.range') : t('working.spread')}</th>
          <th>{t('working.origin')}</th>
        </tr>
      </thead>
      <tbody>
        {terms.map((term, i) => {
          const part = box.find((each) => each.id === term.partId);
          const range = ranges && term.path ? figureAt(ranges, term.path) : undefined;
          return (
            <tr key={i} className="border-t border-faint align-baseline">
              <td className="w-12 py-[1px]" dangerouslySetInnerHTML={tex(term.symbol, false)} />
              <td>
                {t(`term.${term.name}`)}
                {part ? <span className="text-dim"> · {partTitle(i18n, part)}</span> : null}
              </td>
              <td className="whitespace-nowrap text-right">{format(term.value, term.measure)}</td>
              <td className="w-14 whitespace-nowrap pl-2 text-right text-dim">
                {range
                  ? t('range.from', { lo: format(range.p5, term.measure), hi: format(range.p95, term.measure) })
                  : term.spread === undefined
                    ? ''
                    : `± ${format(term.spread, 'share')}`}
              </td>
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

/** What the figure says, as an angler would say it. */
function Meaning({ verdict, evaluation }: { readonly verdict: VerdictName; readonly evaluation: Evaluation }) {
  const { t, format } = useI18n();
  const { value, unit } = evaluation.verdicts[verdict];
  if (value === null) return null;
  const isTowed = Boolean(evaluation.figures.tow);
  const name = isTowed && verdict === 'throw' ? 'carry' : isTowed && verdict === 'fall' ? 'depth' : verdict;
  return (
    <p className="mb-2 border-l-2 border-ink pl-2">
      {t(`meaning.${name}`, { value: format(value, name === 'carry' ? 'share' : MEASURE_OF_UNIT[unit]) })}
    </p>
  );
}
