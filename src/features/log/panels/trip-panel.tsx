'use client';

import { useState } from 'react';
import type { TripId } from '@/domain/ids';
import { useI18n } from '@/i18n/client';
import { Link } from '@/ui/link';
import { TextField } from '@/ui/text-field';
import type { Here } from '../use-here';
import { BigButton } from './big-button';
import { namesIn } from './open-panel';

/** The trip itself: who fishes, this phone's track, its end. */
export function TripPanel({
  tripId,
  crew,
  next,
  here,
  facing,
  onCrew,
  onPassTurn,
  onFacing,
  onClose,
  onLeave,
}: {
  readonly tripId: TripId;
  readonly crew: readonly string[];
  readonly next: string | null;
  readonly here: Here;
  readonly facing: 'forward' | 'aft';
  readonly onCrew: (crew: string[]) => void;
  readonly onPassTurn: () => void;
  readonly onFacing: () => void;
  readonly onClose: () => void;
  readonly onLeave: () => void;
}) {
  const { t } = useI18n();
  const [names, setNames] = useState(crew.join(', '));
  const [sure, setSure] = useState(false);
  return (
    <div className="flex flex-col gap-3" data-testid="trip-panel">
      <TextField
        label={t('log.open.crew')}
        placeholder={t('log.open.crewHint')}
        value={names}
        maxLength={300}
        onValueChange={setNames}
      />
      <div className="grid grid-cols-2 gap-1.5">
        <BigButton
          title={t('log.trip.keepCrew')}
          disabled={namesIn(names).join() === crew.join()}
          onClick={() => onCrew(namesIn(names))}
        />
        <BigButton
          title={t('log.trip.passTurn')}
          hint={next === null ? t('log.trip.nobody') : t('log.trip.next', { name: next })}
          disabled={crew.length < 2}
          onClick={onPassTurn}
        />
        <BigButton title={t('log.trip.turnOver')} hint={t(`log.trip.facing.${facing}`)} onClick={onFacing} />
        <BigButton
          title={t(here.on ? 'log.trip.stopTrack' : 'log.trip.track')}
          hint={t(here.problem ? `log.trip.problem.${here.problem}` : 'log.trip.trackHint')}
          on={here.on}
          onClick={here.on ? here.stop : here.start}
        />
      </div>
      <div className="grid grid-cols-2 gap-1.5">
        <Link
          href={`/log/day?trip=${encodeURIComponent(tripId)}`}
          className="narrow flex min-h-14 items-center border border-ink px-3 text-[17px] font-semibold hover:bg-paper"
        >
          {t('log.nav.day')}
        </Link>
        <BigButton title={t('log.trip.leave')} hint={t('log.trip.leaveHint')} onClick={onLeave} />
      </div>
      <BigButton
        title={t(sure ? 'log.trip.closeSure' : 'log.trip.close')}
        hint={t('log.trip.closeHint')}
        on={sure}
        onClick={() => (sure ? onClose() : setSure(true))}
      />
    </div>
  );
}
