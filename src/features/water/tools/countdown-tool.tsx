'use client';

import { Fragment } from 'react';
import { useI18n } from '@/i18n/client';
import { castBandOf } from '../use-water';
import { Answers, Note, Table } from '@/features/fields/sheet';
import type { ToolProps } from './parts';

/** Seconds to each depth, what one change makes of them, and how much of a cast is spent where it is meant to fish. */
export function CountdownTool({ main }: ToolProps) {
  const { t, format, fixed, inUnit, unitLabel } = useI18n();
  if (main.setup.presentation.kind !== 'cast' || !main.fall) return <p>{t('water.countdown.onlyCast')}</p>;
  const { countdowns, tight, band } = main.fall;
  const { depthM } = main.setup.presentation;
  const asIs = countdowns[0]!;
  const wanted = castBandOf(depthM);
  const seconds = (timeS: number | null | undefined) =>
    timeS === null || timeS === undefined ? '–' : `${fixed(inUnit(timeS, 'time'), 1)} ${unitLabel('time')}`;
  return (
    <>
      {asIs.outcome !== 'sinks' && <p className="font-semibold">{t(`water.countdown.${asIs.outcome}`)}</p>}
      <Table
        caption={t('water.countdown.caption')}
        head={[
          t('water.countdown.depth'),
          ...countdowns.map(({ change }) => t(`water.change.${change}`)),
          t('water.countdown.tight'),
        ]}
        rows={asIs.table.map(({ depthM: z }, i) => [
          z === depthM ? <b key="z">{format(z, 'depth')}</b> : <Fragment key="z">{format(z, 'depth')}</Fragment>,
          ...countdowns.map(({ table }) => seconds(table[i]?.timeS)),
          seconds(tight.table.find((row) => row.depthM === z)?.timeS),
        ])}
      />
      <Note>{t('water.countdown.note')}</Note>
      <Answers
        rows={[
          [
            t('water.band.cast', { from: format(wanted.fromM, 'depth'), to: format(wanted.toM, 'depth') }),
            format(band.share, 'share'),
            'band-share',
          ],
          [t('water.band.seconds'), `${format(band.inBandS, 'time')} / ${format(band.castS, 'time')}`],
          [t('water.band.towed'), t('water.band.tenMinutes', { cast: format(600 * band.share, 'time') })],
        ]}
      />
    </>
  );
}
