'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import type { MovedMark } from '@/core/judge';
import type { WorkingSubject } from '@/core/show';
import { HEAD } from '@/domain/chain-rules';
import type { House } from '@/domain/house';
import type { SetupId } from '@/domain/ids';
import { presentationSchema } from '@/domain/presentation';
import type { Part } from '@/domain/parts';
import { revisionLetter } from '@/domain/revision-letter';
import { chainSchema } from '@/domain/setup';
import { useI18n } from '@/i18n/client';
import { groupKeys } from '@/ui/keys';
import { KeysPanel } from '@/ui/keys-panel';
import { AddJointPanel } from './add-joint-panel';
import type { CandidateRow } from './candidate-order';
import { CandidateTable } from './candidate-table';
import { ChecksPanel } from './checks-panel';
import { HoldPanel } from './hold-panel';
import { BENCH_KEYS } from './keys';
import { OverlayPanel } from './overlay-panel';
import { PresentationPanel } from './presentation-panel';
import { RemedyPanel } from './remedy-panel';
import { RevisionsPanel } from './revisions-panel';
import { SavePanel } from '@/features/fields/save-panel';
import { takenOver } from './sweep-choices';
import type { useBench } from './use-bench';
import type { useOverlay } from './use-overlay';

// Charts and formulas are heavy, and most visits want none.
const WorkingPanel = dynamic(() => import('./working-panel').then(({ WorkingPanel: panel }) => panel), { ssr: false });
const SweepPanel = dynamic(() => import('./sweep-panel').then(({ SweepPanel: panel }) => panel), { ssr: false });
const FightPanel = dynamic(() => import('./fight-panel').then(({ FightPanel: panel }) => panel), { ssr: false });

export interface RevisionLine {
  readonly number: number;
  readonly reason: string;
  readonly savedAt: string;
}

export type Open =
  | 'presentation'
  | 'save'
  | 'revisions'
  | 'keys'
  | 'checks'
  | 'hold'
  | 'add-joint'
  | 'overlay'
  | 'remedies'
  | 'fight'
  | 'sweep'
  | 'all'
  | { readonly working: WorkingSubject }
  | null;

export interface BenchPanelsProps {
  readonly open: Open;
  readonly onOpen: (open: Open) => void;
  readonly onNotice: (text: string) => void;
  readonly bench: ReturnType<typeof useBench>;
  readonly overlay: ReturnType<typeof useOverlay>;
  readonly rows: readonly CandidateRow[];
  readonly box: readonly Part[];
  readonly house: House;
  readonly setupId: SetupId;
  readonly line: RevisionLine;
  readonly revisions: readonly RevisionLine[];
  readonly moved: readonly MovedMark[];
  readonly fileUrl: string;
}

