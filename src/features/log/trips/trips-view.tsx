'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { clockText } from '@/features/fields/readout';
import { useI18n } from '@/i18n/client';
import type { LogTrips } from '@/server/queries/log-trips';
import type { TripFileTaken } from '@/domain/log/trip-file';
import { problemText } from '@/i18n/problem-text';
import { Link } from '@/ui/link';
import { LogNav } from '../log-nav';
import { benchHeader } from '@/features/fields/page-bench';

type Asked = { readonly file: File; readonly taken: TripFileTaken | null; readonly failed: string | null };

/** Every trip, and the way of trips and tracks in and out. */
export function TripsView({ trips }: LogTrips) {
  const i18n = useI18n();
  const { t, date, number } = i18n;
  const router = useRouter();
  const [asked, setAsked] = useState<Asked | null>(null);
  const [into, setInto] = useState('');
  const send = async (file: File, confirm: boolean) => {
    try {
      const response = await fetch(
        `/log/file?name=${encodeURIComponent(file.name)}&trip=${encodeURIComponent(into)}${confirm ? '&confirm=yes' : ''}`,
        {
          method: 'POST',
          body: file,
          headers: benchHeader(),
        },
      );
      const answer = (await response.json()) as TripFileTaken & {
        readonly code?: string;
        readonly fields?: Parameters<typeof problemText>[1][];
      };
      if (!response.ok)
        return setAsked({
          file,
          taken: null,
          failed: answer.fields?.map((each) => problemText(t, each)).join(' ') ?? t('log.files.failed'),
        });
      if (!confirm) return setAsked({ file, taken: answer, failed: null });
      setAsked(null);
      router.refresh();
    } catch {
      setAsked({ file, taken: null, failed: t('log.files.failed') });
    }
  };
  return (
    <main
      id="main"
      tabIndex={-1}
      data-testid="log-trips"
      className="mx-auto flex max-w-[1180px] flex-col gap-3 outline-none"
    >
      <LogNav open="trips" />
      <h1 className="semi-narrow px-3 text-[20px] font-semibold">{t('log.nav.trips')}</h1>
      {trips.length === 0 ? (
        <p className="semi-narrow px-3 text-[15px] text-dim">{t('log.files.none')}</p>
      ) : (
        <div
          role="region"
          tabIndex={0}
          aria-label={t('log.nav.trips')}
          className="mx-2 overflow-x-auto border border-ink bg-sheet"
        >
          <table className="narrow w-full text-[15px]" data-testid="trips">
            <thead>
              <tr className="border-b border-ink text-left text-[12.5px] text-dim">
                {(['day', 'name', 'water', 'craft', 'hours', 'strikes'] as const).map((head) => (
                  <th key={head} scope="col" className="px-2 font-normal">
                    {t(`log.files.head.${head}`)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {trips.map((trip) => (
                <tr key={trip.tripId} className="border-b border-faint hover:bg-paper">
                  <td className="whitespace-nowrap px-2">
                    {date(new Date(trip.fromS * 1000), 'full')} {clockText(i18n, trip.fromS)}
                  </td>
                  <td className="px-2">
                    <Link
                      href={`/log/day?trip=${encodeURIComponent(trip.tripId)}`}
                      className="inline-flex min-h-11 items-center font-semibold underline decoration-faint"
                    >
                      {trip.name || t('log.unnamed')}
                    </Link>
                  </td>
                  <td className="px-2">{trip.waterName || '–'}</td>
                  <td className="px-2">{trip.craft ?? '–'}</td>
                  <td className="px-2">{number((trip.toS - trip.fromS) / 3600, 1)}</td>
                  <td className="px-2">{trip.strikes}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <section className="mx-2 flex flex-col gap-2 border border-ink bg-sheet p-2" aria-label={t('log.files.title')}>
        <h2 className="narrow text-[16px] font-semibold">{t('log.files.title')}</h2>
        <p className="narrow flex flex-wrap gap-4 text-[15px]">
          {(['strikes', 'catches', 'trips'] as const).map((table) => (
            <a key={table} href={`/log/file?table=${table}&as=csv`} download className="underline">
              {t(`log.files.table.${table}`)}
            </a>
          ))}
        </p>
        <div className="grid gap-3 sm:grid-cols-2">
          <label className="narrow block text-[12px] text-dim">
            {t('log.files.choose')}
            <input
              type="file"
              accept=".gpx,.geojson,.json,.csv"
              className="block min-h-9 text-[14px] text-ink"
              onChange={(event) => {
                const file = event.target.files?.[0];
                if (file) void send(file, false);
              }}
            />
          </label>
          <label className="narrow block text-[12px] text-dim">
            {t('log.files.into')}
            <select
              value={into}
              onChange={(event) => setInto(event.target.value)}
              className="min-h-9 w-full border-b border-faint bg-sheet text-[15px] text-ink"
            >
              <option value="">{t('log.files.newTrip')}</option>
              {trips.map(({ tripId, name, fromS }) => (
                <option key={tripId} value={tripId}>
                  {`${date(new Date(fromS * 1000))} ${name}`}
                </option>
              ))}
            </select>
          </label>
        </div>
        {asked?.failed && (
          <p role="alert" className="semi-narrow text-[14px]">
            {asked.failed}
          </p>
        )}
        {asked?.taken && (
          <div data-testid="taken">
            <p className="semi-narrow text-[15px] font-semibold">
              {t('log.files.would', {
                file: asked.file.name,
                count: asked.taken.lines.filter(({ problem }) => problem === null).length,
              })}
            </p>
            <ul
              tabIndex={0}
              aria-label={t('log.files.title')}
              className="narrow max-h-60 overflow-y-auto text-[13.5px]"
            >
              {asked.taken.lines.map(({ line, what, problem }) => (
                <li key={line} className="border-t border-faint">
                  {t('log.files.line', { line })} {problem ? problemText(t, problem) : t(`log.files.what.${what}`)}
                </li>
              ))}
            </ul>
            <button
              type="button"
              disabled={asked.taken.lines.every(({ problem }) => problem !== null)}
              onClick={() => void send(asked.file, true)}
              className="narrow mt-2 min-h-11 border border-ink bg-hi px-4 text-[16px] font-semibold text-on-hi disabled:border-faint disabled:bg-transparent disabled:text-dim"
            >
              {t('log.files.confirm')}
            </button>
          </div>
        )}
      </section>
    </main>
  );
}
