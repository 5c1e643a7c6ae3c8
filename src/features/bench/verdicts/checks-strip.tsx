'use client';

import type { Finding, Severity } from '@/core/judge';
import { useI18n } from '@/i18n/client';
import { findingText, type SpokenOf } from '@/i18n/setup-text';
import { Mark, type MarkShape } from '@/ui/mark';

/** A finding by its shape; a note is no mark against the rig. */
export const SEVERITY_SHAPE = { fails: 'crossed', edge: 'half', note: 'dotted' } as const satisfies Record<
  Severity,
  MarkShape
>;

/** How many stand in view; the rest is behind a key. */
const IN_VIEW = 3;

export interface ChecksStripProps {
  readonly findings: readonly Finding[];
  readonly rig: SpokenOf;
  readonly onAll: () => void;
  readonly onSelect: (jointId: string) => void;
}

/** The worst three of what an expert would remark. */
export function ChecksStrip({ findings, rig, onAll, onSelect }: ChecksStripProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const more = findings.length - IN_VIEW;
  return (
    <section
      aria-labelledby="checks-title"
      className="flex flex-col border border-ink bg-sheet sm:flex-row sm:items-stretch"
    >
      <h2
        id="checks-title"
        className="narrow flex flex-col justify-between border-faint px-3.5 py-1 text-[13px] font-semibold sm:w-[8.5rem] sm:shrink-0 sm:border-r"
      >
        {t('checks.title')}
        <button
          type="button"
          onClick={onAll}
          className="min-h-6 text-left text-[12px] font-normal text-dim hover:text-ink hover:underline print:hidden"
        >
          {more > 0 ? t('checks.more', { count: more }) : t('checks.all')}
        </button>
      </h2>
      {findings.length === 0 && <p className="semi-narrow px-3 py-2 text-[12.5px]">{t('checks.none')}</p>}
      <ol className="grid min-w-0 flex-1 sm:grid-cols-3">
        {findings.slice(0, IN_VIEW).map((finding, i) => {
          const { title, found, todo } = findingText(i18n, finding, rig);
          return (
            <li
              key={`${finding.id}-${i}`}
              data-check={finding.id}
              data-severity={finding.severity}
              className="min-w-0 border-b border-faint last:border-0 sm:border-b-0 sm:border-r"
            >
              <button
                type="button"
                disabled={!finding.joints[0]}
                onClick={() => onSelect(finding.joints[0]!)}
                title={`${found} ${todo}`}
                className="flex h-full w-full flex-col px-2.5 py-1 text-left enabled:hover:bg-paper"
              >
                <span className="narrow flex items-center gap-1.5 text-[12.5px] font-semibold">
                  <Mark shape={SEVERITY_SHAPE[finding.severity]} size={11} /> <span className="truncate">{title}</span>
                  <span className="sr-only">{t(`checks.severity.${finding.severity}`)}</span>
                </span>
                <span className="semi-narrow line-clamp-2 block text-[12px] leading-[1.25]">{found}</span>
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
