'use client';

import dynamic from 'next/dynamic';
import type { TowPoint } from '@/core/afloat';
import { courseNow } from '@/domain/helm/current-here';
import { currentNow } from '@/domain/helm/current-now';
import type { Helm } from '@/domain/helm/helm';
import { freshValue, standingOf } from '@/domain/helm/standing';
import { NO_TRACKS } from '@/domain/helm/tracks';
import { usualHelm } from '@/domain/helm/usual-helm';
import type { Craft } from '@/domain/house';
import type { HelmId, TripId } from '@/domain/ids';
import type { ChannelName } from '@/domain/instruments/channels';
import type { AgainNow } from '@/domain/log/again';
import { overLimits } from '@/domain/log/kept-limits';
import type { GearIn } from '@/domain/log/planned';
import { knownOf, type Tally } from '@/domain/log/told';
import type { LineNow, Strike, Trip } from '@/domain/log/trip';
import type { TripEvent, TripEventOf } from '@/domain/log/trip-event';
import { nextAngler } from '@/domain/log/turn-list';
import type { Part } from '@/domain/parts';
import type { SetupFiles } from '@/domain/spread/solve';
import type { SpreadDocument } from '@/domain/spread/spread';
import type { useLive } from '@/features/fields/use-live';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import type { LogPage } from '@/server/queries/log-page';
import { Panel } from '@/ui/panel';
import { keepPhoto } from '../store';
import type { Here } from '../use-here';
import { own } from '../own';

const OpenPanel = dynamic(() => import('./open-panel').then((m) => m.OpenPanel), { loading: () => null });
const ChangePanel = dynamic(() => import('./change-panel').then((m) => m.ChangePanel), { loading: () => null });
const ReadingPanel = dynamic(() => import('./reading-panel').then((m) => m.ReadingPanel), { loading: () => null });
const EventPanel = dynamic(() => import('./event-panel').then((m) => m.EventPanel), { loading: () => null });
const MorePanel = dynamic(() => import('./more-panel').then((m) => m.MorePanel), { loading: () => null });
const TripPanel = dynamic(() => import('./trip-panel').then((m) => m.TripPanel), { loading: () => null });
const AgainPanel = dynamic(() => import('../again/again-panel').then((m) => m.AgainPanel), { loading: () => null });

export type PanelName = 'open' | 'change' | 'reading' | 'event' | 'more' | 'trip' | 'again';

export interface LogLine {
  readonly line: string;
  readonly number: number;
  readonly gear: GearIn;
  readonly now: LineNow | null;
}

