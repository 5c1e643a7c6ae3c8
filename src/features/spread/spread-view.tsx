'use client';

import { within } from '@/core/base/guard';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Turn } from '@/core/afloat';
import { movedTo } from '@/domain/spread/place-setup';
import { SPREAD_DOCUMENT_LIMITS as L } from '@/domain/spread/spread-limits';
import type { SpreadLineDocument } from '@/domain/spread/spread';
import { towPointsOf } from '@/domain/spread/tow-points';
import { BrokenDocuments } from '@/features/fields/broken-documents';
import { BrokenSetups } from '@/features/fields/broken-setups';
import { DraftBar } from '@/features/fields/draft-bar';
import { useI18n } from '@/i18n/client';
import { removeSpreadAction } from '@/server/actions/spreads';
import type { SpreadPage } from '@/server/queries/spread-page';
import { useKeys } from '@/ui/keys';
import { ViewKeys } from '@/features/fields/view-keys';
import { Link } from '@/ui/link';
import { Drawings } from './drawings/drawings';
import { choosesLine, KEYS, lineOfAction, type Action } from './keys';
import { LineList } from './list/line-list';
import { Tightest } from './list/tightest';
import { Title } from './list/title';
import { isPanel, SpreadPanels, type PanelName } from './panels/panels';
import { useQuestion, useSolved } from './use-solved';
import { useSpread } from './use-spread';

/** A turn tightens and widens by this share at a key press; the speed changes by this much [m/s]. */
const TURN_STEP = 1.06;
const SPEED_STEP_MPS = 0.05;

