import { useMemo, useState } from 'react';
import { entriesOf } from '@/domain/deck-entries';
import { conditionsOf } from '@/domain/plan/hours';
import type { DaySlot } from '@/domain/plan/plan';
import { useUnpacked, useUnpackedSetups } from '@/features/fields/use-unpacked';
import type { TodayPage } from '@/server/queries/today-page';
import { MOST } from '@/domain/plan/plan-limits';
import { slotAfter } from './plan/slot-after';
import { useMend } from './plan/use-mend';
import { usePlan } from './plan/use-plan';
import { useSuited, type SuitedDay } from './plan/use-suited';

const NOTHING: SuitedDay = {
  slotId: null,
  day: { surfaceC: 12, depthM: { from: 0, to: 0 } },
  ranked: [],
  holes: [],
  refused: [],
};

/** What a slot is fished with first, then the others as they suit. */
function plannedFirst(suited: SuitedDay, slots: readonly DaySlot[]): SuitedDay {
  const planned: readonly string[] = slots.find(({ id }) => id === suited.slotId)?.setupIds ?? [];
  const isIn = ({ id }: { readonly id: string }) => Number(planned.includes(id));
  return { ...suited, ranked: suited.ranked.toSorted((a, b) => isIn(b) - isIn(a)) };
}

/** Headless: the plan in hand, how the setups suit the day and its slots, what is chosen, and where it leads. */
export function useToday(page: TodayPage) {
  const setups = useUnpackedSetups(page.setups);
  const box = useUnpacked(page.box);
  const inHand = usePlan(page);
  const { plan, water } = inHand;
  const [slotId, setSlotId] = useState<string | null>(null);
  const [setupId, setSetupId] = useState<string | null>(null);
  const { days: asRanked, waiting, progress, failed } = useSuited(plan, water, setups);
  const days = useMemo(() => asRanked.map((suited) => plannedFirst(suited, plan.slots)), [asRanked, plan.slots]);

  const slot = plan.slots.find(({ id }) => id === slotId) ?? plan.slots[0] ?? null;
  const whole = days.find((each) => each.slotId === null) ?? NOTHING;
  const shown = days.find((each) => each.slotId === (slot?.id ?? null)) ?? NOTHING;
  const chosen = shown.ranked.find(({ id }) => id === setupId) ?? shown.ranked[0] ?? null;
  // By the ranking itself: what is put into a slot changes its order and nothing of what mends.
  const ranked = asRanked.find((each) => each.slotId === shown.slotId)?.ranked ?? NOTHING.ranked;
  const mend = useMend(chosen, ranked, box);
  const byId = new Map(setups.map((setup) => [setup.id as string, setup]));

  const toggle = (id: string, of: DaySlot | null = slot): void => {
    const setup = byId.get(id);
    if (!of || !setup) return;
    const { setupIds } = of;
    if (setupIds.includes(setup.id)) inHand.changeSlot(of.id, { setupIds: setupIds.filter((each) => each !== id) });
    else if (setupIds.length < MOST.setups) inHand.changeSlot(of.id, { setupIds: [...setupIds, setup.id] });
  };
  const planned = [...new Set(plan.slots.flatMap(({ setupIds }) => setupIds))].flatMap((id) => byId.get(id) ?? []);
  return {
    ...inHand,
    setups,
    box,
    slot,
    days,
    shown,
    chosen,
    waiting,
    progress,
    failed,
    mend,
    holes: whole.holes,
    wholeDay: conditionsOf(plan, null, water),
    isEmpty: setups.length === 0,
    nameOf: (id: string | null) => (id === null ? null : (byId.get(id)?.name ?? null)),
    fileOf: (id: string) => byId.get(id)?.file ?? null,
    select: (id: string, of: string | null) => {
      setSlotId(of);
      setSetupId(id);
    },
    selectSlot: (id: string) => setSlotId(id),
    step: (by: -1 | 1) => {
      const { ranked } = shown;
      if (!chosen || ranked.length === 0) return;
      const at = ranked.findIndex(({ id }) => id === chosen.id);
      setSetupId(ranked[(at + by + ranked.length) % ranked.length]!.id);
    },
    toggle,
    newSlot: (name: string) => {
      const made = slotAfter(plan, name);
      if (!made) return;
      inHand.addSlot(made);
      setSlotId(made.id);
    },
    /** a new slot that is fished with one setup, called after it */
    slotWith: (id: string) => {
      const setup = byId.get(id);
      const made = setup && slotAfter(plan, setup.name);
      if (!made) return;
      inHand.addSlot({ ...made, setupIds: [setup.id] });
      setSlotId(made.id);
    },
    /** the setups of the slots in their order; without slots the best of the day, one to a rod and a reel */
    forDeck: (most: number): readonly string[] =>
      plan.slots.length > 0
        ? planned.map(({ id }) => id)
        : entriesOf(
            whole.ranked
              .filter(({ standing }) => standing === 'suits' || standing === 'goes')
              .flatMap(({ id }) => byId.get(id) ?? []),
            most,
          ).map((entry) => entry.setupId),
    inPicture: (most: number): readonly string[] =>
      (slot && slot.setupIds.length > 0 ? slot.setupIds : shown.ranked.map(({ id }) => id)).slice(0, most),
  };
}

export type Today = ReturnType<typeof useToday>;
