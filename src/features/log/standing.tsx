'use client';

import { tallyOf } from '@/domain/log/told';
import { nextAngler } from '@/domain/log/turn-list';
import { useI18n } from '@/i18n/client';
import { LogNav } from './log-nav';
import { useOffline } from './use-offline';
import { BigButton } from './panels/big-button';
import type { TripInHand } from './use-trip';

/** What trip this is, how long it has gone on, and what is not sent yet. */
export function Standing({
  inHand,
  craft,
  nowS,
  isOpen,
  onOpen,
  onTrip,
}: {
  readonly inHand: TripInHand;
  readonly craft: string | null;
  readonly nowS: number;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
  readonly onTrip: () => void;
}) {
  const { t } = useI18n();
  const { trip, tripId, unsent, refused, reaches, behindS, failed } = inHand;
  const min = trip.opened ? Math.max(0, Math.floor((nowS - trip.opened.atS) / 60)) : 0;
  const landed = tallyOf(trip.strikes).reduce((sum, { kept, released }) => sum + kept + released, 0);
  const next = nextAngler(trip);
  const offline = useOffline();
  return (
    <>
      <LogNav open="log" />
      {failed && (
        <p role="alert" className="semi-narrow border-2 border-ink bg-bad px-2.5 py-1 text-[15px] font-semibold">
          {t('log.notKept')}
        </p>
      )}
      <div className="narrow flex items-start justify-between gap-2 px-2.5 py-1.5 leading-tight">
        <div className="min-w-0">
          {isOpen ? (
            <button type="button" className="min-h-9 text-left" onClick={onTrip}>
              <b className="text-[15px] font-semibold">
                {[craft, trip.opened!.waterName].filter(Boolean).join(', ') || trip.opened!.name || t('log.unnamed')}
              </b>
              <small className="block text-[13.5px] text-dim" data-testid="so-far">
                {t('log.soFar', {
                  h: Math.floor(min / 60),
                  min: String(min % 60).padStart(2, '0'),
                  count: trip.strikes.length,
                  landed,
                })}
                {next !== null && ` · ${t('log.turnOf', { name: next })}`}
                <span data-testid="offline" data-state={offline}>
                  {' '}
                  · {t(`log.offline.${offline}`)}
                </span>
              </small>
            </button>
          ) : (
            <p className="semi-narrow text-[16px] font-semibold" data-testid="no-trip">
              <span data-testid="offline" data-state={offline} className="hidden" />
              {t(tripId === undefined ? 'common.loading' : trip.closedS !== null ? 'log.closed' : 'log.noTrip')}
            </p>
          )}
          {behindS !== 0 && (
            <p role="status" className="text-[13px]">
              {t(behindS > 0 ? 'log.clockBehind' : 'log.clockAhead', {
                min: Math.max(1, Math.round(Math.abs(behindS) / 60)),
              })}
            </p>
          )}
        </div>
        {(unsent > 0 || !reaches || refused > 0) && (
          <p
            role="status"
            data-testid="unsent"
            data-count={unsent}
            className="shrink-0 border border-dashed border-ink px-2 py-0.5 text-right"
          >
            <b className="block text-[14.5px] font-semibold">{t('log.unsent', { count: unsent })}</b>
            <small className="text-[13px]">
              {refused > 0 ? t('log.refused', { count: refused }) : t(reaches ? 'log.sending' : 'log.noSignal')}
            </small>
          </p>
        )}
      </div>
      {!isOpen && tripId !== undefined && (
        <div className="max-w-[420px] px-2.5">
          <BigButton on title={t('log.openTrip')} hint={t('log.openTripHint')} onClick={onOpen} />
        </div>
      )}
    </>
  );
}
