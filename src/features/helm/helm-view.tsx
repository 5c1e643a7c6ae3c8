'use client';

import { useState } from 'react';
import { courseNow, groundSpeedToHold } from '@/domain/helm/current-here';
import { currentNow, speedAtLures, throughWater } from '@/domain/helm/current-now';
import type { HelmEvent } from '@/domain/helm/helm-event';
import { freshValue, standingOf } from '@/domain/helm/standing';
import { NO_TRACKS } from '@/domain/helm/tracks';
import { useI18n } from '@/i18n/client';
import type { HelmPage } from '@/server/queries/helm-page';
import { useKeys } from '@/ui/keys';
import { ViewKeys } from '@/features/fields/view-keys';
import { Beside } from './figures/beside';
import { LargeFigures } from './figures/large-figures';
import { HelmProblems } from './helm-problems';
import { isPanel, KEYS, WITHOUT_SETTINGS, type Action, type PanelName } from './keys';
import { LureWindows } from './lures/lure-windows';
import { HelmPanels } from './panels/panels';
import { readout } from '@/features/fields/readout';
import { Story } from './story/story';
import { useAlarmSound } from './use-alarm-sound';
import { useAwake } from './use-awake';
import { useHelm } from './use-helm';
import { useLive } from '@/features/fields/use-live';
import { useMay } from '@/features/fields/use-may';
import { useLures } from './use-lures';
import { nowOf } from './now';
import { usePhone } from './use-phone';

