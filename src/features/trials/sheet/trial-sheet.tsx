'use client';

import type { ReactNode } from 'react';
import type { TrialResult } from '@/domain/trials/result';
import { isShare, type TrialDocument } from '@/domain/trials/trial-document';
import { useI18n } from '@/i18n/client';
import type { OpenTrial, TrialsPage } from '@/server/queries/trials-page';
import { standingText } from '../words';
import { DiffersList } from './differs-list';
import { EvidencePicture } from './evidence-picture';
import { HowLong } from './how-long';
import { PlanSection } from './plan-section';
import { RatioRows } from './ratio-rows';
import { Verdict } from './verdict';
import { VersionTiles } from './version-tiles';
import { Working } from './working';

/** One trial whole: what is compared, what it says, what may be the reason, and how long it takes. */
export function TrialSheet({
  trial,
  open,
  page,
  children,
}: {
  readonly trial: TrialDocument;
  readonly open: Pick<OpenTrial, 'result' | 'kept' | 'differs' | 'parts'>;
  readonly page: Pick<TrialsPage, 'setups' | 'own'>;
  /** counting by hand */
  readonly children?: ReactNode;
}) {
  const { t } = useI18n();
  const { result } = open;
  const share = isShare(trial.counted);
  const counted = share ? 'tries' : trial.exposure;
  return (
    <article className="flex flex-col gap-4" data-testid="trial-sheet" data-state={trial.closed?.as ?? 'open'}>
      <header>
        <h1 className="semi-narrow text-[22px] font-semibold leading-tight">{trial.name}</h1>
        <p className="narrow text-[14.5px] text-dim">
          {standingText({ t }, trial, result?.verdict ?? null)} · {t(`trials.counted.${trial.counted}`)}
          {trial.note && ` · ${trial.note}`}
        </p>
        {trial.closed && (
          <p className="semi-narrow text-[15px]">
            {trial.closed.reason}
            {trial.closed.rule && ` ${t('trials.ruleSet', { rule: trial.closed.rule })}`}
          </p>
        )}
      </header>
      <VersionTiles trial={trial} result={result} setups={page.setups} />
      {result ? (
        <>
          <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
            <Verdict trial={trial} result={result} />
            <EvidencePicture path={result.path} of={countOf(trial, result)} isShare={share} />
          </div>
          <RatioRows totals={result.totals} factors={result.factors} counted={counted} />
        </>
      ) : (
        <p role="alert" className="semi-narrow border border-ink p-2 text-[15px]">
          {t('trials.notWorkedOut')}
        </p>
      )}
      {open.differs && <DiffersList differs={open.differs} parts={open.parts} />}
      <PlanSection trial={trial} kept={open.kept} />
      {!trial.closed && <HowLong trial={trial} result={result} own={page.own} />}
      {!trial.closed && children}
      <Working isShare={share} way={trial.way} />
    </article>
  );
}

const countOf = (trial: TrialDocument, { counts, path }: TrialResult): number =>
  isShare(trial.counted) ? Math.min(counts.a.of, counts.b.of) || path.length : counts.a.counted + counts.b.counted;
