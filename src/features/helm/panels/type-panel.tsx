'use client';

import { useState } from 'react';
import type { HelmEvent } from '@/domain/helm/helm-event';
import { typedAt, type Standing } from '@/domain/helm/standing';
import type { ChannelName } from '@/domain/instruments/channels';
import { useI18n } from '@/i18n/client';
import { PanelButton } from './panel-button';
import { SteppedField } from './stepped-field';

/** What is read off a screen that sends nothing, the probe's first. */
const TYPED = ['probeMps', 'probeC', 'probeM', 'sogMps', 'waterMps', 'surfaceC', 'bottomM'] as const;

/** Readings by hand: the last values stand ready; what was touched, or typed before, is saved. */
export function TypePanel({
  standing,
  events,
  busy,
  only,
  onSave,
}: {
  readonly standing: Readonly<Record<ChannelName, Standing>>;
  readonly events: readonly HelmEvent[];
  readonly busy: boolean;
  /** a new depth of the probe alone */
  readonly only?: 'probeM';
  readonly onSave: (readings: readonly { readonly channel: ChannelName; readonly value: number }[]) => void;
}) {
  const { t } = useI18n();
  const [touched, setTouched] = useState<Partial<Record<ChannelName, number>>>({});
  const before = typedAt(events);
  const channels: readonly ChannelName[] = only ? [only] : TYPED;
  const valueOf = (channel: ChannelName) => touched[channel] ?? standing[channel].value;
  const readings = channels.flatMap((channel) => {
    const value = valueOf(channel);
    return value !== null &&
      (channel in touched || only !== undefined || (before.has(channel) && standing[channel].isTyped))
      ? [{ channel, value }]
      : [];
  });
  return (
    <div className="flex flex-col gap-3">
      <p className="semi-narrow text-[14px] text-dim">{t(only ? 'helm.type.depthHint' : 'helm.type.hint')}</p>
      {channels.map((channel) => (
        <SteppedField
          key={channel}
          channel={channel}
          value={valueOf(channel)}
          onValue={(value) => setTouched((now) => ({ ...now, [channel]: value }))}
        />
      ))}
      <PanelButton strong disabled={busy || readings.length === 0} onClick={() => onSave(readings)}>
        {readings.length === 0 ? t('helm.save') : t('helm.type.save', { count: readings.length })}
      </PanelButton>
    </div>
  );
}
