'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useI18n } from '@/i18n/client';
import type { QuiverPage } from '@/server/queries/quiver-page';
import { KeyFoot } from '@/ui/key-foot';
import { groupKeys, useKeys } from '@/ui/keys';
import { Link } from '@/ui/link';
import { Panel } from '@/ui/panel';
import { ProgressEdge } from '@/ui/progress-edge';
import { AskBar } from './ask-bar';
import { BrokenSetups } from '@/features/fields/broken-setups';
import { QUIVER_KEYS, type QuiverKeyAction } from './keys';
import { scoreText } from './names';
import { PairCard } from './pair-card';
import { ScoreTable, type Place } from './score-table';
import { TerritoryMap } from './territory-map';
import { useQuiver } from './use-quiver';
import { Slider } from '@/ui/slider';

// What is opened over the map is fetched when it is first opened.
const ChoosePanel = dynamic(() => import('./choose/choose-panel').then((m) => m.ChoosePanel));
const DayPanel = dynamic(() => import('./day-panel').then((m) => m.DayPanel));
const HelpPanel = dynamic(() => import('@/features/fields/help-panel').then((m) => m.HelpPanel));

/** Rods against presentations: the map of territories, the table of scores, and what is asked of them. */
export function QuiverView(page: QuiverPage) {
  const i18n = useI18n();
  const { t } = i18n;
  const router = useRouter();
  const state = useQuiver(page);
  const [at, setAt] = useState<Place | null>(null);
  const [open, setOpen] = useState<'keys' | 'day' | 'choose' | null>(null);
  const { presented, rods, work, holes, table } = state;
  // Until somebody looks elsewhere, the first presentation on the rod that serves it best is in view.
  const looked = at ?? { row: 0, rod: state.served[0]?.best ?? 0 };
  const place = {
    row: Math.min(looked.row, Math.max(0, presented.length - 1)),
    rod: Math.min(looked.rod, Math.max(0, rods.length - 1)),
  };
  const run = (action: QuiverKeyAction) => {
    switch (action) {
      case 'fewest':
      case 'home':
        return state.setAsk({ kind: action });
      case 'best':
        return state.setAsk({ kind: 'best', k: 3 });
      case 'buy':
        return state.setAsk({ kind: 'buy', budget: 200 });
      case 'mark':
        return rods[place.rod] && state.cycle(rods[place.rod]!.id);
      case 'leave-out':
        return presented.length > 1 && presented[place.row] && state.leaveOut(presented[place.row]!.id);
      case 'work':
        return state.setWork(work === 'cast' ? 'towed' : 'cast');
      case 'lures':
        return state.setWithLures(!state.withLures);
      case 'next-hole':
        return holes.length > 0 && setAt({ ...place, row: holes.find((p) => p > place.row) ?? holes[0]! });
      case 'deck':
        return router.push('/quiver/deck');
      case 'keys':
      case 'day':
      case 'choose':
        return setOpen(action);
      default:
        return action satisfies never;
    }
  };
  useKeys(QUIVER_KEYS, run, open !== null);
  const label = (key: string) => t(`quiver.key.${key}` as 'quiver.key.keys');
  const labelled = (atFoot: boolean) =>
    groupKeys(QUIVER_KEYS, atFoot).map((group) => ({ ...group, label: label(group.label) }));
  const close = (isOpen: boolean) => !isOpen && setOpen(null);
  const workChoice = (
    <fieldset className="flex items-center gap-3">
      <legend className="sr-only">{t('quiver.work')}</legend>
      {(['cast', 'towed'] as const).map((each) => (
        <label key={each} className="flex min-h-8 items-center gap-1.5">
          <input type="radio" name="work" checked={work === each} onChange={() => state.setWork(each)} />
          {t(`quiver.workOf.${each}`)}
        </label>
      ))}
    </fieldset>
  );
  if (presented.length === 0 || rods.length === 0) {
    return (
      <main id="main" tabIndex={-1} className="mx-auto max-w-4xl px-3 py-6 outline-none">
        <h1 className="narrow text-[20px] font-semibold">{t('nav.quiver')}</h1>
        <BrokenSetups broken={page.broken} />
        <p>
          {t(rods.length === 0 ? 'quiver.noRods' : 'quiver.noSetups')}{' '}
          <Link href={rods.length === 0 ? '/box' : '/bench/new'} className="underline">
            {t(rods.length === 0 ? 'nav.box' : 'list.new')}
          </Link>
        </p>
        <div className="narrow mt-2">{workChoice}</div>
      </main>
    );
  }
  const isCast = work === 'cast';
  return (
    <main
      id="main"
      tabIndex={-1}
      className="mx-auto flex flex-col gap-2 px-2 pb-1 pt-2 outline-none sm:px-3 lg:h-[calc(100dvh-40px)] lg:min-h-[720px]"
    >
      <h1 className="sr-only">{t('nav.quiver')}</h1>
      <BrokenSetups broken={page.broken} />
      <div className="narrow flex flex-wrap items-center gap-x-5 gap-y-1 text-[14px]">
        {workChoice}
        <label className="flex min-h-8 items-center gap-1.5">
          <input
            type="checkbox"
            checked={state.withLures}
            onChange={(event) => state.setWithLures(event.target.checked)}
          />
          {t('quiver.withLures')}
        </label>
        <div className="flex min-h-8 items-center gap-2">
          <span>{t('quiver.floor')}</span>
          <Slider
            label={t('quiver.floor')}
            text={scoreText(i18n, state.floor)}
            min={0.5}
            max={1}
            step={0.01}
            value={state.floor}
            onValue={state.setFloor}
            className="h-8 w-32"
          />
          <output className="w-7 text-right">{scoreText(i18n, state.floor)}</output>
        </div>
        {state.scoring && (
          <button type="button" onClick={state.stop} className="min-h-8 border border-ink px-2">
            {t('quiver.stop')}
          </button>
        )}
        {state.isStopped && (
          <button type="button" onClick={state.goOn} className="min-h-8 border border-ink px-2">
            {t('quiver.goOn')}
          </button>
        )}
        <span className="text-dim">
          {t('quiver.counts', { presentations: presented.length, rods: rods.length, holes: holes.length })}
        </span>
        {state.leftOut > 0 && (
          <button type="button" onClick={state.putBack} className="min-h-8 border border-ink px-2">
            {t('quiver.putBack', { count: state.leftOut })}
          </button>
        )}
        <Link href="/quiver/deck" className="ml-auto flex min-h-9 items-center underline underline-offset-2">
          {label('deck')}
        </Link>
      </div>
      <div
        className={`relative grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] gap-2 ${isCast ? 'lg:grid-cols-[minmax(0,1fr)_minmax(0,1.04fr)]' : ''}`}
        aria-busy={state.scoring}
      >
        <ProgressEdge progress={state.scoring ? (state.scoringProgress ?? null) : null} label={t('quiver.scoring')} />
        {isCast && (
          <div className="flex min-h-0 flex-col gap-2">
            <div className="min-h-0 flex-1 border border-ink bg-sheet">
              {table ? (
                <TerritoryMap state={state} place={place} onPlace={setAt} />
              ) : (
                <p role="status" className="semi-narrow p-3 text-dim">
                  {t(state.isStopped ? 'quiver.stopped' : 'quiver.scoring')}
                </p>
              )}
            </div>
            <PairCard state={state} place={place} />
          </div>
        )}
        <div className="flex min-h-0 flex-col gap-2">
          <ScoreTable state={state} place={place} onPlace={setAt} />
          {!isCast && <PairCard state={state} place={place} />}
        </div>
      </div>
      {state.failed && (
        <p role="alert" className="border border-ink bg-sheet p-2">
          {t('error.refused')}
        </p>
      )}
      <AskBar state={state} />
      <footer className="narrow flex flex-wrap items-center gap-x-2.5 gap-y-1 text-[12.5px] text-dim print:hidden">
        <KeyFoot groups={labelled(true)} onAction={run} />
      </footer>
      {open === 'day' && (
        <Panel open wide onOpenChange={close} title={label('day')} closeLabel={t('common.close')}>
          <DayPanel state={state} box={page.box} />
        </Panel>
      )}
      {open === 'choose' && (
        <Panel open wide onOpenChange={close} title={label('choose')} closeLabel={t('common.close')}>
          <ChoosePanel page={page} start={presented[place.row]!} />
        </Panel>
      )}
      {open === 'keys' && <HelpPanel view="quiver" open onOpenChange={close} groups={labelled(false)} />}
    </main>
  );
}
