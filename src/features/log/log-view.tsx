'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { filesById, namedSetups } from '@/domain/packed-setups';
import type { Packed } from '@/domain/packed';
import { castsOf } from '@/domain/log/trip';
import { suddenStop } from '@/domain/log/sudden-stop';
import { NOTHING_KNOWN, tallyOf } from '@/domain/log/told';
import { nextAngler, turnPassed } from '@/domain/log/turn-list';
import type { TripEvent } from '@/domain/log/trip-event';
import type { TripId } from '@/domain/ids';
import { towPointsOf } from '@/domain/spread/tow-points';
import { useLive } from '@/features/fields/use-live';
import { useUnpacked } from '@/features/fields/use-unpacked';
import { useI18n } from '@/i18n/client';
import type { LogPage } from '@/server/queries/log-page';
import { useKeys } from '@/ui/keys';
import { ViewKeys } from '@/features/fields/view-keys';
import { Bars } from './bars';
import { KEYS, type Action } from './keys';
import { LineTiles } from './lines/line-tiles';
import { tileOf } from './lines/tile-of';
import { LogPanels, type PanelName } from './panels/panels';
import { newId, own } from './own';
import { Standing } from './standing';
import { SwapReminder } from './swap-reminder';
import { StrikeList } from './strike/strike-list';
import { StrikePanel } from './strike/strike-panel';
import { useDepths } from './use-depths';
import { useHere } from './use-here';
import { useLines } from './use-lines';
import { useSettled } from './use-settled';
import { useThen } from './use-then';
import { useTouches } from './use-touches';
import { useTrip } from './use-trip';

