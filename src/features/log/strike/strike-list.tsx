'use client';

import type { Trip } from '@/domain/log/trip';
import { clockText } from '@/features/fields/readout';
import { useI18n } from '@/i18n/client';

/** The strikes of the trip, the newest first; a touch brings one into view. */
export function StrikeList({
  strikes,
  shownId,
  nameOf,
  onChoose,
}: {
  readonly strikes: Trip['strikes'];
  readonly shownId: string | null;
  readonly nameOf: (line: string) => string;
  readonly onChoose: (id: string) => void;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  if (strikes.length < 2) return null;
  return (
    <ol aria-label={t('log.strikes')} className="narrow mt-2 border-t border-ink text-[14px]">
      {strikes.toReversed().map(({ id, atS, line, told, twinOf }) => (
        <li key={id} className="border-b border-faint">
          <button
            type="button"
            aria-pressed={id === shownId}
            onClick={() => onChoose(id)}
            className={`flex min-h-11 w-full items-center justify-between gap-3 px-1 text-left hover:bg-paper ${id === shownId ? 'font-semibold' : ''}`}
          >
            <span>{clockText(i18n, atS)}</span>
            <span className="min-w-0 flex-1 truncate">{nameOf(line)}</span>
            <span>{told ? t(`log.outcomes.${told.outcome}`) : t(twinOf ? 'log.sameFish' : 'log.notTold')}</span>
          </button>
        </li>
      ))}
    </ol>
  );
}