/** The instruments, read across the boat: three figures, what is wrong, what moved, and the lures at this speed. */
export function HelmView(page: HelmPage) {
  const i18n = useI18n();
  const { t } = i18n;
  const mayEdit = useMay('edit');
  const live = useLive();
  const { heard, nowS } = live;
  const inHand = useHelm(page.helm, heard?.helm ?? null);
  const { helm } = inHand;
  const tracks = heard?.tracks ?? NO_TRACKS;
  const events = heard?.events ?? [];
  const standing = standingOf(tracks, { helm, events, nowS });
  const known = currentNow(events, standing, nowS);
  const lures = useLures(page, helm, throughWater(standing));
  const lureMps = speedAtLures(standing, known);
  const { bottom, alarms } = nowOf({ helm, tracks, events, lures, standing, nowS });
  const sounding = alarms.some(({ isSilenced }) => !isSilenced);
  const { blocked } = useAlarmSound(helm.sound && sounding);
  const phone = usePhone();
  const awake = useAwake();
  const [panel, setPanel] = useState<PanelName | 'keys' | null>(null);
  const [unsent, setUnsent] = useState<HelmEvent | null>(null);
  const [sending, setSending] = useState(false);

  const tell = async (event: HelmEvent, then?: () => void) => {
    setSending(true);
    const posted = await live.tell(event);
    setSending(false);
    setUnsent(posted === 'kept' ? null : event);
    if (posted === 'kept') then?.();
  };
  const latDeg = freshValue(standing.latDeg);
  const lonDeg = freshValue(standing.lonDeg);
  const place = latDeg === null || lonDeg === null ? null : { latDeg, lonDeg };
  const own = () => ({ id: crypto.randomUUID(), atS: nowS });
  const silence = () => {
    const keys = alarms.filter(({ isSilenced }) => !isSilenced).map(({ key }) => key);
    if (keys.length > 0) void tell({ kind: 'silenced', ...own(), keys });
  };
  const run = (action: Action): void => {
    if (isPanel(action)) return setPanel(action);
    if (action === 'silence') return silence();
    if (action === 'awake') return awake.toggle();
    setPanel('keys');
  };
  const rows = mayEdit ? KEYS : WITHOUT_SETTINGS;
  useKeys(rows, run, panel !== null);

  const course = courseNow(freshValue(standing.sogMps), freshValue(standing.cogRad), freshValue(standing.headingRad));
  const wanted = helm.figures.find(({ channel }) => channel === 'probeMps')?.wanted ?? null;
  const wantedMps = wanted && (wanted.from + wanted.to) / 2;
  const ground = known && course !== null && wantedMps !== null ? groundSpeedToHold(known, course, wantedMps) : null;
  const hold =
    ground !== null && wantedMps !== null
      ? t('helm.hold', { lure: readout(i18n, 'probeMps', wantedMps), ground: readout(i18n, 'sogMps', ground) })
      : null;
  const named = (label: (typeof KEYS)[number]['label']) => t(`helm.key.${label}`);
  const craft = page.house.crafts.find(({ id }) => id === helm.craftId)?.name ?? null;
  const read = Object.values(standing).filter(({ value }) => value !== null);
  return (
    <main
      id="main"
      tabIndex={-1}
      data-testid="helm"
      data-state={live.line}
      className="flex flex-col outline-none lg:h-[calc(100dvh-40px)] lg:min-h-[560px]"
    >
      <h1 className="sr-only">{t('nav.helm')}</h1>
      <HelmProblems
        page={page}
        failure={inHand.failure}
        unsent={unsent}
        onKeepAgain={inHand.again}
        onTellAgain={() => unsent && void tell(unsent)}
      />
      <p
        className="narrow flex flex-wrap gap-x-5 border-b border-faint bg-sheet px-4 py-0.5 text-[14px]"
        data-testid="line"
      >
        {craft && <span>{craft}</span>}
        <span data-testid="line-state">{t(`helm.line.${live.line}`)}</span>
        {heard && (
          <span>{t('helm.fresh', { fresh: read.filter(({ isStale }) => !isStale).length, count: read.length })}</span>
        )}
        {heard?.links.map(({ id, name, state }) => (
          <span key={id} data-testid={`state-${id}`}>
            {name || t('helm.recording.title')}: {t(`helm.connection.state.${state}`)}
          </span>
        ))}
        {awake.on && <span>{t('helm.awake')}</span>}
        {awake.failed && <span>{t('helm.awakeFailed')}</span>}
        {phone.on && <span>{t('helm.phone.sending')}</span>}
        {phone.problem && <span role="alert">{t(`helm.phone.problem.${phone.problem}`)}</span>}
      </p>
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_232px]">
        <LargeFigures helm={helm} tracks={tracks} standing={standing} />
        <Beside channels={helm.beside} standing={standing} />
      </div>
      <div className="grid min-h-0 grid-cols-[minmax(0,1fr)] lg:h-[min(23vh,200px)] lg:grid-cols-[minmax(0,4fr)_minmax(0,3fr)]">
        <Story
          alarms={alarms}
          bottom={bottom}
          events={events}
          tracks={tracks}
          nowS={nowS}
          place={place}
          hold={hold}
          lineNumber={(id) => lures?.lures.find((lure) => lure.id === id)?.number ?? null}
          sound={blocked ? t('helm.soundBlocked') : null}
          onSilence={silence}
          onAnswer={(event, moved) =>
            void tell({ kind: 'answer', ...own(), of: event.id, moved }, () => moved && setPanel('probe'))
          }
        />
        <div className="flex min-h-0 min-w-0 border-t border-ink lg:border-l">
          {lures ? (
            <LureWindows lures={lures} speedMps={lureMps} house={page.house} />
          ) : (
            <p className="semi-narrow self-center px-4 text-[15px]">{t('helm.lures.none')}</p>
          )}
        </div>
      </div>
      <ViewKeys
        view="helm"
        rows={rows}
        named={named}
        onAction={run}
        open={panel === 'keys'}
        onOpenChange={(isOpen) => setPanel(isOpen ? 'keys' : null)}
        className="border-t border-faint px-3 py-0.5"
      />
      <HelmPanels
        open={panel === 'keys' ? null : panel}
        onOpen={setPanel}
        page={page}
        inHand={inHand}
        mayEdit={mayEdit}
        heard={heard}
        nowS={nowS}
        standing={standing}
        known={known}
        common={lures?.common ?? null}
        phone={phone}
        place={place}
        sending={sending}
        onTell={tell}
      />
    </main>
  );
}
