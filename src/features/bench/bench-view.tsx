'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useCallback, useMemo, useRef, useState } from 'react';
import { classesWith } from '@/core/tackle/defaults/classes';
import { effectFigures, type MovedMark } from '@/core/judge';
import { readRig } from '@/core/rig';
import type { PartId, SetupId } from '@/domain/ids';
import { stationsAt } from '@/domain/lure-stations';
import type { Joint } from '@/domain/joint';
import type { RevisionLine } from '@/domain/revision-line';
import type { Packed } from '@/domain/packed';
import type { Part } from '@/domain/parts';
import { PARTS_OF_JOINT } from '@/core/tackle';
import { DraftBar } from '@/features/fields/draft-bar';
import { useUnpacked } from '@/features/fields/use-unpacked';
import { VerdictWords } from '@/features/fields/verdict-words';
import { useI18n } from '@/i18n/client';
import { useKeys } from '@/ui/keys';
import { useLoaded } from '@/ui/use-loaded';
import { useMatches } from '@/ui/use-matches';
import { BenchFoot } from './bench-foot';
import { Candidates } from './candidates/candidates';
import { FitButtons } from './candidates/fit-buttons';
import { useCandidateList } from './candidates/use-candidate-list';
import { BENCH_COMMANDS, runCommand, type BenchCommandName } from './commands';
import { BenchPanels } from './panels/bench-panels';
import type { Open } from './panels/open';
import { JointFields } from './parts/joint-fields';
import { PartsList } from './parts/parts-list';
import { saveSvg } from './sheet/save-svg';
import { SheetView } from './sheet/sheet-view';
import { TitleBlock } from './sheet/title-block';
import { useZoom } from './sheet/use-zoom';
import { useBench, type BenchInput } from './state/use-bench';
import { useOverlay } from './state/use-overlay';
import { ChecksStrip } from './verdicts/checks-strip';
import { EffectRow } from './verdicts/effect-row';
import { VerdictStrip } from './verdicts/verdict-strip';

export interface BenchViewProps extends Omit<BenchInput, 'box'> {
  readonly box: Packed<readonly Part[]>;
  readonly setup: { readonly id: SetupId; readonly name: string };
  readonly line: RevisionLine;
  readonly revisions: readonly RevisionLine[];
  readonly moved: readonly MovedMark[];
  /** whether the page was asked for from a phone */
  readonly fromPhone: boolean;
  /** the first setup of a bench is shown with a walk round the page */
  readonly startsTour: boolean;
}

const Tour = dynamic(() => import('./tour').then((m) => m.Tour), { loading: () => null });
// Nobody needs it who looks for what is there. Without a boundary of its own its coming would take the focus from the field.
const MakePart = dynamic(() => import('@/features/fields/make-part').then((m) => m.MakePart), { loading: () => null });
// Ranges come a second after the page, and what reads them with them.
const verdictRanges = () => import('@/domain/verdict-ranges');

