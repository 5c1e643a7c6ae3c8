'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { entryOf } from '@/domain/deck-entries';
import { packList } from '@/domain/pack-list';
import { loadOf } from '@/domain/plan/load';
import { MOST } from '@/domain/plan/plan-limits';
import { removePlanAction, removeWaterAction } from '@/server/actions/plans';
import { BrokenDocuments } from '@/features/fields/broken-documents';
import { BrokenSetups } from '@/features/fields/broken-setups';
import { withSetups } from '@/features/fields/with-setups';
import { useI18n } from '@/i18n/client';
import type { TodayPage } from '@/server/queries/today-page';
import { useKeys } from '@/ui/keys';
import { Link } from '@/ui/link';
import { Panel } from '@/ui/panel';
import { ViewKeys } from '@/features/fields/view-keys';
import { ProgressLine } from '@/ui/progress-line';
import { careOf } from './care';
import { DeckStrip } from './deck-strip';
import { DayChart } from './hours/day-chart';
import { choosesSlot, KEYS, slotOfAction, type Action } from './keys';
import { PlanBar } from './plan-bar';
import { SideColumn, type Step } from './side-column';
import { SetupRows } from './slots/setup-rows';
import { SlotColumn } from './slots/slot-column';
import { CELLS, type CellId } from './strip/cell-text';
import { Strip } from './strip/strip';
import { useToday } from './use-today';

const BaitTable = dynamic(() => import('./bait-table').then((m) => m.BaitTable), { loading: () => null });

/** So many setups go into one picture of the water. */
const IN_PICTURE = 4;
/** So many rods go on deck where the rules sheet allows no number of them. */
const ON_DECK = 4;

