'use client';

import { clockText, readout } from '@/features/fields/readout';
import { useI18n } from '@/i18n/client';
import type { DayStrike } from '@/server/queries/log-day';

/** The strikes of a trip, as a list. */
export function StrikeTable({
  strikes,
  numberOf,
  chosen,
  onChoose,
}: {
  readonly strikes: readonly DayStrike[];
  readonly numberOf: (line: string) => number;
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
}) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const heads = [
    'time',
    'line',
    'lure',
    'depth',
    'lead',
    'probe',
    'ground',
    'outcome',
    'fish',
    'angler',
    'flurry',
  ] as const;
  return (
    <section
      tabIndex={0}
      aria-label={t('log.strikes')}
      className="mx-2 mb-3 overflow-x-auto border border-ink bg-sheet"
    >
      <table className="narrow w-full text-[14px] max-lg:whitespace-nowrap" data-testid="strikes">
        <caption className="sr-only">{t('log.strikes')}</caption>
        <thead>
          <tr className="border-b border-ink text-left text-[12.5px] text-dim">
            {heads.map((head) => (
              <th key={head} scope="col" className="whitespace-nowrap px-2 font-normal">
                {t(`log.day.head.${head}`)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {strikes.map((strike) => {
            const { then, told } = strike;
            return (
              <tr
                key={strike.id}
                aria-selected={strike.id === chosen}
                className={`border-b border-faint ${strike.id === chosen ? 'bg-hi text-on-hi' : 'hover:bg-paper'}`}
              >
                <td className="whitespace-nowrap px-2">
                  <button
                    type="button"
                    className="min-h-8 underline decoration-faint"
                    onClick={() => onChoose(strike.id)}
                  >
                    {clockText(i18n, strike.atS)}
                  </button>
                </td>
                <td className="px-2">{numberOf(strike.line) || strike.line}</td>
                <td className="min-w-44 whitespace-normal px-2 leading-tight">{strike.lure}</td>
                <td className="whitespace-nowrap px-2">{format(then?.lureM ?? null, 'depth')}</td>
                <td className="whitespace-nowrap px-2">
                  {format(strike.lineM, 'distance')}
                  {strike.cableM !== null && ` / ${format(strike.cableM, 'distance')}`}
                </td>
                <td className="whitespace-nowrap px-2">
                  {then?.probeMps === null || then === null
                    ? '–'
                    : `${readout(i18n, 'probeMps', then.probeMps)}, ${readout(i18n, 'probeC', then.probeC)}`}
                </td>
                <td className="whitespace-nowrap px-2">
                  {then?.sogMps === null || then === null
                    ? '–'
                    : `${readout(i18n, 'sogMps', then.sogMps)}, ${readout(i18n, 'cogRad', then.cogRad)}`}
                </td>
                <td className="px-2">
                  {told ? t(`log.outcomes.${told.outcome}`) : '–'}
                  {told?.heldBy && `, ${t(`log.heldBy.${told.heldBy}`)}`}
                </td>
                <td className="px-2">
                  {[told?.species, told?.lengthM ? format(told.lengthM, 'size') : null].filter(Boolean).join(' ') ||
                    '–'}
                  {strike.photoIds.map((id) => (
                    <a key={id} href={`/log/photos/${id}`} className="ml-2 underline">
                      {t('log.day.photo')}
                    </a>
                  ))}
                </td>
                <td className="px-2">
                  {strike.angler ?? '–'}
                  {strike.by && strike.by !== strike.angler && (
                    <span className="text-dim"> {t('log.day.noted', { by: strike.by })}</span>
                  )}
                </td>
                <td className="px-2">{strike.flurry + 1}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