/** Every sheet that can be laid over the Bench. */
export function BenchPanels({
  open,
  onOpen,
  onNotice,
  bench,
  overlay,
  rows,
  box,
  house,
  setupId,
  line,
  revisions,
  moved,
  fileUrl,
}: BenchPanelsProps) {
  const { state, dispatch, answered, ranges, rangesAreOf } = bench;
  const { t } = useI18n();
  const router = useRouter();
  const { evaluation } = answered;
  const number = state.draft.chain.findIndex((joint) => joint.id === state.selected) + 1;
  const panel = (name: Exclude<Open, null | object>) => ({
    open: open === name,
    onOpenChange: (next: boolean) => onOpen(next ? name : null),
  });
  const select = (jointId: string) => dispatch({ kind: 'select', jointId });
  const keyGroups = useMemo(
    () => groupKeys(BENCH_KEYS).map((group) => ({ ...group, label: t(`key.${group.label}`) })),
    [t],
  );
  const layOver = async (revision: number) => {
    if (await overlay.lay(revision)) onOpen('overlay');
    else onNotice(t('save.unreachable', { path: '' }));
  };
  const takeOver = (path: string, value: number) => {
    const next = takenOver(bench.fittedSetup, path, value);
    const presentation = presentationSchema.safeParse(next.presentation);
    const chain = chainSchema.safeParse(next.chain);
    if (!presentation.success || !chain.success) return onNotice(t('sweep.refused'));
    if (path.startsWith('presentation'))
      dispatch({ kind: 'present', presentation: presentation.data, field: `sweep ${path}` });
    else
      for (const joint of chain.data)
        if (JSON.stringify(joint) !== JSON.stringify(state.draft.chain.find(({ id }) => id === joint.id)))
          dispatch({ kind: 'change-joint', joint, field: `sweep ${path}` });
    onNotice(t('sweep.taken'));
  };
  return (
    <>
      <PresentationPanel
        {...panel('presentation')}
        presentation={state.draft.presentation}
        house={house}
        rig={answered.setup}
        carrying={evaluation.figures.hold.chain.joints.map(({ name }) => name)}
        onPresent={(presentation, field) => dispatch({ kind: 'present', presentation, field })}
      />
      <AddJointPanel
        {...panel('add-joint')}
        chain={state.draft.chain}
        after={bench.joint}
        box={box}
        onAdd={(joint) => {
          // Behind the first three, whichever of them is selected.
          dispatch({ kind: 'add-joint', joint, after: state.draft.chain[Math.max(HEAD.length, number) - 1]!.id });
          onOpen(null);
        }}
      />
      <ChecksPanel {...panel('checks')} findings={evaluation.checks} rig={answered.setup} onSelect={select} />
      <HoldPanel {...panel('hold')} evaluation={evaluation} rig={answered.setup} onFight={() => onOpen('fight')} />
      <RemedyPanel
        {...panel('remedies')}
        setup={bench.fittedSetup}
        box={box}
        trial={state.trial}
        onTry={(changes) => dispatch(changes ? { kind: 'try-remedy', changes } : { kind: 'put-back' })}
        onFit={() => dispatch({ kind: 'fit' })}
      />
      <CandidateTable
        {...panel('all')}
        title={t('candidates.tableTitle', { n: number })}
        rows={rows}
        fitted={bench.fitted}
        before={bench.before}
        onTry={(partId) => {
          dispatch({ kind: 'try', partId });
          onOpen(null);
        }}
      />
      {open === 'sweep' && (
        <SweepPanel
          {...panel('sweep')}
          setup={bench.fittedSetup}
          unitOf={(verdict) => evaluation.verdicts[verdict].unit}
          onTakeOver={takeOver}
        />
      )}
      {open === 'fight' && (
        <FightPanel {...panel('fight')} setup={answered.setup} onWorking={(working) => onOpen({ working })} />
      )}
      {overlay.versions && (
        <OverlayPanel
          {...panel('overlay')}
          {...overlay.versions}
          parts={box}
          onTakeOff={() => {
            overlay.takeOff();
            onOpen(null);
          }}
        />
      )}
      <SavePanel
        {...panel('save')}
        setupId={setupId}
        draft={state.draft}
        version={state.version}
        newest={revisions[0]?.number ?? line.number}
        onSaved={(saved) => {
          dispatch({ kind: 'saved', revision: saved.number, version: saved.version, draft: state.draft });
          onOpen(null);
          onNotice(t('save.saved', { letter: revisionLetter(saved.number) }));
          router.push(`/bench/${setupId}`);
        }}
      />
      <RevisionsPanel
        {...panel('revisions')}
        setupId={setupId}
        revisions={revisions}
        current={line.number}
        moved={moved}
        readingsChanged={bench.readingsChanged}
        box={box}
        asThen={state.asThen}
        onToggleThen={() => dispatch({ kind: 'toggle-then' })}
        onOverlay={(revision) => void layOver(revision)}
      />
      <KeysPanel {...panel('keys')} title={t('key.title')} closeLabel={t('common.close')} groups={keyGroups} />
      {open !== null && typeof open === 'object' && (
        <WorkingPanel
          subject={open.working}
          onSubject={(working) => onOpen(working ? { working } : null)}
          setup={answered.setup}
          evaluation={evaluation}
          ranges={rangesAreOf === answered.setup ? ranges : null}
          box={box}
          fileUrl={fileUrl}
        />
      )}
    </>
  );
}
