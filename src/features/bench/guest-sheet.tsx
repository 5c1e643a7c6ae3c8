'use client';

import { useMemo, useState } from 'react';
import { VERDICT_NAMES, type Evaluation } from '@/core/judge';
import { revisionLetter } from '@/domain/revision-letter';
import type { SetupFile } from '@/domain/setup';
import { VerdictCell } from '@/features/fields/verdict-cell';
import { useVerdictText, VerdictWords } from '@/features/fields/verdict-words';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { useMatches } from '@/ui/use-matches';
import { drawingsOf } from './sheet/drawings';
import { SheetView } from './sheet/sheet-view';
import { useZoom } from './sheet/use-zoom';

export interface GuestSheetProps {
  readonly file: SetupFile;
  readonly evaluation: Evaluation;
  /** 1, 2, 3 */
  readonly revision: number;
}

/** A setup to look at: its drawing, its verdicts, its parts from rod to bait. */
export function GuestSheet({ file, evaluation, revision }: GuestSheetProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const [selected, select] = useState('');
  const isWide = useMatches('print, (min-width: 64rem)', true);
  const zoom = useZoom();
  const drawings = useMemo(() => drawingsOf(file, evaluation), [file, evaluation]);
  return (
    <VerdictWords fished={file.presentation.kind}>
      <main id="main" tabIndex={-1} className="mx-auto flex max-w-[1280px] flex-col gap-2 px-3 py-2 outline-none">
        <h1 className="narrow text-[20px] font-semibold">
          {file.name} <span className="font-normal text-dim">{revisionLetter(revision)}</span>
        </h1>
        <div className="lg:grid lg:h-[56dvh] lg:grid-rows-[minmax(0,1fr)]">
          <SheetView
            drawings={drawings}
            over={null}
            isWide={isWide}
            selected={selected}
            onSelect={select}
            dimmed={false}
            zoom={zoom}
          />
        </div>
        <Verdicts file={file} evaluation={evaluation} />
        <ol className="semi-narrow border border-ink bg-sheet px-4 py-2" aria-label={t('joint.list')}>
          {file.chain.map(({ id, partId }) => {
            const part = file.parts.find((each) => each.id === partId);
            return <li key={id}>{part ? partTitle(i18n, part) : partId}</li>;
          })}
        </ol>
      </main>
    </VerdictWords>
  );
}

function Verdicts({ file, evaluation }: Pick<GuestSheetProps, 'file' | 'evaluation'>) {
  const verdictName = useVerdictText();
  return (
    <div className="grid gap-x-4 border border-ink bg-sheet sm:grid-cols-5">
      {VERDICT_NAMES.map((name) => (
        <section key={name} className="px-3 py-1.5" aria-label={verdictName(name)}>
          <h2 className="narrow font-semibold">{verdictName(name)}</h2>
          <VerdictCell verdict={evaluation.verdicts[name]} setup={file} />
        </section>
      ))}
    </div>
  );
}
