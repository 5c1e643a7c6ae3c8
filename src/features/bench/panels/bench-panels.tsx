'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import type { MovedMark } from '@/core/judge';
import { HEAD } from '@/domain/chain-rules';
import type { House } from '@/domain/house';
import type { SetupId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { revisionLetter } from '@/domain/revision-letter';
import type { RevisionLine } from '@/domain/revision-line';
import { useI18n } from '@/i18n/client';
import { groupKeys } from '@/ui/keys';
import type { CandidateRow } from '../candidates/candidate-order';
import { BENCH_COMMANDS } from '../commands';
import type { Draft } from '../state/bench-state';
import type { useBench } from '../state/use-bench';
import type { useOverlay } from '../state/use-overlay';
import type { Open, PanelName } from './open';

// A panel is fetched when it is first opened: most visits open none.
const PresentationPanel = dynamic(() => import('./presentation/presentation-panel').then((m) => m.PresentationPanel));
const AddJointPanel = dynamic(() => import('./add-joint-panel').then((m) => m.AddJointPanel));
const ChecksPanel = dynamic(() => import('./checks-panel').then((m) => m.ChecksPanel));
const HoldPanel = dynamic(() => import('./hold-panel').then((m) => m.HoldPanel));
const RemedyPanel = dynamic(() => import('./remedy-panel').then((m) => m.RemedyPanel));
const CandidateTable = dynamic(() => import('./candidate-table').then((m) => m.CandidateTable));
const SweepPanel = dynamic(() => import('./sweep/sweep-panel').then((m) => m.SweepPanel));
const FightPanel = dynamic(() => import('./fight-panel').then((m) => m.FightPanel));
const OverlayPanel = dynamic(() => import('./overlay-panel').then((m) => m.OverlayPanel));
const SavePanel = dynamic(() => import('@/features/fields/save-panel').then((m) => m.SavePanel));
const RevisionsPanel = dynamic(() => import('./revisions-panel').then((m) => m.RevisionsPanel));
const HelpPanel = dynamic(() => import('@/features/fields/help-panel').then((m) => m.HelpPanel));
const WorkingPanel = dynamic(() => import('./working-panel').then((m) => m.WorkingPanel));

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
  readonly onTour: () => void;
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
  onTour,
}: BenchPanelsProps) {
  const { state, dispatch, answered, ranges, rangesAreOf } = bench;
  const { t } = useI18n();
  const router = useRouter();
  const { evaluation } = answered;
  const number = state.draft.chain.findIndex((joint) => joint.id === state.selected) + 1;
  const seen = useSeen(open);
  const panel = (name: PanelName) => ({
    open: open === name,
    onOpenChange: (next: boolean) => onOpen(next ? name : null),
  });
  const select = (jointId: string) => dispatch({ kind: 'select', jointId });
  const keyGroups = useMemo(
    () => groupKeys(BENCH_COMMANDS).map((group) => ({ ...group, label: t(`key.${group.label}`) })),
    [t],
  );
  const layOver = async (revision: number) => {
    if (await overlay.lay(revision)) onOpen('overlay');
    else onNotice(t('save.unreachable', { path: '' }));
  };
  const takeOver = (draft: Draft | null, path: string) => {
    if (draft) dispatch({ kind: 'take-up', draft, field: `sweep ${path}` });
    onNotice(t(draft ? 'sweep.taken' : 'error.refused'));
  };
  return (
    <>
      {seen.has('presentation') && (
        <PresentationPanel
          {...panel('presentation')}
          presentation={state.draft.presentation}
          house={house}
          rig={answered.setup}
          carrying={evaluation.figures.hold.chain.joints.map(({ name }) => name)}
          onPresent={(presentation, field) => dispatch({ kind: 'present', presentation, field })}
        />
      )}
      {seen.has('add-joint') && (
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
      )}
      {seen.has('checks') && (
        <ChecksPanel {...panel('checks')} findings={evaluation.checks} rig={answered.setup} onSelect={select} />
      )}
      {seen.has('hold') && (
        <HoldPanel {...panel('hold')} evaluation={evaluation} rig={answered.setup} onFight={() => onOpen('fight')} />
      )}
      {seen.has('remedies') && (
        <RemedyPanel
          {...panel('remedies')}
          setup={bench.fittedSetup}
          box={box}
          trial={state.trial}
          onTry={(trial) => dispatch(trial ? { kind: 'try-remedy', trial } : { kind: 'put-back' })}
          onFit={() => dispatch({ kind: 'fit' })}
        />
      )}
      {seen.has('all') && (
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
      )}
      {seen.has('sweep') && (
        <SweepPanel
          {...panel('sweep')}
          setup={bench.fittedSetup}
          unitOf={(verdict) => evaluation.verdicts[verdict].unit}
          onTakeOver={takeOver}
        />
      )}
      {seen.has('fight') && (
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
      {seen.has('save') && (
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
      )}
      {seen.has('revisions') && (
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
      )}
      {seen.has('keys') && <HelpPanel view="bench" {...panel('keys')} groups={keyGroups} onTour={onTour} />}
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

/** The panels that were opened once: each stays as it was left. */
function useSeen(open: Open): ReadonlySet<PanelName> {
  const [seen, setSeen] = useState<ReadonlySet<PanelName>>(new Set());
  if (typeof open === 'string' && !seen.has(open)) setSeen(new Set([...seen, open]));
  return seen;
}
