'use client';

import type { Guide } from '@/domain/guides';
import type { Part } from '@/domain/parts';
import { useI18n } from '@/i18n/client';
import { fieldLabel } from '@/i18n/field-text';
import { partTitle } from '@/i18n/part-text';
import { DraftBar } from '@/features/fields/draft-bar';
import { Link } from '@/ui/link';
import { Panel } from '@/ui/panel';
import { GuideAsks } from './guide-asks';
import { GuideDrawing } from './guide-drawing';
import { MovedSetups } from './moved-setups';
import { Stopwatch } from './stopwatch';
import { ReadingsTable } from './readings-table';
import { useGuide } from './use-guide';
import { useGuideSaving } from './use-guide-saving';
import { WhatWasFound } from './what-was-found';

export interface GuidePanelProps {
  readonly guide: Guide;
  readonly part: Part;
  readonly version: number;
  /** what the reader was sent to measure, where the guide can measure several things */
  readonly field: string | null;
  /** told what the part was before */
  readonly onMeasured: (before: Part) => void;
  readonly onClose: () => void;
}

/** A guide: what to do, drawn; the readings; what they say; and over what it is written. */
export function GuidePanel({ guide, part, version, field, onMeasured, onClose }: GuidePanelProps) {
  const i18n = useI18n();
  const { t, format, number } = i18n;
  const work = useGuide(guide, part, field);
  const { saved, kept, failure, busy, save, keep } = useGuideSaving({ guide, part, version }, work, onMeasured);
  const { found, problem } = work.judged;
  const paths = found ? Object.keys(found.after) : [];
  return (
    <Panel
      open
      onOpenChange={(open) => !open && onClose()}
      title={`${t(`guideName.${guide}`)} · ${partTitle(i18n, part)}`}
      closeLabel={t('common.close')}
    >
      {saved ? (
        <MovedSetups saved={saved} />
      ) : (
        <div className="grid gap-4 sm:grid-cols-[240px_minmax(0,1fr)]">
          <div>
            <GuideDrawing guide={guide} label={t('guide.drawing')} />
            <p className="semi-narrow mt-2 text-[13.5px]">{t(`guide.${guide}.what`)}</p>
            {guide === 'calliper' && part.kind === 'hook' && (
              <Link href="/box/true-scale" target="_blank" className="semi-narrow text-[13.5px] underline">
                {t('scale.link')}
              </Link>
            )}
          </div>
          <div>
            <DraftBar inside offer={work.draft.offer} onTakeUp={work.takeUpDraft} onThrowAway={work.draft.throwAway} />
            <GuideAsks work={work} kind={part.kind} />
            {work.timed && (
              <div className="mt-3">
                <Stopwatch
                  startLabel={t('guide.watchStart')}
                  stopLabel={t('guide.watchStop')}
                  format={(seconds) => format(seconds, 'time')}
                  onTime={(seconds) =>
                    work.addRow({ ...work.rows.findLast((row) => row['depthM']), timeS: number(seconds, 2) })
                  }
                />
              </div>
            )}
            <ReadingsTable work={work} />
            {problem && (
              <p role="alert" className="semi-narrow mt-2 border-l-2 border-ink pl-2 text-[13px]">
                {t('guide.noFit')}
              </p>
            )}
            {found && <WhatWasFound found={found} />}
            {failure && (
              <p role="alert" className="mt-2 border-l-2 border-ink pl-2 text-[14px]">
                {failure}
              </p>
            )}
            {paths.length > 0 && (
              <button
                type="button"
                disabled={busy}
                onClick={save}
                className="narrow mt-3 min-h-9 border border-ink bg-hi px-4 font-semibold text-on-hi disabled:opacity-60"
              >
                {t('guide.write', {
                  fields: paths
                    .map((path) =>
                      path === 'stiffness' ? t('field.stiffness_kind') : fieldLabel(i18n, part.kind, path),
                    )
                    .join(', '),
                })}
              </button>
            )}
            {found?.angler && (
              <button
                type="button"
                disabled={busy}
                onClick={keep}
                className="narrow mt-3 min-h-9 border border-ink bg-hi px-4 font-semibold text-on-hi disabled:opacity-60"
              >
                {t('guide.keep')}
              </button>
            )}
            {kept && (
              <p role="status" className="mt-2 font-semibold">
                {t('guide.kept')}
              </p>
            )}
            <p className="semi-narrow mt-3 text-[12px] text-dim">{t(`guide.${guide}.care`)}</p>
          </div>
        </div>
      )}
    </Panel>
  );
}