/** The panel that is open over the trip. */
export function LogPanels(props: {
  readonly open: PanelName | null;
  readonly onOpen: (panel: PanelName | null) => void;
  readonly page: LogPage;
  readonly planId: string | null;
  readonly nowS: number;
  readonly tripId: TripId | null;
  readonly trip: Trip;
  readonly events: readonly TripEvent[];
  readonly lines: readonly LogLine[];
  readonly lures: readonly Part[];
  readonly files: SetupFiles;
  readonly points: readonly TowPoint[];
  readonly craft: Craft | null;
  readonly spread: SpreadDocument | null;
  readonly strike: Strike | null;
  readonly chosenLine: string | null;
  readonly live: ReturnType<typeof useLive>;
  readonly here: Here;
  readonly facing: 'forward' | 'aft';
  readonly reminders: Readonly<Record<string, number>>;
  readonly tallies: readonly Tally[];
  readonly onFacing: () => void;
  readonly onRemind: (line: string, min: number | null) => void;
  /** adds what can be taken back in one touch */
  readonly onTell: (events: readonly TripEvent[]) => void;
  readonly onAdd: (events: readonly TripEvent[]) => void;
  readonly onOpenTrip: (opened: Omit<TripEventOf<'opened'>, 'id' | 'kind' | 'atS'>) => void;
  readonly onJoin: (tripId: TripId) => void;
  readonly onLeave: () => void;
  readonly onPassTurn: () => void;
  /** how deep a line's lure runs now, and how deep the water is */
  readonly deepNow: (line: string) => Pick<TripEventOf<'touched'>, 'lureM' | 'bottomM'>;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const { open, onOpen, page, trip, lines, strike, onTell } = props;
  const close = () => onOpen(null);
  const tellAndClose = (events: readonly TripEvent[]) => {
    onTell(events);
    close();
  };
  const changing = lines.find(({ line }) => line === props.chosenLine) ?? null;
  const struck = strike && (lines.find(({ line }) => line === strike.line) ?? null);
  const nameOf = (gear: GearIn) => page.setups.find(({ id }) => id === gear.setupId)?.name ?? '–';
  const taken = new Set(lines.map(({ gear }) => gear.pointId));
  const species = [
    ...new Set(trip.strikes.flatMap(({ told }) => (told?.species ? [told.species] : []))),
    ...page.plans.flatMap((plan) => plan.species.split(/[,;]/).map((each) => each.trim())),
  ].filter((name, i, all) => name !== '' && all.indexOf(name) === i);
  return (
    <Panel
      open={open !== null}
      onOpenChange={(isOpen) => !isOpen && close()}
      title={open ? t(`log.panel.${open}`) : ''}
      closeLabel={t('common.close')}
    >
      {open === 'open' && (
        <OpenPanel
          page={page}
          planId={props.planId}
          nowS={props.nowS}
          onOpen={props.onOpenTrip}
          onJoin={props.onJoin}
        />
      )}
      {open === 'change' && changing && (
        <ChangePanel
          key={changing.line}
          number={changing.number}
          name={nameOf(changing.gear)}
          gear={changing.gear}
          state={changing.now?.state ?? 'planned'}
          lures={props.lures}
          points={props.points.filter(({ id }) => !taken.has(id))}
          remindMin={props.reminders[changing.line] ?? null}
          onChange={(change) => tellAndClose([{ kind: 'changed', ...own(), line: changing.line, ...change }])}
          onLetOut={(gear) => tellAndClose([{ kind: 'in', ...own(), line: changing.line, ...gear }])}
          onMoved={(pointId) => tellAndClose([{ kind: 'moved', ...own(), line: changing.line, pointId }])}
          onTripped={() => tellAndClose([{ kind: 'tripped', ...own(), line: changing.line }])}
          onTouched={() =>
            tellAndClose([{ kind: 'touched', ...own(), line: changing.line, ...props.deepNow(changing.line) }])
          }
          onClean={() => tellAndClose([{ kind: 'clean', ...own(), line: changing.line }])}
          onRemind={(min) => props.onRemind(changing.line, min)}
        />
      )}
      {open === 'reading' && (
        <ReadingPanel
          last={lastReadings(trip)}
          onKeep={(readings) => tellAndClose([{ kind: 'reading', ...own(), readings }])}
        />
      )}
      {open === 'event' && (
        <EventPanel
          now={conditionsNow(trip)}
          onSeen={(what) => tellAndClose([{ kind: 'seen', ...own(), what }])}
          onPass={() => tellAndClose([{ kind: 'pass', ...own() }])}
          onConditions={(changed) => tellAndClose([{ kind: 'conditions', ...own(), ...changed }])}
        />
      )}
      {open === 'more' && strike && (
        <MorePanel
          key={strike.id}
          known={knownOf(strike.told)}
          species={species.slice(0, 9)}
          tally={props.tallies}
          sheet={page.house.sheet}
          joints={jointsOf(i18n, strike, props.files)}
          over={overLimits(trip.strikes, page.house.sheet)}
          history={props.events.filter((event) => event.id === strike.id || ('of' in event && event.of === strike.id))}
          hasPhoto={strike.photoIds.length > 0}
          onKnown={(known) => {
            props.onAdd([{ kind: 'told', ...own(), of: strike.id, ...known }]);
            close();
          }}
          onPhoto={async (file) => {
            const photoId = props.tripId && (await keepPhoto(props.tripId, file));
            if (photoId) props.onAdd([{ kind: 'photo', ...own(), of: strike.id, photoId }]);
            return photoId !== null;
          }}
        />
      )}
      {open === 'trip' && props.tripId && (
        <TripPanel
          tripId={props.tripId}
          crew={trip.crew}
          next={nextAngler(trip)}
          here={props.here}
          facing={props.facing}
          onCrew={(crew) => props.onAdd([{ kind: 'crew', ...own(), crew }])}
          onPassTurn={props.onPassTurn}
          onFacing={props.onFacing}
          onClose={() => {
            props.onAdd([{ kind: 'closed', ...own() }]);
            close();
          }}
          onLeave={props.onLeave}
        />
      )}
      {open === 'again' && strike && struck && (
        <AgainPanel
          strike={strike}
          number={struck.number}
          name={nameOf(strike.gear ?? struck.gear)}
          craft={props.craft}
          files={props.files}
          rods={page.rods}
          house={page.house}
          helm={helmOf(page)}
          now={againNow(page, props.live)}
          others={lines.filter(({ line, gear }) => line !== strike.line && gear.lineM !== null)}
          onLetOut={(line, gear) => {
            const place = lines.find((each) => each.line === line)?.gear;
            const to: GearIn =
              line === strike.line ? gear : { ...gear, pointId: place?.pointId ?? null, rodId: place?.rodId ?? null };
            tellAndClose([{ kind: 'in', ...own(), line, ...to }]);
          }}
          toSpread={props.spread ? `/spread?spread=${encodeURIComponent(props.spread.id)}` : null}
          onwards={onwardsOf(strike, props.craft)}
        />
      )}
    </Panel>
  );
}

const helmOf = (page: LogPage): Helm => page.helm?.document ?? usualHelm('none' as HelmId);

/** Where a strike leads: a spread that begins with its line as it ran, and a slot of a day. */
function onwardsOf(
  { gear, then }: Strike,
  craft: Craft | null,
): { readonly spread: string; readonly slot: string } | null {
  if (!gear) return null;
  const slot = `/today?slot=${encodeURIComponent(gear.setupId)}`;
  const asked = new URLSearchParams({ setup: gear.setupId, line: String(gear.lineM ?? '') });
  const speedMps = then?.waterMps ?? then?.sogMps ?? null;
  if (craft) asked.set('craft', craft.id);
  if (gear.pointId) asked.set('place', gear.pointId);
  if (gear.cableM !== null) asked.set('cable', String(gear.cableM));
  if (speedMps !== null) asked.set('speed', speedMps.toFixed(2));
  return { spread: `/spread?${asked}`, slot };
}

/** The boat as it goes now, corrected by what is known of its sensors. */
function againNow(page: LogPage, live: ReturnType<typeof useLive>): AgainNow {
  const helm = helmOf(page);
  const events = live.heard?.events ?? [];
  const standing = standingOf(live.heard?.tracks ?? NO_TRACKS, { helm, events, nowS: live.nowS });
  const fresh = (channel: ChannelName) => freshValue(standing[channel]);
  return {
    courseRad: courseNow(fresh('sogMps'), fresh('cogRad'), fresh('headingRad')),
    latDeg: fresh('latDeg'),
    lonDeg: fresh('lonDeg'),
    waterMps: fresh('waterMps'),
    probeMps: fresh('probeMps'),
    probeM: fresh('probeM'),
    current: currentNow(events, standing, live.nowS),
  };
}

const lastReadings = ({ readings }: Trip): Partial<Record<ChannelName, number>> =>
  Object.fromEntries(
    readings.flatMap(({ readings: said }) => said.map(({ channel, value }) => [channel, value] as const)),
  );

function conditionsNow({ conditions }: Trip) {
  const said = conditions.map(({ id: _, kind: __, atS: ___, ...rest }) => rest);
  return Object.assign({}, ...said) as (typeof said)[number];
}

/** The joints of the setup that can break, in words. */
function jointsOf(i18n: Parameters<typeof partTitle>[0], { gear }: Strike, files: SetupFiles): readonly string[] {
  const file = gear ? files[gear.setupId] : undefined;
  if (!file) return [];
  return file.chain.flatMap(({ partId, kind }) => {
    if (kind === 'rod' || kind === 'reel') return [];
    const part = (file.parts as readonly Part[]).find(({ id }) => id === partId);
    return part ? [partTitle(i18n, part).slice(0, 60)] : [];
  });
}
