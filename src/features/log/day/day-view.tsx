'use client';

import { useState } from 'react';
import { clockText } from '@/features/fields/readout';
import { useUnpacked } from '@/features/fields/use-unpacked';
import { useI18n } from '@/i18n/client';
import type { LogDay } from '@/server/queries/log-day';
import { ChoiceField } from '@/ui/choice-field';
import { LogNav } from '../log-nav';
import { overText } from '../over-text';
import { Column } from './column';
import { StrikeTable } from './strike-table';
import { TimeLines } from './time-lines';
import { COLOURED_BY, TrackDrawing, type ColouredBy } from './track-drawing';

const AS = ['csv', 'gpx', 'geojson', 'json'] as const;
const STATES = ['fishing', 'fought', 'fouled', 'out'] as const;

/** One trip as it went: its track, its hours, its strikes. */
export function DayView({
  day,
  isGuest = false,
}: {
  readonly day: LogDay;
  /** shown by a link, without what leads further into the log */
  readonly isGuest?: boolean;
}) {
  const i18n = useI18n();
  const { t, number, percent, date } = i18n;
  const points = useUnpacked(day.points);
  const [asked, setAsked] = useState<ColouredBy | null>(null);
  const colours = COLOURED_BY.filter((name) => points.some((each) => each[name] !== null));
  const by = asked ?? (colours.includes('probeMps') ? 'probeMps' : (colours[0] ?? 'sogMps'));
  const [chosen, setChosen] = useState<string | null>(null);
  const [atS, setAtS] = useState((day.fromS + day.toS) / 2);
  const strike = (id: string) => {
    setChosen(id);
    const found = day.strikes.find((each) => each.id === id);
    if (found) setAtS(found.atS);
  };
  const point = points.findLast(({ tS }) => tS <= atS) ?? null;
  const laybacks = day.lines.flatMap(({ laybackM }) => (laybackM === null ? [] : [laybackM]));
  const numberOf = (line: string) => day.lines.find((each) => each.line === line)?.number ?? 0;
  const hours = (day.toS - day.fromS) / 3600;
  const landed = day.strikes.filter(({ told }) => told?.outcome === 'landed').length;
  return (
    <main
      id="main"
      tabIndex={-1}
      data-testid="log-day"
      className="mx-auto flex max-w-[1280px] flex-col gap-2 outline-none"
    >
      {!isGuest && <LogNav open="day" />}
      <header className="flex flex-wrap items-baseline gap-x-5 gap-y-1 px-3">
        <h1 className="semi-narrow text-[20px] font-semibold">{day.name || t('log.unnamed')}</h1>
        <p className="narrow text-[15px] text-dim">
          {[date(new Date(day.fromS * 1000), 'full'), day.waterName, day.craft].filter(Boolean).join(' · ')}
        </p>
        <p className="narrow text-[15px]">
          {t('log.day.sum', { hours: number(hours, 1), count: day.strikes.length, landed })}
          {day.casts > 0 && ` · ${t('log.day.casts', { count: day.casts })}`}
          {!day.isClosed && ` · ${t('log.day.goesOn')}`}
        </p>
        <p className="narrow flex gap-3 text-[14px] print:hidden">
          {!isGuest &&
            AS.map((as) => (
              <a
                key={as}
                className="underline"
                href={`/log/file?trip=${encodeURIComponent(day.tripId)}&as=${as}`}
                download
              >
                {t(`log.files.${as}`)}
              </a>
            ))}
          {!isGuest && (
            <a className="underline" href={`/log?trip=${encodeURIComponent(day.tripId)}`}>
              {t('log.day.correct')}
            </a>
          )}
          <button type="button" className="underline" onClick={() => window.print()}>
            {t('common.print')}
          </button>
        </p>
      </header>
      {(day.broken > 0 || day.unfitting > 0) && (
        <p role="status" className="semi-narrow border-y border-faint px-3 text-[14px]">
          {day.broken > 0 && t('log.day.broken', { count: day.broken })}{' '}
          {day.unfitting > 0 && t('log.day.unfitting', { count: day.unfitting })}
        </p>
      )}
      {day.over.map((each, i) => (
        <p key={i} role="status" className="semi-narrow mx-2 border-2 border-ink bg-bad px-2 text-[14px]">
          {overText(i18n, each)}
        </p>
      ))}
      <div className="grid gap-2 px-2 lg:grid-cols-[minmax(0,5fr)_minmax(0,3fr)] print:grid-cols-[minmax(0,5fr)_minmax(0,3fr)]">
        <section className="border border-ink bg-sheet">
          <div className="flex items-end justify-between gap-3 border-b border-faint px-2 py-1 print:hidden">
            {colours.length > 0 && (
              <ChoiceField
                label={t('log.day.colouredBy')}
                value={by}
                options={colours.map((value) => ({ value, label: t(`log.day.trace.${value}`) }))}
                onValueChange={setAsked}
              />
            )}
            <p className="narrow text-[14px] text-dim">{clockText(i18n, atS)}</p>
          </div>
          <TrackDrawing
            points={points}
            strikes={day.strikes}
            by={by}
            atS={atS}
            laybackM={laybacks.length > 0 ? Math.max(...laybacks) : null}
            chosen={chosen}
            onStrike={strike}
            numberOf={numberOf}
          />
        </section>
        <section className="flex flex-col border border-ink bg-sheet px-2 py-1">
          <h2 className="narrow text-[15px] font-semibold">{t('log.day.shares')}</h2>
          <p className="semi-narrow text-[14px]">
            {t('log.day.anyFishing', {
              share: number(100 * day.shares.anyFishing, 0),
              hours: number(day.shares.lineHours, 1),
            })}
          </p>
          <ShareBar by={day.shares.by} label={t('log.day.shares')} />
          <ul className="narrow mb-1 flex flex-wrap gap-x-4 text-[13.5px]">
            {STATES.map((state) => (
              <li key={state}>
                {t(`log.day.state.${state}`)} {percent(day.shares.by[state])}
              </li>
            ))}
          </ul>
          <Column lines={day.lines} spells={day.spells} point={point} atS={atS} />
          {day.tallies.length > 0 && (
            <table className="narrow mt-1 w-full text-[14px]">
              <caption className="text-left text-[15px] font-semibold">{t('log.day.tally')}</caption>
              <tbody>
                {day.tallies.map(({ species, angler, kept, released }) => (
                  <tr key={`${species} ${angler}`} className="border-t border-faint">
                    <td>{species || '–'}</td>
                    <td>{angler || t('log.tally.nobody')}</td>
                    <td className="text-right">{t('log.day.keptReleased', { kept, released })}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </section>
      </div>
      <section className="mx-2 break-inside-avoid border border-ink bg-sheet px-2 py-1">
        <TimeLines day={day} points={points} atS={atS} chosen={chosen} onAt={setAtS} onStrike={strike} />
      </section>
      <StrikeTable strikes={day.strikes} numberOf={numberOf} chosen={chosen} onChoose={strike} />
    </main>
  );
}

const FILLS = { fishing: 'var(--ink)', fought: 'var(--hi)', fouled: 'var(--bad)', out: 'var(--sheet)' } as const;

function ShareBar({ by, label }: { readonly by: LogDay['shares']['by']; readonly label: string }) {
  return (
    <svg viewBox="0 0 300 14" preserveAspectRatio="none" className="my-1 h-[14px] w-full" role="img" aria-label={label}>
      {STATES.map((state, i) => {
        const from = 300 * STATES.slice(0, i).reduce((sum, each) => sum + by[each], 0);
        return (
          <rect
            key={state}
            x={from}
            y="0.5"
            width={300 * by[state]}
            height="13"
            fill={FILLS[state]}
            stroke="var(--ink)"
            strokeWidth="0.7"
          />
        );
      })}
    </svg>
  );
}