/** The day from what is known of it to rods on deck: hours, slots with the setups that suit, holes, cautions, and on from here. */
export function TodayView(
  page: TodayPage & { /** a setup that the log would put into a slot */ readonly offered: string | null },
) {
  const i18n = useI18n();
  const { t } = i18n;
  const router = useRouter();
  const today = useToday(page);
  const { plan, water, slot, chosen } = today;
  const { house } = page;
  const [cell, setCell] = useState<CellId | null>(null);
  const [offered, setOffered] = useState(page.offered);
  const [edited, setEdited] = useState<string | null>(null);
  const [panel, setPanel] = useState<'keys' | 'baits' | null>(null);

  const forDeck = today.forDeck((house.sheet.rodsPerPerson ?? ON_DECK) * plan.people);
  const towed = forDeck.filter((id) => today.fileOf(id)?.presentation.kind === 'towed');
  const planned = today.setups.filter(({ id }) => forDeck.includes(id));
  const load = loadOf(packList({ entries: planned.flatMap((each) => entryOf(each) ?? []) }, planned, today.box));
  const usualName = water?.name ?? t('today.aDay');
  const openCards = () =>
    today.changed
      ? today.save(usualName, (id) => router.push(`/today/cards?plan=${encodeURIComponent(id)}`))
      : router.push(`/today/cards?plan=${encodeURIComponent(plan.id)}`);
  const steps: readonly Step[] = [
    {
      action: 'water',
      letter: 'w',
      href: withSetups('/water', today.inPicture(IN_PICTURE)),
      goes: slot?.name ?? t('today.goes.water'),
    },
    ...(towed.length > 0
      ? [
          {
            action: 'spread',
            letter: 's',
            href: `${withSetups('/spread', towed)}${plan.day.craftId ? `&craft=${encodeURIComponent(plan.day.craftId)}` : ''}`,
            goes: t('today.goes.spread', { count: towed.length }),
          } as const,
        ]
      : []),
    {
      action: 'deck',
      letter: 'd',
      href: withSetups('/quiver/deck', forDeck),
      goes: t('today.goes.deck', { rods: load.rods, setups: forDeck.length }),
    },
    { action: 'tie', letter: 'l', href: withSetups('/tying', forDeck), goes: t('today.goes.tie') },
    ...(plan.slots.some(({ setupIds }) => setupIds.length > 0)
      ? [{ action: 'cards', letter: 'c', href: null, goes: t('today.goes.cards') } as const]
      : []),
    { action: 'trip', letter: 't', href: `/log?plan=${encodeURIComponent(plan.id)}`, goes: t('today.goes.trip') },
  ];
  const goTo = (action: Step['action']) => {
    const found = steps.find((each) => each.action === action);
    if (!found) return;
    if (found.href === null) openCards();
    else router.push(found.href);
  };
  const openBench = (id: string) => router.push(`/bench/${encodeURIComponent(id)}`);
  const run = (action: Action): void => {
    // From here on Enter is for the setup that is chosen, and not for the button that was pressed last.
    if (choosesSlot(action) || action === 'up' || action === 'down' || action === 'add')
      document.getElementById('main')?.focus({ preventScroll: true });
    if (choosesSlot(action)) {
      const found = plan.slots[slotOfAction(action)];
      if (found) today.selectSlot(found.id);
      return;
    }
    switch (action) {
      case 'conditions':
        return setCell(CELLS[0]);
      case 'down':
        return today.step(1);
      case 'up':
        return today.step(-1);
      case 'put':
        if (chosen && slot) today.toggle(chosen.id);
        else if (chosen) openBench(chosen.id);
        return;
      case 'open':
        return chosen ? openBench(chosen.id) : undefined;
      case 'add':
        return today.newSlot(t('today.slot.new', { number: plan.slots.length + 1 }));
      case 'edit':
        return slot ? setEdited(slot.id) : undefined;
      case 'baits':
        return setPanel('baits');
      case 'keep':
        return today.changed ? today.save(usualName) : undefined;
      case 'keys':
        return setPanel('keys');
      default:
        return goTo(action);
    }
  };
  useKeys(KEYS, run, panel !== null || cell !== null || edited !== null);
  const named = (label: (typeof KEYS)[number]['label']) => t(`today.key.${label}`);
  const suitedOf = (id: string | null) => today.days.find(({ slotId }) => slotId === id);
  return (
    <main
      id="main"
      tabIndex={-1}
      className="mx-auto flex flex-col gap-2 px-2 pb-1 pt-2 outline-none sm:px-3 lg:h-[calc(100dvh-40px)] lg:min-h-[720px]"
    >
      <h1 className="sr-only">{t('nav.today')}</h1>
      <BrokenSetups broken={page.broken} />
      <BrokenDocuments of="plan" rows={page.brokenPlans} remove={removePlanAction} />
      <BrokenDocuments of="water" rows={page.brokenWaters} remove={removeWaterAction} />
      <Strip plan={plan} water={water} inHand={today} house={house} open={cell} onOpen={setCell} />
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] gap-2 lg:grid-cols-[minmax(0,1fr)_300px]">
        <div className="flex min-h-0 flex-col gap-2">
          {today.nameOf(offered) !== null && (
            <button
              type="button"
              onClick={() => {
                today.slotWith(offered!);
                setOffered(null);
              }}
              className="narrow min-h-9 self-start border border-ink bg-hi px-3 text-[15px] text-on-hi"
            >
              {t('today.offerSlot', { name: today.nameOf(offered)! })}
            </button>
          )}
          <PlanBar today={today} plans={page.plans} usualName={usualName} onKeep={() => run('keep')} />
          <DayChart plan={plan} water={water} slotId={slot?.id ?? null} onSlot={today.selectSlot} />
          {plan.slots.length < MOST.slots && (
            <button
              type="button"
              onClick={() => run('add')}
              className="narrow min-h-10 border border-ink bg-sheet text-[14px] lg:hidden"
            >
              {t('today.key.add')}
            </button>
          )}
          {/* Over the page's foot, since what comes and goes within the page moves rows from under a finger. */}
          {today.waiting && today.progress && (
            <div className="pointer-events-none fixed inset-x-0 bottom-0 z-10 bg-sheet px-3 pt-1">
              <ProgressLine
                label={t('today.working', { done: today.progress.done, of: today.progress.of })}
                share={today.progress.done / today.progress.of}
              />
            </div>
          )}
          {today.failed && (
            <p role="alert" className="px-3 py-1">
              {t('error.failedTitle')}
            </p>
          )}
          {today.isEmpty && (
            <p className="semi-narrow border border-ink bg-sheet px-3 py-2">
              {t('today.noSetups')}{' '}
              <Link className="underline" href="/bench/new">
                {t('today.newSetup')}
              </Link>
            </p>
          )}
          <div
            data-testid="suited"
            data-state={today.waiting ? 'waiting' : 'ready'}
            className={`grid min-h-0 flex-1 auto-cols-[minmax(270px,1fr)] border-l border-t border-ink lg:grid-flow-col lg:overflow-x-auto lg:border-b`}
          >
            {plan.slots.map((each, i) => {
              const suited = suitedOf(each.id);
              return (
                suited && (
                  <SlotColumn
                    key={each.id}
                    slot={each}
                    number={i + 1}
                    suited={suited}
                    today={today}
                    house={house}
                    isEdited={edited === each.id}
                    onEdit={(isOpen) => setEdited(isOpen ? each.id : null)}
                    onOpen={openBench}
                  />
                )
              );
            })}
            {plan.slots.length === 0 && suitedOf(null) && (
              <section aria-label={t('today.suits')} className="flex min-h-0 flex-col border-r border-ink bg-sheet">
                <h2 className="narrow flex items-baseline gap-4 border-b border-ink px-3 py-1 text-[15px] font-semibold">
                  {t('today.suits')}
                  <span className="semi-narrow text-[13px] font-normal text-dim">{t('today.noSlots')}</span>
                </h2>
                <SetupRows suited={suitedOf(null)!} slot={null} today={today} onOpen={openBench} />
              </section>
            )}
          </div>
          {plan.slots.length > 0 && <DeckStrip today={today} href={withSetups('/quiver/deck', forDeck)} />}
        </div>
        <SideColumn
          today={today}
          cares={careOf({ plan, day: today.wholeDay, house, load })}
          authority={house.sheet.authority ?? '–'}
          steps={steps}
          onStep={goTo}
        />
      </div>
      <ViewKeys
        view="today"
        rows={KEYS}
        named={named}
        onAction={run}
        open={panel === 'keys'}
        onOpenChange={(isOpen) => setPanel(isOpen ? 'keys' : null)}
      />
      <Panel
        wide
        open={panel === 'baits'}
        onOpenChange={(isOpen) => setPanel(isOpen ? 'baits' : null)}
        title={t('today.table.title')}
        closeLabel={t('common.close')}
      >
        <BaitTable day={today.wholeDay} baits={plan.baits} box={today.box} />
      </Panel>
    </main>
  );
}
