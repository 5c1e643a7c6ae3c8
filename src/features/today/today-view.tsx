'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { BrokenSetups } from '@/features/fields/broken-setups';
import { withSetups } from '@/features/fields/with-setups';
import { useI18n } from '@/i18n/client';
import type { TodayPage } from '@/server/queries/today-page';
import { KeyFoot } from '@/ui/key-foot';
import { groupKeys, useKeys, type KeyRow } from '@/ui/keys';
import { KeysPanel } from '@/ui/keys-panel';
import { ProgressLine } from '@/ui/progress-line';
import { careOf } from './care';
import { DayFields } from './day-fields';
import { SuitedList } from './suited-list';
import { useToday } from './use-today';

const KEYS = [
  { action: 'down', keys: ['ArrowDown'], label: 'setup', atFoot: true },
  { action: 'up', keys: ['ArrowUp'], label: 'setup', atFoot: true },
  { action: 'open', keys: ['Enter'], label: 'open', atFoot: true },
  { action: 'mend', keys: ['m'], label: 'mend', atFoot: true },
  { action: 'water', keys: ['w'], label: 'water', atFoot: true },
  { action: 'deck', keys: ['d'], label: 'deck', atFoot: true },
  { action: 'tie', keys: ['l'], label: 'tie', atFoot: true },
  { action: 'keys', keys: ['?'], label: 'keys', atFoot: true },
] as const satisfies readonly KeyRow[];
type Action = (typeof KEYS)[number]['action'];

/** So many of the best setups go into one picture of the water. */
const IN_PICTURE = 4;
/** So many rods go on deck where the rules sheet allows no number of them. */
const ON_DECK = 4;

/** The day as it is said, which setups suit it and why, what nothing serves, and what to mind. */
export function TodayView(page: TodayPage) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const router = useRouter();
  const today = useToday(page);
  const [keysOpen, setKeysOpen] = useState(false);
  const { chosen, ranked } = today;
  const picture = withSetups(
    '/water',
    ranked.slice(0, IN_PICTURE).map(({ id }) => id),
  );
  const forDeck = today.forDeck(page.sheet.rodsPerPerson ?? ON_DECK);
  const deck = withSetups('/quiver/deck', forDeck);
  const leaders = withSetups('/tying', forDeck);
  const run = (action: Action) => {
    switch (action) {
      case 'down':
        return today.step(1);
      case 'up':
        return today.step(-1);
      case 'open':
        return chosen && router.push(`/bench/${encodeURIComponent(chosen.id)}`);
      case 'mend':
        return chosen && today.mend(chosen.id);
      case 'water':
        return router.push(picture);
      case 'deck':
        return router.push(deck);
      case 'tie':
        return router.push(leaders);
      case 'keys':
        return setKeysOpen(true);
      default:
        return action satisfies never;
    }
  };
  useKeys(KEYS, run, keysOpen);
  const groups = groupKeys(KEYS, true).map((group) => ({ ...group, label: t(`today.key.${group.label}`) }));
  return (
    <main
      id="main"
      tabIndex={-1}
      className="mx-auto flex flex-col gap-2 px-2 pb-1 pt-2 outline-none sm:px-3 lg:h-[calc(100dvh-40px)] lg:min-h-[720px]"
    >
      <h1 className="sr-only">{t('nav.today')}</h1>
      <BrokenSetups broken={page.broken} />
      <DayFields day={today.day} crafts={page.crafts} onChange={today.change} />
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] gap-2 lg:grid-cols-[minmax(0,1fr)_320px]">
        <section
          aria-label={t('today.suits')}
          data-testid="suited"
          data-state={today.waiting ? 'waiting' : 'ready'}
          className="flex min-h-0 flex-col border border-ink bg-sheet"
        >
          <h2 className="narrow border-b border-ink px-3 py-1 text-[15px] font-semibold">{t('today.suits')}</h2>
          {today.waiting && today.progress && (
            <ProgressLine
              label={t('today.working', { done: today.progress.done, of: today.progress.of })}
              share={today.progress.done / today.progress.of}
            />
          )}
          {today.failed && (
            <p role="alert" className="px-3 py-1">
              {t('error.failedTitle')}
            </p>
          )}
          {today.isEmpty && (
            <p className="semi-narrow px-3 py-2">
              {t('today.noSetups')}{' '}
              <Link className="underline" href="/bench/new">
                {t('today.newSetup')}
              </Link>
            </p>
          )}
          <SuitedList today={today} onOpen={() => run('open')} />
        </section>
        <div className="flex min-h-0 flex-col gap-2 lg:overflow-y-auto">
          <section aria-label={t('today.holes')} className="border border-ink bg-sheet px-3 py-1" data-testid="holes">
            <h2 className="narrow text-[15px] font-semibold">{t('today.holes')}</h2>
            {today.holes.length === 0 && <p className="semi-narrow text-[14px] text-dim">{t('today.noHoles')}</p>}
            {today.holes.map(({ kind, fromM, toM, nearest }) => {
              const measure = kind === 'depth' ? 'depth' : 'size';
              return (
                <p key={`${kind} ${fromM}`} className="semi-narrow border-t border-faint py-1 text-[14px]">
                  <strong>{t(`today.hole.${kind}`, { from: format(fromM, measure), to: format(toM, measure) })}</strong>{' '}
                  {nearest && t('today.nearest', { setup: today.nameOf(nearest) ?? '–' })}
                </p>
              );
            })}
          </section>
          <section aria-label={t('today.care')} className="border border-ink bg-sheet px-3 py-1">
            <h2 className="narrow text-[15px] font-semibold">{t('today.care')}</h2>
            {careOf(today.day, page.crafts, page.sheet).map((care) => (
              <p key={care} className="semi-narrow border-t border-faint py-1 text-[14px]">
                {t(`today.minds.${care}`, { authority: page.sheet.authority ?? '–' })}
              </p>
            ))}
          </section>
          <nav aria-label={t('today.next')} className="border border-ink bg-sheet">
            {(
              [
                ['water', picture],
                ['deck', deck],
                ['tie', leaders],
              ] as const
            ).map(([action, href]) => (
              <Link
                key={action}
                href={href}
                prefetch={false}
                className="narrow flex min-h-10 items-center justify-between border-t border-faint px-3 text-[15px] font-semibold first:border-0 hover:bg-paper"
              >
                {t(`today.key.${action}`)}
                <span className="font-normal text-dim">{t(`today.goes.${action}`)}</span>
              </Link>
            ))}
          </nav>
        </div>
      </div>
      <footer className="narrow flex flex-wrap items-center gap-x-2.5 gap-y-1 text-[12.5px] text-dim print:hidden">
        <KeyFoot groups={groups} onAction={run} />
      </footer>
      <KeysPanel
        open={keysOpen}
        onOpenChange={setKeysOpen}
        title={t('today.keys')}
        closeLabel={t('common.close')}
        groups={groupKeys(KEYS, false).map((group) => ({ ...group, label: t(`today.key.${group.label}`) }))}
      />
    </main>
  );
}