/** All lines of a boat as one arrangement: from above and from the side, in a turn, on the wake, at one speed. */
export function SpreadView(page: SpreadPage) {
  const i18n = useI18n();
  const { t } = i18n;
  const router = useRouter();
  const inHand = useSpread(page);
  const { spread, craft } = inHand;
  const [turn, setTurn] = useState<Turn>({ radiusM: spread.radiusM, side: 'starboard' });
  const [chosen, setChosen] = useState<string | null>(spread.lines[0]?.id ?? null);
  const [panel, setPanel] = useState<PanelName | 'keys' | null>(null);
  const question = useQuestion(inHand, page.house, turn);
  const { solved, geometry, waiting, failed } = useSolved(question);
  const on = spread.lines.find(({ id }) => id === chosen) ?? null;
  const points = craft ? towPointsOf(craft) : [];
  const usualName = t('spread.title.usual', { count: spread.lines.length });

  const putLine = (id: string, lineM: number) => inHand.changeLine(id, { lineM: within(lineM, L.lineM) }, 'line');
  const putDepth = (id: string, lengthM: number) => {
    const line = spread.lines.find((each) => each.id === id);
    if (line?.cableM === undefined) putLine(id, lengthM);
    else inHand.changeLine(id, { cableM: within(lengthM, L.cableM) }, 'cable');
  };
  const placeAt = (pointId: string) => {
    const there = spread.lines.find((line) => line.pointId === pointId);
    // A touch on a line that stands there chooses it; on a free place it moves the chosen one.
    if (there && there.id !== chosen) return setChosen(there.id);
    if (on && !there) inHand.change({ lines: [...movedTo(spread.lines, on.id, pointId, points)] });
  };
  const print = () => {
    const go = (id: string) => router.push(`/spread/print?spread=${encodeURIComponent(id)}`);
    if (inHand.changed || inHand.version === null) inHand.save(usualName, go);
    else go(spread.id);
  };
  const length = (line: SpreadLineDocument, by: number) => putDepth(line.id, (line.cableM ?? line.lineM) + by);
  const run = (action: Action): void => {
    if (choosesLine(action)) return setChosen(spread.lines[lineOfAction(action)]?.id ?? chosen);
    if (isPanel(action)) {
      if (action === 'add' || action === 'water' || action === 'boat' || action === 'files') return setPanel(action);
      if (action === 'edit') return on ? setPanel('edit') : undefined;
      return solved && spread.lines.length > 0 ? setPanel(action) : undefined;
    }
    switch (action) {
      case 'in':
        return on ? putLine(on.id, on.lineM - 0.5) : undefined;
      case 'out':
        return on ? putLine(on.id, on.lineM + 0.5) : undefined;
      case 'up':
        return on ? length(on, -0.5) : undefined;
      case 'down':
        return on ? length(on, 0.5) : undefined;
      case 'tighter':
        return setTurn({ ...turn, radiusM: within(turn.radiusM / TURN_STEP, L.radiusM) });
      case 'wider':
        return setTurn({ ...turn, radiusM: within(turn.radiusM * TURN_STEP, L.radiusM) });
      case 'other-side':
        return setTurn({ ...turn, side: turn.side === 'port' ? 'starboard' : 'port' });
      case 'slower':
        return inHand.change({ speedMps: within(spread.speedMps - SPEED_STEP_MPS, L.speedMps) });
      case 'faster':
        return inHand.change({ speedMps: within(spread.speedMps + SPEED_STEP_MPS, L.speedMps) });
      case 'pin':
        return on ? inHand.changeLine(on.id, { pinned: !on.pinned }) : undefined;
      case 'facing':
        return inHand.change({ facing: spread.facing === 'forward' ? 'aft' : 'forward' });
      case 'undo':
        return inHand.undo();
      case 'keep':
        return inHand.changed ? inHand.save(usualName) : undefined;
      case 'print':
        return print();
      case 'remove':
        return on
          ? inHand.change({
              lines: spread.lines.filter(({ id }) => id !== on.id),
              order: spread.order?.filter((id) => id !== on.id) ?? null,
            })
          : undefined;
      case 'keys':
        return setPanel('keys');
      default:
        return action satisfies never;
    }
  };
  useKeys(KEYS, run, panel !== null);
  const named = (label: (typeof KEYS)[number]['label']) => t(`spread.key.${label}`);
  const drawn = panel !== null && panel !== 'keys' ? panel : null;
  return (
    <main
      id="main"
      tabIndex={-1}
      className="mx-auto flex flex-col gap-2 px-2 pb-1 pt-2 outline-none sm:px-3 lg:h-[calc(100dvh-40px)] lg:min-h-[720px]"
      data-testid="spread"
      data-state={waiting ? 'waiting' : 'ready'}
    >
      <h1 className="sr-only">{t('nav.spread')}</h1>
      <BrokenSetups broken={page.brokenSetups} />
      <BrokenDocuments of="spread" rows={page.brokenSpreads} remove={removeSpreadAction} />
      <DraftBar offer={inHand.draft.offer} onTakeUp={inHand.takeUpDraft} onThrowAway={inHand.draft.throwAway} />
      {!craft && (
        <p className="semi-narrow border border-ink bg-sheet px-3 py-2">
          {t('spread.noCraft')}{' '}
          <Link className="underline" href="/rules">
            {t('nav.rules')}
          </Link>
        </p>
      )}
      {failed && (
        <p role="alert" className="border border-ink bg-sheet px-3 py-2">
          {t('error.failedTitle')}
        </p>
      )}
      {craft && question && (
        <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] gap-2 lg:grid-cols-[minmax(0,1fr)_372px]">
          <Drawings
            inHand={inHand}
            craft={craft}
            question={question}
            solved={solved}
            geometry={geometry}
            turn={turn}
            chosen={chosen}
            onChoose={setChosen}
            onPlace={placeAt}
            onLine={putLine}
            onDepth={putDepth}
            onTurn={setTurn}
            onSpeed={(speedMps) => inHand.change({ speedMps }, 'speed')}
          />
          <div className="flex min-h-0 flex-col gap-2 lg:overflow-y-auto">
            <div className="border border-ink bg-sheet">
              <LineList
                inHand={inHand}
                question={question}
                solved={solved}
                chosen={chosen}
                onChoose={setChosen}
                onEdit={(id) => {
                  setChosen(id);
                  setPanel('edit');
                }}
              />
              <button
                type="button"
                onClick={() => run('add')}
                className="narrow min-h-9 w-full border-t border-ink text-[14px] hover:bg-paper"
              >
                {t('spread.key.add')}
              </button>
            </div>
            <Tightest spread={spread} solved={solved?.spread ?? null} turn={turn} />
            <Title inHand={inHand} usualName={usualName} onKeep={() => run('keep')} />
          </div>
        </div>
      )}
      <ViewKeys
        view="spread"
        rows={KEYS}
        named={named}
        onAction={run}
        open={panel === 'keys'}
        onOpenChange={(isOpen) => setPanel(isOpen ? 'keys' : null)}
      />
      <SpreadPanels
        open={drawn}
        inHand={inHand}
        question={question}
        solved={solved}
        chosen={chosen}
        onChoose={setChosen}
        onClose={() => setPanel(null)}
      />
    </main>
  );
}