/** One setup: its drawing and verdicts, its parts, and what else could go there. */
export function BenchView(page: BenchViewProps) {
  const { setup: head, line, revisions, moved, house } = page;
  const box = useUnpacked(page.box);
  const bench = useBench({ ...page, box });
  const { state, dispatch, answered } = bench;
  const { t, date } = useI18n();
  const router = useRouter();
  const [open, setOpen] = useState<Open>(null);
  const [notice, setNotice] = useState('');
  const [isTouring, setTouring] = useState(page.startsTour);
  const downloadRef = useRef<HTMLAnchorElement>(null);
  const isWide = useMatches('print, (min-width: 64rem)', !page.fromPhone);
  const zoom = useZoom();
  const candidates = useCandidateList(bench);
  const overlay = useOverlay({ setupId: head.id, line, revisions, shown: answered });
  const drawings = overlay.drawings.base;
  const classes = useMemo(() => classesWith(house.classes), [house]);
  const tiedIn = useMemo(
    () => new Map(readRig(answered.setup).knots.map(({ jointId, material }) => [jointId, material])),
    [answered],
  );
  const reading = useLoaded(verdictRanges);
  const ranges = useMemo(
    () => (bench.ranges && bench.rangesAreOf && reading?.verdictRanges(bench.ranges, bench.rangesAreOf)) ?? null,
    [bench.ranges, bench.rangesAreOf, reading],
  );
  const fileUrl = `/bench/${head.id}/setup.json?revision=${line.number}`;
  const isTrying = state.tried !== null || state.trial !== null;
  const select = useCallback((jointId: string) => dispatch({ kind: 'select', jointId }), [dispatch]);
  const tryOn = useCallback((partId: PartId) => dispatch({ kind: 'try', partId }), [dispatch]);
  const fit = useCallback(() => dispatch({ kind: 'fit' }), [dispatch]);
  const partOf = (joint: Joint) => {
    const partId = joint.id === state.selected && state.tried ? state.tried : joint.partId;
    return (
      (state.asThen ? page.partsThen.find((part) => part.id === partId) : undefined) ??
      box.find((part) => part.id === partId)!
    );
  };

  const run = (command: BenchCommandName) =>
    runCommand(command, {
      state,
      dispatch,
      listed: candidates.listed,
      open: setOpen,
      toggleThen: () =>
        bench.readingsChanged > 0 ? dispatch({ kind: 'toggle-then' }) : setNotice(t('revisions.unmoved')),
      zoom: zoom.run,
      saveDrawing: () => zoom.svg && saveSvg(zoom.svg, head.name),
      find: () => candidates.findRef.current?.focus(),
      toSetups: () => router.push('/bench'),
      download: () => downloadRef.current?.click(),
    });
  useKeys(BENCH_COMMANDS, run, open !== null);

  const said = state.refused
    ? t('joint.cannot', { why: t(`chainProblem.${state.refused}`) })
    : bench.failed
      ? t('error.failedTitle')
      : state.asThen
        ? t('revisions.thenNote', { date: date(new Date(line.savedAt)) })
        : notice;

  return (
    <VerdictWords fished={answered.setup.presentation.kind}>
      <DraftBar offer={bench.kept.offer} onTakeUp={bench.takeUpKept} onThrowAway={bench.kept.throwAway} />
      <main
        id="main"
        tabIndex={-1}
        className="paper-sheet outline-none mx-auto flex flex-col gap-2 px-2 pb-1 pt-2 sm:px-3 lg:h-[calc(100dvh-40px)] lg:min-h-[720px]"
      >
        <div className="paper-columns grid min-h-0 flex-1 gap-2 lg:grid-cols-[minmax(0,1fr)_264px] lg:gap-3">
          <div className="paper-drawing flex min-h-0 min-w-0 flex-col gap-2 lg:grid lg:grid-rows-[minmax(0,1fr)_auto_auto]">
            <SheetView
              drawings={drawings}
              over={overlay.drawings.over}
              isWide={isWide}
              selected={state.selected}
              onSelect={select}
              dimmed={bench.waiting}
              zoom={zoom}
            />
            <VerdictStrip
              evaluation={answered.evaluation}
              rig={answered.setup}
              ranges={ranges}
              dimmed={bench.waiting}
              rangesDimmed={bench.rangesAreOf !== answered.setup}
              rangesProgress={bench.rangesProgress}
              onWorking={(working) => setOpen({ working })}
              onRemedies={() => setOpen('remedies')}
            />
            {isTrying ? (
              <EffectRow
                before={bench.before.figures}
                after={effectFigures(answered.evaluation)}
                onWorking={(working) => setOpen({ working })}
                parts={
                  state.tried ? { was: box.find(({ id }) => id === bench.fitted)!, is: partOf(bench.joint) } : null
                }
              />
            ) : (
              <ChecksStrip
                findings={answered.evaluation.checks}
                rig={answered.setup}
                onAll={() => setOpen('checks')}
                onSelect={select}
              />
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
            <JointFields
              key={state.selected}
              joint={bench.joint}
              part={partOf(bench.joint)}
              stations={stationsAt(state.draft.chain, bench.joint, partOf)}
              onJoint={(joint, field) => dispatch({ kind: 'change-joint', joint, field })}
            />
            <div className="flex min-h-0 flex-1 flex-col print:hidden">
              <Candidates
                {...candidates.list}
                number={state.draft.chain.findIndex(({ id }) => id === state.selected) + 1}
                rows={candidates.rows}
                fitted={bench.fitted}
                tried={state.tried}
                dimmed={bench.effectsWait}
                progress={bench.effectsProgress}
                castMassKg={bench.before.evaluation.castMassKg}
                onTry={tryOn}
                onFit={fit}
                onAll={() => setOpen('all')}
                make={
                  candidates.list.find.trim() !== '' && (
                    <MakePart
                      line={candidates.list.find}
                      kinds={PARTS_OF_JOINT[bench.joint.kind]}
                      box={box}
                      onMade={tryOn}
                    />
                  )
                }
              />
              {isTrying && <FitButtons onFit={fit} onPutBack={() => dispatch({ kind: 'put-back' })} />}
            </div>
            <TitleBlock
              name={head.name}
              revision={state.revision}
              changed={bench.changed}
              reason={line.reason}
              savedAt={new Date(line.savedAt)}
              presentation={state.draft.presentation}
              castMassKg={answered.evaluation.castMassKg}
              rod={isWide ? drawings.wide : drawings.narrow}
              detail={isWide ? drawings.inset : drawings.narrowDetail}
              asThen={state.asThen}
              onRevisions={() => setOpen('revisions')}
              onPresentation={() => setOpen('presentation')}
            />
          </div>
        </div>
        <BenchFoot onCommand={run} fileUrl={fileUrl} downloadRef={downloadRef} said={said} />
        <BenchPanels
          open={open}
          onOpen={setOpen}
          onNotice={setNotice}
          bench={bench}
          overlay={overlay}
          rows={candidates.all}
          box={box}
          house={house}
          setupId={head.id}
          line={line}
          revisions={revisions}
          moved={moved}
          fileUrl={fileUrl}
          onTour={() => {
            setOpen(null);
            setTouring(true);
          }}
        />
        {isTouring && <Tour onLeave={() => setTouring(false)} />}
      </main>
    </VerdictWords>
  );
}
