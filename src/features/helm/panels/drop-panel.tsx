'use client';

import { useState } from 'react';
import type { HelmEvent, HelmEventOf } from '@/domain/helm/helm-event';
import { layerTemperature, profileOf } from '@/domain/helm/profile';
import type { Standing } from '@/domain/helm/standing';
import type { Tracks } from '@/domain/helm/tracks';
import type { ChannelName } from '@/domain/instruments/channels';
import { useI18n } from '@/i18n/client';
import { clockText, readout } from '@/features/fields/readout';
import { PanelButton } from './panel-button';
import { ProfileDrawing } from './profile-drawing';

export type Drop = Omit<HelmEventOf<'drop'>, 'id' | 'place'>;

/** A drop goes on while the panel is shut; another phone does not see it until it is ended. */
const STARTED = 'ferula drop';

/** The probe on its way down: depth, temperature and speed become the day's profile. */
export function DropPanel({
  tracks,
  standing,
  events,
  nowS,
  onDrop,
  onBreak,
}: {
  readonly tracks: Tracks;
  readonly standing: Readonly<Record<ChannelName, Standing>>;
  readonly events: readonly HelmEvent[];
  readonly nowS: number;
  readonly onDrop: (drop: Drop) => void;
  /** null: it is not offered */
  readonly onBreak: ((breakC: number) => void) | null;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const [fromS, setFromS] = useState<number | null>(() => Number(sessionStorage.getItem(STARTED)) || null);
  const [failed, setFailed] = useState(false);
  const put = (at: number | null) => {
    setFromS(at);
    if (at === null) sessionStorage.removeItem(STARTED);
    else sessionStorage.setItem(STARTED, String(at));
  };
  const drops = events.filter((event) => event.kind === 'drop');
  const now = fromS === null ? null : profileOf(tracks, fromS, nowS);
  const shown = now ?? drops[0] ?? null;
  const breakC = shown?.breakM ? layerTemperature(shown.layers)(shown.breakM) : null;
  return (
    <div className="flex flex-col gap-3" data-testid="drop">
      <p className="semi-narrow text-[14px] text-dim">{t('helm.drop.hint')}</p>
      <p className="narrow text-[20px]">
        {readout(i18n, 'probeM', standing.probeM.value)} · {readout(i18n, 'probeC', standing.probeC.value)} ·{' '}
        {readout(i18n, 'probeMps', standing.probeMps.value)}
      </p>
      {fromS === null ? (
        <PanelButton strong onClick={() => put(nowS)}>
          {t('helm.drop.start')}
        </PanelButton>
      ) : (
        <PanelButton
          strong
          onClick={() => {
            const { layers, breakM, breakKPm } = profileOf(tracks, fromS, nowS);
            setFailed(layers.length < 2);
            if (layers.length >= 2) onDrop({ kind: 'drop', atS: nowS, fromS, layers: [...layers], breakM, breakKPm });
            put(null);
          }}
        >
          {t('helm.drop.stop', { layers: now?.layers.length ?? 0 })}
        </PanelButton>
      )}
      {failed && (
        <p role="alert" className="semi-narrow text-[14px]">
          {t('helm.drop.tooFew')}
        </p>
      )}
      {shown && shown.layers.length > 1 ? (
        <>
          {fromS === null && drops[0] && (
            <p className="narrow text-[14px] text-dim">{t('helm.drop.of', { time: clockText(i18n, drops[0].atS) })}</p>
          )}
          <ProfileDrawing profile={shown} />
          <p className="semi-narrow text-[15px]" data-testid="drop-break">
            {shown.breakM === null
              ? t('helm.drop.noBreak')
              : t('helm.drop.break', {
                  depth: readout(i18n, 'probeM', shown.breakM),
                  temperature: readout(i18n, 'probeC', breakC),
                })}
          </p>
          {breakC !== null && onBreak && (
            <PanelButton onClick={() => onBreak(Math.round(breakC * 10) / 10)}>
              {t('helm.drop.useBreak', { temperature: readout(i18n, 'probeC', breakC) })}
            </PanelButton>
          )}
        </>
      ) : (
        fromS === null && <p className="semi-narrow text-[14px]">{t('helm.drop.none')}</p>
      )}
    </div>
  );
}
