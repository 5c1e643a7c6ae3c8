'use client';

import dynamic from 'next/dynamic';
import type { CurrentKnown } from '@/domain/helm/current-here';
import type { HelmEvent } from '@/domain/helm/helm-event';
import { MOST_CALIBRATIONS } from '@/domain/helm/helm-limits';
import { calibratedBy } from '@/domain/helm/runs';
import type { Standing } from '@/domain/helm/standing';
import { NO_TRACKS } from '@/domain/helm/tracks';
import { calibrationOf } from '@/domain/helm/usual-helm';
import type { ChannelName } from '@/domain/instruments/channels';
import { useI18n } from '@/i18n/client';
import type { HelmPage } from '@/server/queries/helm-page';
import { Panel } from '@/ui/panel';
import type { PanelName } from '../keys';
import type { HelmInHand } from '../use-helm';
import type { Live } from '@/features/fields/use-live';
import type { Phone } from '../use-phone';
import type { Calibrating } from './current-panel';

const TypePanel = dynamic(() => import('./type-panel').then((m) => m.TypePanel), { loading: () => null });
const DropPanel = dynamic(() => import('./drop-panel').then((m) => m.DropPanel), { loading: () => null });
const CurrentPanel = dynamic(() => import('./current-panel').then((m) => m.CurrentPanel), { loading: () => null });
const HistoryPanel = dynamic(() => import('./history-panel').then((m) => m.HistoryPanel), { loading: () => null });
const OtherPanel = dynamic(() => import('./other-panel').then((m) => m.OtherPanel), { loading: () => null });
const FiguresPanel = dynamic(() => import('./figures-panel').then((m) => m.FiguresPanel), { loading: () => null });
const InstrumentsPanel = dynamic(() => import('./instruments-panel').then((m) => m.InstrumentsPanel), {
  loading: () => null,
});

/** Panels that leave the figures in view. */
const AT_THE_SIDE: ReadonlySet<PanelName> = new Set(['type', 'probe', 'drop', 'current', 'other']);

/** The panel that is open. */
export function HelmPanels({
  open,
  onOpen,
  page,
  inHand,
  mayEdit,
  heard,
  nowS,
  standing,
  known,
  common,
  phone,
  place,
  sending,
  onTell,
}: {
  readonly open: PanelName | null;
  readonly onOpen: (panel: PanelName | null) => void;
  readonly page: HelmPage;
  readonly inHand: HelmInHand;
  /** whether what changes the helm itself is offered */
  readonly mayEdit: boolean;
  readonly heard: Live['heard'];
  readonly nowS: number;
  readonly standing: Readonly<Record<ChannelName, Standing>>;
  readonly known: CurrentKnown | null;
  /** the speeds that all lures in the water share */
  readonly common: { readonly fromMps: number; readonly toMps: number } | null;
  readonly phone: Phone;
  readonly place: { readonly latDeg: number; readonly lonDeg: number } | null;
  readonly sending: boolean;
  /** sends an event; `then` once it is kept */
  readonly onTell: (event: HelmEvent, then?: () => void) => Promise<void>;
}) {
  const { t } = useI18n();
  const { helm, change, busy } = inHand;
  const tracks = heard?.tracks ?? NO_TRACKS;
  const events = heard?.events ?? [];
  const own = () => ({ id: crypto.randomUUID(), atS: nowS });
  const keepCalibration: Calibrating['onKeep'] = (sensor, runs) => {
    const found = calibratedBy(runs, sensor, new Date());
    if (found) change({ calibrations: [...helm.calibrations, found].slice(-MOST_CALIBRATIONS) });
  };
  const dropCalibration: Calibrating['onDrop'] = (sensor) => {
    const last = calibrationOf(helm, sensor);
    change({ calibrations: helm.calibrations.filter((each) => each !== last) });
  };
  return (
    <Panel
      open={open !== null}
      onOpenChange={(isOpen) => !isOpen && onOpen(null)}
      title={open ? t(`helm.panel.${open}`) : ''}
      closeLabel={t('common.close')}
      side={open !== null && AT_THE_SIDE.has(open)}
    >
      {(open === 'type' || open === 'probe') && (
        <TypePanel
          key={open}
          standing={standing}
          events={events}
          busy={sending}
          {...(open === 'probe' ? { only: 'probeM' as const } : {})}
          onSave={(readings) => void onTell({ kind: 'typed', ...own(), readings: [...readings] }, () => onOpen(null))}
        />
      )}
      {open === 'drop' && (
        <DropPanel
          tracks={tracks}
          standing={standing}
          events={events}
          nowS={nowS}
          onDrop={(drop) => void onTell({ ...drop, id: crypto.randomUUID(), place })}
          onBreak={mayEdit ? (breakC) => change({ breakC }) : null}
        />
      )}
      {open === 'current' && (
        <CurrentPanel
          helm={helm}
          tracks={tracks}
          standing={standing}
          events={events}
          known={known}
          nowS={nowS}
          busy={busy || sending}
          onRun={(taken) => void onTell({ kind: 'run', ...own(), ...taken })}
          calibrating={mayEdit ? { onKeep: keepCalibration, onDrop: dropCalibration } : null}
        />
      )}
      {open === 'break' && <HistoryPanel breakC={helm.breakC} onBreak={(breakC) => change({ breakC })} />}
      {open === 'other' && <OtherPanel helm={helm} standing={standing} known={known} />}
      {open === 'figures' && <FiguresPanel inHand={inHand} page={page} common={common} />}
      {open === 'instruments' && <InstrumentsPanel inHand={inHand} links={heard?.links ?? []} phone={phone} />}
    </Panel>
  );
}
