'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useCallback, useMemo, useRef, useState } from 'react';
import { classesWith } from '@/core/tackle/defaults/classes';
import { effectFigures, type MovedMark, type VerdictName } from '@/core/judge';
import { readRig } from '@/core/rig';
import type { PartId, SetupId } from '@/domain/ids';
import type { Joint } from '@/domain/joint';
import { DraftBar } from '@/features/fields/draft-bar';
import { VerdictWords } from '@/features/fields/verdict-words';
import { useI18n } from '@/i18n/client';
import { KeyFoot } from '@/ui/key-foot';
import { groupKeys, useKeys } from '@/ui/keys';
import { BenchPanels, type Open, type RevisionLine } from './bench-panels';
import { candidateRows, ordered, type Order } from './candidate-order';
import { Candidates, useFind } from './candidates';
import { ChecksStrip } from './checks-strip';
import { EffectRow } from './effect-row';
import { JointFields } from './joint-fields';
import { BENCH_KEYS, type BenchKeyAction } from './keys';
import { PartsList } from './parts-list';
import { saveSvg } from './save-svg';
import { SheetView } from './sheet-view';
import { TitleBlock } from './title-block';
import { useBench, type BenchInput } from './use-bench';
import { useOverlay } from './use-overlay';
import { useZoom } from './use-zoom';
import { verdictRanges } from './verdict-ranges';
import { VerdictStrip } from './verdict-strip';

export interface BenchViewProps extends BenchInput {
  readonly setup: { readonly id: SetupId; readonly name: string };
  readonly line: RevisionLine;
  readonly revisions: readonly RevisionLine[];
  readonly moved: readonly MovedMark[];
}

export function BenchView(page: BenchViewProps) {
  const { setup: head, line, revisions, moved, box, house } = page;
  const bench = useBench(page);
  const { state, dispatch, answered } = bench;
  const { t, date } = useI18n();
  const router = useRouter();
  const [open, setOpen] = useState<Open>(null);
  const [notice, setNotice] = useState('');
  const [shows, setShows] = useState<VerdictName>('set');
  const [order, setOrder] = useState<Order>({ by: 'name', descending: false });
  const { find, setFind, found } = useFind();
  const findRef = useRef<HTMLInputElement>(null);
  const downloadRef = useRef<HTMLAnchorElement>(null);
  const svgRef = useRef<SVGSVGElement>(null);
  const zoom = useZoom();
  const overlay = useOverlay({ setupId: head.id, line, revisions, shown: answered });
  const drawings = overlay.drawings.base;
  const classes = useMemo(() => classesWith(house.classes), [house]);
  const tiedIn = useMemo(
    () => new Map(readRig(answered.setup).knots.map(({ jointId, material }) => [jointId, material])),
    [answered],
  );
  const rows = useMemo(
    () => candidateRows(bench.candidates, bench.effects, bench.before.evaluation),
    [bench.candidates, bench.effects, bench.before],
  );
  const ranges = useMemo(
    () => bench.ranges && bench.rangesAreOf && verdictRanges(bench.ranges, bench.rangesAreOf),
    [bench.ranges, bench.rangesAreOf],
  );
  const shown = useMemo(() => ordered(rows, order).filter(({ part }) => found(part)), [rows, order, found]);
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
  const number = state.draft.chain.findIndex((joint) => joint.id === state.selected) + 1;

  const run = (action: BenchKeyAction) => {
    switch (action) {
      case 'previous-joint':
      case 'next-joint':
        return dispatch({ kind: 'step-joint', by: action === 'next-joint' ? 1 : -1 });
      case 'try-previous':
      case 'try-next':
        return dispatch({
          kind: 'step-try',
          by: action === 'try-next' ? 1 : -1,
          among: shown.map(({ part }) => part.id),
        });
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
      case 'remedies':
      case 'fight':
      case 'sweep':
      case 'all':
        return setOpen(action);
      case 'working':
        return setOpen({ working: 'throw' });
      case 'remove-joint':
        return dispatch({ kind: 'remove-joint', jointId: state.selected });
      case 'move-up':
      case 'move-down':
        return dispatch({
          kind: 'move-joint',
          jointId: state.selected,
          to: number - 1 + (action === 'move-down' ? 1 : -1),
        });
      case 'larger':
      case 'smaller':
      case 'whole':
      case 'pan-left':
      case 'pan-right':
      case 'pan-up':
      case 'pan-down':
        return zoom.run(action);
      case 'print':
        return window.print();
      case 'svg':
        return svgRef.current ? saveSvg(svgRef.current, head.name) : undefined;
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

  useKeys(BENCH_KEYS, run, open !== null);
  const footKeys = groupKeys(BENCH_KEYS, true).map((group) => ({ ...group, label: t(`key.${group.label}`) }));

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
              selected={state.selected}
              onSelect={select}
              dimmed={bench.waiting}
              zoom={zoom}
              onSvg={(svg) => {
                svgRef.current = svg;
              }}
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
              onJoint={(joint, field) => dispatch({ kind: 'change-joint', joint, field })}
            />
            <div className="flex min-h-0 flex-1 flex-col print:hidden">
              <Candidates
                number={number}
                rows={shown}
                fitted={bench.fitted}
                tried={state.tried}
                dimmed={bench.effectsWait}
                progress={bench.effectsProgress}
                castMassKg={bench.before.evaluation.castMassKg}
                shows={shows}
                onShows={setShows}
                order={order}
                onOrder={setOrder}
                find={find}
                onFind={setFind}
                findRef={findRef}
                onTry={tryOn}
                onFit={fit}
                onAll={() => setOpen('all')}
              />
              {isTrying && (
                <div className="flex gap-2 border-x border-b border-ink bg-sheet p-1.5">
                  <button
                    type="button"
                    className="narrow min-h-8 flex-1 border border-ink bg-hi font-semibold text-on-hi"
                    onClick={() => dispatch({ kind: 'fit' })}
                  >
                    {t('key.fit')}
                  </button>
                  <button
                    type="button"
                    className="narrow min-h-8 flex-1 border border-ink"
                    onClick={() => dispatch({ kind: 'put-back' })}
                  >
                    {t('key.putBack')}
                  </button>
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
        <footer className="narrow print:hidden flex flex-wrap items-center gap-x-2.5 gap-y-1 text-[12.5px] text-dim">
          <KeyFoot groups={footKeys} onAction={run} />
          <a ref={downloadRef} href={fileUrl} download="setup.json" className="hover:text-ink">
            {t('key.download')}
          </a>
          <Link href="/bench" className="hover:text-ink">
            {t('key.setups')}
          </Link>
          <span role="status" className="ml-auto text-ink">
            {state.refused
              ? t('joint.cannot', { why: t(`chainProblem.${state.refused}`) })
              : bench.failed
                ? t('error.failedTitle')
                : state.asThen
                  ? t('revisions.thenNote', { date: date(new Date(line.savedAt)) })
                  : notice}
          </span>
        </footer>
        <BenchPanels
          open={open}
          onOpen={setOpen}
          onNotice={setNotice}
          bench={bench}
          overlay={overlay}
          rows={rows}
          box={box}
          house={house}
          setupId={head.id}
          line={line}
          revisions={revisions}
          moved={moved}
          fileUrl={fileUrl}
        />
      </main>
    </VerdictWords>
  );
}
