'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useRef, useState } from 'react';
import { classesWith } from '@/core/defaults/classes';
import { effectFigures, type MovedMark, type VerdictName } from '@/core/evaluate';
import { readRig } from '@/core/rigging';
import { HEAD } from '@/domain/chain-rules';
import type { SetupId } from '@/domain/ids';
import type { Joint } from '@/domain/joint';
import { revisionLetter } from '@/domain/revision-letter';
import { useI18n } from '@/i18n/client';
import { KeyFoot } from '@/ui/key-foot';
import { groupKeys, useKeys } from '@/ui/keys';
import { KeysPanel } from '@/ui/keys-panel';
import { AddJointPanel } from './add-joint-panel';
import { Candidates, useFind } from './candidates';
import { ChecksPanel } from './checks-panel';
import { ChecksStrip } from './checks-strip';
import { EffectRow } from './effect-row';
import { HoldPanel } from './hold-panel';
import { JointFields } from './joint-fields';
import { OverlayPanel } from './overlay-panel';
import { BENCH_KEYS, type BenchKeyAction } from './keys';
import { PartsList } from './parts-list';
import { PresentationPanel } from './presentation-panel';
import { RevisionsPanel } from './revisions-panel';
import { SavePanel } from './save-panel';
import { saveSvg } from './save-svg';
import { SheetView } from './sheet-view';
import { TitleBlock } from './title-block';
import { useBench, type BenchInput } from './use-bench';
import { useOverlay } from './use-overlay';
import { useZoom } from './use-zoom';
import { VerdictStrip } from './verdict-strip';
import { WorkingPanel } from './working-panel';

interface RevisionLine {
  readonly number: number;
  readonly reason: string;
  readonly savedAt: string;
}

export interface BenchViewProps extends BenchInput {
  readonly setup: { readonly id: SetupId; readonly name: string };
  readonly line: RevisionLine;
  readonly revisions: readonly RevisionLine[];
  readonly moved: readonly MovedMark[];
}

type Open = 'presentation' | 'save' | 'revisions' | 'keys' | 'checks' | 'hold' | 'add-joint' | 'overlay' | null;

