'use client';

import type { Gear, Trip } from '@/domain/log/trip';
import type { TripEvent } from '@/domain/log/trip-event';
import { dueSwaps, swapTo } from '@/domain/trials/swaps';
import type { TrialDocument } from '@/domain/trials/trial-document';
import { clockText } from '@/features/fields/readout';
import { useI18n } from '@/i18n/client';
import { own } from './own';
import { BigButton } from './panels/big-button';

/** Lines whose version a trial wants swapped now, each done in one touch. */
export function SwapReminder({
  trials,
  trip,
  nowS,
  numberOf,
  onTell,
}: {
  readonly trials: readonly TrialDocument[];
  readonly trip: Trip;
  readonly nowS: number;
  readonly numberOf: (line: string) => number | null;
  readonly onTell: (events: readonly TripEvent[]) => void;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const due = trials.flatMap((trial) =>
    dueSwaps(trial, trip, nowS).flatMap((swap) => {
      const gear = trip.lines.find(({ line }) => line === swap.line)?.gear;
      return gear ? [{ trial, swap, gear }] : [];
    }),
  );
  if (due.length === 0) return null;
  const done = (trial: TrialDocument, to: 'a' | 'b', line: string, gear: Gear) => {
    const { atS } = own();
    // Each a moment after the one before it, so that every phone takes them in this order.
    onTell(swapTo(trial[to], gear).map((each, i): TripEvent => ({ ...each, ...own(), atS: atS + i / 1000, line })));
  };
  return (
    <section aria-label={t('log.swap.title')} data-testid="swaps" className="flex flex-col gap-1.5 px-2.5">
      {due.map(({ trial, swap, gear }) => (
        <BigButton
          key={`${trial.id} ${swap.line}`}
          on={swap.isIn}
          title={t('log.swap.to', {
            line: numberOf(swap.line) ?? swap.line,
            version: trial[swap.to].name,
          })}
          hint={t(swap.isIn ? 'log.swap.isIn' : 'log.swap.due', {
            trial: trial.name,
            time: clockText(i18n, swap.atS),
          })}
          onClick={() => done(trial, swap.to, swap.line, gear)}
        />
      ))}
    </section>
  );
}
