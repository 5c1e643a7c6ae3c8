'use client';

import { useState } from 'react';
import { kindOf, type ChannelName } from '@/domain/instruments/channels';
import type { TripEventOf } from '@/domain/log/trip-event';
import { QuantityField } from '@/features/fields/quantity-field';
import { measureOf } from '@/features/fields/readout';
import { useI18n } from '@/i18n/client';
import { BigButton } from './big-button';

type Readings = TripEventOf<'reading'>['readings'];

const TYPED = ['probeMps', 'probeC', 'probeM', 'sogMps', 'surfaceC', 'bottomM'] as const;

/** A reading by hand where no instrument sends: what was typed last stands ready. */
export function ReadingPanel({
  last,
  onKeep,
}: {
  readonly last: Partial<Record<ChannelName, number>>;
  readonly onKeep: (readings: Readings) => void;
}) {
  const { t } = useI18n();
  const [typed, setTyped] = useState<Partial<Record<ChannelName, number>>>(last);
  const readings = TYPED.flatMap((channel) => {
    const value = typed[channel];
    return value === undefined ? [] : [{ channel, value }];
  });
  return (
    <div className="flex flex-col gap-3">
      <p className="semi-narrow text-[14px] text-dim">{t('log.reading.hint')}</p>
      <div className="grid grid-cols-2 gap-3">
        {TYPED.map((channel) => (
          <QuantityField
            key={channel}
            label={t(`log.channel.${channel}`)}
            measure={measureOf(channel)}
            value={typed[channel] ?? null}
            limits={kindOf(channel).limits}
            emptyMeans="–"
            onValueChange={(value) =>
              setTyped(({ [channel]: _, ...rest }) => (value === null ? rest : { ...rest, [channel]: value }))
            }
          />
        ))}
      </div>
      <BigButton on disabled={readings.length === 0} title={t('log.reading.keep')} onClick={() => onKeep(readings)} />
    </div>
  );
}