export function BenchView(page: BenchViewProps) {
  const { setup: head, line, revisions, moved, box } = page;
  const bench = useBench(page);
  const { state, dispatch, answered } = bench;
  const { t, date } = useI18n();
  const router = useRouter();
  const [open, setOpen] = useState<Open>(null);
  const [working, setWorking] = useState<VerdictName | null>(null);
  const [notice, setNotice] = useState('');
  const { find, setFind, found } = useFind();
  const findRef = useRef<HTMLInputElement>(null);
  const downloadRef = useRef<HTMLAnchorElement>(null);
  const shown = bench.candidates.filter(found);
  const zoom = useZoom();
  const svgRef = useRef<SVGSVGElement>(null);
  const overlay = useOverlay({ setupId: head.id, line, revisions, shown: answered });
  const drawings = overlay.drawings.base;
  const classes = useMemo(() => classesWith(page.house.classes), [page.house]);
  const tiedIn = useMemo(() => new Map(readRig(answered.setup).knots.map(({ jointId, material }) => [jointId, material])), [answered]);
  const fileUrl = `/bench/${head.id}/setup.json?revision=${line.number}`;
  const select = (jointId: string) => dispatch({ kind: 'select', jointId });
  const newest = revisions[0]?.number ?? line.number;
  const partOf = (joint: Joint) => {
    const partId = joint.id === state.selected && state.tried ? state.tried : joint.partId;
    return (state.asThen ? page.partsThen.find((part) => part.id === partId) : undefined) ?? box.find((part) => part.id === partId)!;
  };

  const number = state.draft.chain.findIndex((joint) => joint.id === state.selected) + 1;

  const layOver = async (revision: number) => {
    if (await overlay.lay(revision)) setOpen('overlay');
    else setNotice(t('save.unreachable', { path: '' }));
  };

  const run = (action: BenchKeyAction) => {
    const among = shown.map((part) => part.id);
    switch (action) {
      case 'previous-joint':
      case 'next-joint':
        return dispatch({ kind: 'step-joint', by: action === 'next-joint' ? 1 : -1 });
      case 'try-previous':
      case 'try-next':
        return dispatch({ kind: 'step-try', by: action === 'try-next' ? 1 : -1, among });
      case 'fit':
      case 'put-back':
      case 'undo':
      case 'redo':
        return dispatch({ kind: action });
      case 'toggle-then':
        return bench.readingsChanged > 0 ? dispatch({ kind: 'toggle-then' }) : setNotice(t('revisions.unmoved'));
      case 'presentation':
      case 'save':
      case 'revisions':
      case 'keys':
      case 'checks':
      case 'hold':
      case 'add-joint':
        return setOpen(action);
      case 'remove-joint':
        return dispatch({ kind: 'remove-joint', jointId: state.selected });
      case 'move-up':
      case 'move-down':
        return dispatch({ kind: 'move-joint', jointId: state.selected, to: number - 1 + (action === 'move-down' ? 1 : -1) });
      case 'larger':
        return zoom.larger();
      case 'smaller':
        return zoom.smaller();
      case 'whole':
        return zoom.reset();
      case 'pan-left':
        return zoom.pan(1, 0);
      case 'pan-right':
        return zoom.pan(-1, 0);
      case 'pan-up':
        return zoom.pan(0, 1);
      case 'pan-down':
        return zoom.pan(0, -1);
      case 'print':
        return window.print();
      case 'svg':
        return svgRef.current ? saveSvg(svgRef.current, head.name) : undefined;
      case 'working':
        return setWorking('throw');
      case 'find':
        return findRef.current?.focus();
      case 'setups':
        return router.push('/bench');
      case 'download':
        return downloadRef.current?.click();
      default:
        return action satisfies never;
    }
  };

  useKeys(BENCH_KEYS, run, open !== null || working !== null);

  const named = <A extends string>(groups: readonly { label: (typeof BENCH_KEYS)[number]['label']; keys: readonly string[]; action: A }[]) => groups.map((group) => ({ ...group, label: t(`key.${group.label}`) }));
  const panel = (name: Exclude<Open, null>) => ({ open: open === name, onOpenChange: (next: boolean) => setOpen(next ? name : null) });

  return (
    <main id="main" tabIndex={-1} className="paper-sheet outline-none mx-auto flex flex-col gap-2 px-2 pb-1 pt-2 sm:px-3 lg:h-[calc(100dvh-40px)] lg:min-h-[720px]">
      <div className="paper-columns grid min-h-0 flex-1 gap-2 lg:grid-cols-[minmax(0,1fr)_264px] lg:gap-3">
        <div className="paper-drawing flex min-h-0 min-w-0 flex-col gap-2.5 lg:grid lg:grid-rows-[minmax(0,1fr)_auto_auto]">
          <SheetView drawings={drawings} over={overlay.drawings.over} selected={state.selected} onSelect={select} dimmed={bench.waiting} zoom={zoom} onSvg={(svg) => {
            svgRef.current = svg;
          }} />
          <VerdictStrip evaluation={answered.evaluation} rig={answered.setup} dimmed={bench.waiting} onWorking={setWorking} />
          {state.tried ? (
            <EffectRow before={bench.before} after={effectFigures(answered.evaluation)} was={box.find(({ id }) => id === bench.fitted)!} is={partOf(bench.joint)} />
          ) : (
            <ChecksStrip findings={answered.evaluation.checks} rig={answered.setup} onAll={() => setOpen('checks')} onSelect={select} />
          )}
        </div>
        <div className="flex min-h-0 flex-col gap-2">
          <PartsList
            chain={state.draft.chain}
            partOf={partOf}
            tiedIn={tiedIn}
            classes={classes}
            selected={state.selected}
            tried={state.tried !== null}
            onSelect={select}
            onMove={(jointId, to) => dispatch({ kind: 'move-joint', jointId, to })}
            onRemove={(jointId) => dispatch({ kind: 'remove-joint', jointId })}
            onAdd={() => setOpen('add-joint')}
          />
          <JointFields key={state.selected} joint={bench.joint} part={partOf(bench.joint)} onJoint={(joint, field) => dispatch({ kind: 'change-joint', joint, field })} />
          <div className="flex min-h-0 flex-1 flex-col print:hidden">
            <Candidates
              number={number}
              candidates={shown}
              fitted={bench.fitted}
              tried={state.tried}
              base={answered.evaluation}
              effects={bench.effects}
              find={find}
              onFind={setFind}
              findRef={findRef}
              onTry={(partId) => dispatch({ kind: 'try', partId })}
              onFit={() => dispatch({ kind: 'fit' })}
            />
            {state.tried && (
              <div className="flex gap-2 border-x border-b border-ink bg-sheet p-1.5">
                <button type="button" className="narrow min-h-8 flex-1 border border-ink bg-hi font-semibold text-on-hi" onClick={() => dispatch({ kind: 'fit' })}>{t('key.fit')}</button>
                <button type="button" className="narrow min-h-8 flex-1 border border-ink" onClick={() => dispatch({ kind: 'put-back' })}>{t('key.putBack')}</button>
              </div>
            )}
          </div>
          <TitleBlock
            name={head.name}
            revision={state.revision}
            changed={bench.changed}
            reason={line.reason}
            savedAt={new Date(line.savedAt)}
            presentation={state.draft.presentation}
            castMassKg={answered.evaluation.castMassKg}
            rod={drawings.wide}
            detail={drawings.inset}
            asThen={state.asThen}
            onRevisions={() => setOpen('revisions')}
            onPresentation={() => setOpen('presentation')}
          />
        </div>
      </div>
      <footer className="narrow print:hidden flex flex-wrap items-center gap-x-3 gap-y-1 text-[12.5px] text-dim">
        <span>{t('joint.of', { n: number, count: state.draft.chain.length })}</span>
        <KeyFoot groups={named(groupKeys(BENCH_KEYS, true))} onAction={run} />
        <a ref={downloadRef} href={fileUrl} download="setup.json" className="hover:text-ink">{t('key.download')}</a>
        <Link href="/bench" className="hover:text-ink">{t('key.setups')}</Link>
        <span role="status" className="ml-auto text-ink">
          {state.refused ? t('joint.cannot', { why: t(`chainProblem.${state.refused}`) }) : bench.failed ? t('error.failedTitle') : state.asThen ? t('revisions.thenNote', { date: date(new Date(line.savedAt)) }) : notice}
        </span>
      </footer>
      <PresentationPanel
        {...panel('presentation')}
        presentation={state.draft.presentation}
        house={page.house}
        rig={answered.setup}
        carrying={answered.evaluation.figures.hold.chain.joints.map(({ name }) => name)}
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
          setOpen(null);
        }}
      />
      <ChecksPanel {...panel('checks')} findings={answered.evaluation.checks} rig={answered.setup} onSelect={select} />
      <HoldPanel {...panel('hold')} evaluation={answered.evaluation} rig={answered.setup} />
      {overlay.versions && (
        <OverlayPanel
          {...panel('overlay')}
          {...overlay.versions}
          parts={box}
          onTakeOff={() => {
            overlay.takeOff();
            setOpen(null);
          }}
        />
      )}
      <SavePanel
        {...panel('save')}
        setupId={head.id}
        draft={state.draft}
        version={state.version}
        newest={newest}
        onSaved={(saved) => {
          dispatch({ kind: 'saved', revision: saved.number, version: saved.version, draft: state.draft });
          setOpen(null);
          setNotice(t('save.saved', { letter: revisionLetter(saved.number) }));
          router.push(`/bench/${head.id}`);
        }}
      />
      <RevisionsPanel
        {...panel('revisions')}
        setupId={head.id}
        revisions={revisions}
        current={line.number}
        moved={moved}
        readingsChanged={bench.readingsChanged}
        box={box}
        asThen={state.asThen}
        onToggleThen={() => dispatch({ kind: 'toggle-then' })}
        onOverlay={(revision) => void layOver(revision)}
      />
      <KeysPanel {...panel('keys')} title={t('key.title')} closeLabel={t('common.close')} groups={named(groupKeys(BENCH_KEYS))} />
      <WorkingPanel verdict={working} onVerdict={setWorking} setup={answered.setup} evaluation={answered.evaluation} box={box} fileUrl={fileUrl} />
    </main>
  );
}