/** The trip on the water: every line a target, one touch a strike. */
export function LogView({
  planId,
  askedTrip,
  sent,
}: {
  readonly sent: Packed<LogPage>;
  readonly planId: string | null;
  /** a trip to be corrected, by its id */
  readonly askedTrip: string | null;
}) {
  const page = useUnpacked(sent);
  const i18n = useI18n();
  const { t } = i18n;
  const router = useRouter();
  const live = useLive();
  const inHand = useTrip(askedTrip, live);
  const { trip, tripId, add } = inHand;
  const here = useHere((points) => void add([{ kind: 'track', ...own(), points }]));
  const files = useMemo(() => filesById(namedSetups(page.towed)), [page.towed]);
  const { rods, lures } = page;
  const [facing, setFacing] = useSettled<'forward' | 'aft'>('facing', 'forward');
  const [reminders, setReminders] = useSettled<Readonly<Record<string, number>>>('reminders', {});
  const [panel, setPanel] = useState<PanelName | 'keys' | null>(null);
  const [changing, setChanging] = useState<string | null>(null);

  const craft = page.house.crafts.find(({ id }) => id === trip.opened?.craftId) ?? null;
  const spread = page.spreads.find(({ id }) => id === trip.opened?.spreadId) ?? null;
  const lines = useLines(trip, page);
  const solved = useDepths({ spread, lines, craft, files, rods, house: page.house });
  const points = craft ? towPointsOf(craft) : [];
  const pointOf = (line: string) => {
    const id = lines.find((each) => each.line === line)?.gear.pointId ?? null;
    return points.find((point) => point.id === id) ?? null;
  };
  const { then, speeds, boatTrack, throughMps } = useThen({
    live,
    here: here.tracks,
    solved,
    helm: page.helm?.document ?? null,
  });
  // One clock for the page: this phone's, as its entries are stamped with it.
  const nowS = live.nowS - (live.heard?.aheadS ?? 0);
  const touches = useTouches({
    trip,
    lines,
    add,
    then,
    nowS,
    onChange: (line) => {
      setChanging(line);
      setPanel('change');
    },
  });
  const { mode, shown, fishing, notOut, tell, edit, letOut, takeIn, undo } = touches;
  const tiles = lines.map((line) =>
    tileOf(i18n, {
      ...line,
      point: pointOf(line.line),
      page,
      solved,
      throughMps,
      nowS,
      trip,
      chosen: shown?.line ?? null,
      reminders,
    }),
  );

  const isOpen = Boolean(tripId) && trip.opened !== null && trip.closedS === null;
  const isThere = isOpen || (Boolean(tripId) && trip.strikes.length > 0);
  const shownLine = shown && lines.find(({ line }) => line === shown.line);

  const keepReading = (): void => {
    const readings = live.heard && live.line === 'open' ? then.readings(Date.now() / 1000) : [];
    if (readings.length === 0) return setPanel('reading');
    void tell([{ kind: 'reading', ...own(), readings: [...readings] }]);
  };
  const run = (action: Action, key?: string): void => {
    switch (action) {
      case 'line': {
        const line = lines[(Number(key) + 9) % 10];
        return line && touches.touch(line.line);
      }
      case 'lines':
      case 'weed':
        return touches.turn(action);
      case 'reading':
        return keepReading();
      case 'undo':
        return undo();
      case 'again':
        return shown ? setPanel('again') : undefined;
      case 'turn-over':
        return setFacing(facing === 'aft' ? 'forward' : 'aft');
      case 'all-in':
        return void takeIn(notOut);
      case 'all-back':
        return letOut(lines.map(({ line }) => line));
      case 'day':
        return router.push(tripId ? `/log/day?trip=${encodeURIComponent(tripId)}` : '/log/trips');
      case 'trip':
        return setPanel(isOpen ? 'trip' : 'open');
      case 'event':
      case 'keys':
        return setPanel(action);
      default:
        action satisfies never;
    }
  };
  useKeys(KEYS, run, panel !== null);

  const ask =
    mode === 'strike' ? (fishing.length > 0 ? 'log.ask.strike' : 'log.ask.none') : (`log.ask.${mode}` as const);
  return (
    <main id="main" tabIndex={-1} data-testid="log" className="mx-auto flex max-w-[1180px] flex-col outline-none">
      <h1 className="sr-only">{t('nav.log')}</h1>
      {page.broken.length > 0 && (
        <p role="status" className="semi-narrow border-b border-faint px-2.5 text-[14px]">
          {t('log.broken', { count: page.broken.length })}
        </p>
      )}
      <Standing
        inHand={inHand}
        craft={craft?.name ?? null}
        nowS={nowS}
        isOpen={isOpen}
        onOpen={() => setPanel('open')}
        onTrip={() => setPanel('trip')}
      />
      {isThere && (
        <div className="grid gap-2 pb-[136px] lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] lg:pb-4">
          {isOpen && (
            <div className="flex flex-col gap-1.5">
              <p className="semi-narrow flex items-baseline justify-between px-2.5 text-[18px] font-semibold leading-tight">
                <span data-testid="ask">{t(ask)}</span>
                <small className="narrow text-[14px] font-normal text-dim">
                  {t('log.inOut', { fishing: fishing.length, out: lines.length - fishing.length })}
                </small>
              </p>
              <SwapReminder
                trials={page.trials}
                trip={trip}
                nowS={nowS}
                numberOf={(name) => lines.find(({ line }) => line === name)?.number ?? null}
                onTell={(events) => void tell(events)}
              />
              <LineTiles
                tiles={tiles}
                facing={facing}
                label={t('log.linesLabel')}
                wake={t('log.wake')}
                onTouch={touches.touch}
              />
              <Bars
                mode={mode}
                undoS={touches.undoable?.leftS ?? 0}
                undoWhat={touches.undoable ? t(`log.did.${touches.undoable.what}`) : ''}
                canIn={notOut.length > 0}
                canBack={fishing.length < lines.length}
                isCasting={trip.opened?.way === 'casting'}
                rodInHand={fishing[0] ?? null}
                casts={fishing[0] ? castsOf(trip, fishing[0]) : 0}
                onMode={touches.turn}
                onUndo={undo}
                onAllIn={() => takeIn(notOut)}
                onAllBack={() => letOut(lines.map(({ line }) => line))}
                onReading={keepReading}
                onEvent={() => setPanel('event')}
                onCast={() => fishing[0] && void tell([{ kind: 'cast', ...own(), line: fishing[0], count: 1 }])}
              />
            </div>
          )}
          <div className="px-2 lg:pl-0">
            {shown && shownLine ? (
              <StrikePanel
                key={shown.id}
                strike={shown}
                number={shownLine.number}
                name={tiles.find(({ line }) => line === shown.line)?.name ?? '–'}
                xM={pointOf(shown.line)?.xM ?? null}
                way={trip.opened?.way ?? 'trolling'}
                nowS={nowS}
                twin={trip.strikes.find(({ id }) => id === shown.twinOf) ?? null}
                isFought={shownLine.now?.state === 'fought' && shownLine.now.sinceS <= shown.atS}
                crew={trip.crew}
                speeds={speeds}
                stopS={suddenStop(boatTrack, shown.touchedS)}
                onRetime={(toS) =>
                  void edit(shown.id, tell, [
                    { kind: 'retimed', ...own(), of: shown.id, toS, then: then(shown.line, toS) },
                  ])
                }
                onKnown={(known) => void edit(shown.id, add, [{ kind: 'told', ...own(), of: shown.id, ...known }])}
                onUndo={() => void tell([{ kind: 'undone', ...own(), of: shown.id }])}
                onBack={() => void edit(shown.id, tell, [{ kind: 'back', ...own(), lines: [shown.line] }])}
                onStillOut={() =>
                  void edit(shown.id, add, [
                    { kind: 'still-out', ...own(), of: shown.id },
                    ...(shown.told ? [] : [missed(shown.id)]),
                  ])
                }
                onAgain={() => setPanel('again')}
                onMore={() => setPanel('more')}
              />
            ) : (
              <p className="semi-narrow border border-dashed border-faint p-4 text-[15px] text-dim">
                {t('log.noStrike')}
              </p>
            )}
            <StrikeList
              strikes={trip.strikes}
              shownId={shown?.id ?? null}
              nameOf={(line) => tiles.find((each) => each.line === line)?.name ?? line}
              onChoose={touches.choose}
            />
          </div>
        </div>
      )}
      <ViewKeys
        view="log"
        rows={KEYS}
        named={(label) => t(`log.key.${label}`)}
        onAction={run}
        open={panel === 'keys'}
        onOpenChange={(isShown) => setPanel(isShown ? 'keys' : null)}
        className="hidden border-t border-faint px-3 py-0.5 lg:flex"
      />
      <LogPanels
        open={panel === 'keys' ? null : panel}
        onOpen={setPanel}
        page={page}
        planId={planId}
        nowS={nowS}
        tripId={tripId ?? null}
        trip={trip}
        events={inHand.events}
        lines={lines}
        lures={lures}
        files={files}
        points={points}
        craft={craft}
        spread={spread}
        strike={shown}
        chosenLine={changing}
        live={live}
        here={here}
        facing={facing}
        reminders={reminders}
        tallies={tallyOf(trip.strikes)}
        onFacing={() => setFacing(facing === 'aft' ? 'forward' : 'aft')}
        onRemind={(line, min) =>
          setReminders(
            Object.fromEntries(
              Object.entries({ ...reminders, [line]: min }).filter(
                (entry): entry is [string, number] => entry[1] !== null,
              ),
            ),
          )
        }
        onTell={(events) => {
          touches.setMode('strike');
          void tell(events);
        }}
        deepNow={(line) => {
          const { lureM = null, bottomM = null } = then(line, Date.now() / 1000) ?? {};
          return { lureM, bottomM };
        }}
        onAdd={(events) => void add(events)}
        onOpenTrip={(opened) => {
          const id = `trip-${newId()}` as TripId;
          void inHand.choose(id).then(() => add([{ kind: 'opened', ...own(), ...opened }], id));
          setPanel(null);
        }}
        onJoin={(id) => {
          void inHand.merge(id).then(() => inHand.choose(id));
          setPanel(null);
        }}
        onLeave={() => {
          touches.choose(null);
          setPanel(null);
          void inHand.choose(null);
        }}
        onPassTurn={() => {
          const next = nextAngler(trip);
          if (next !== null) void tell([{ kind: 'crew', ...own(), crew: [...turnPassed(trip.crew, next)] }]);
        }}
      />
    </main>
  );
}

const missed = (of: string): TripEvent => ({ kind: 'told', ...own(), of, ...NOTHING_KNOWN, outcome: 'missed' });
