'use client';

import { useEffect, useEffectEvent, useState, useTransition } from 'react';
import { NEW_PLAN, nextDay, usualPlan } from '@/domain/plan/usual-plan';
import type { DayPlan, DaySlot, WaterPlace } from '@/domain/plan/plan';
import { send } from '@/features/fields/send';
import { removeWaterAction, savePlanAction, saveWaterAction } from '@/server/actions/plans';
import type { FailureCode } from '@/server/reply';
import type { TodayPage } from '@/server/queries/today-page';

/** Under which this browser keeps the plan in hand. */
const KEPT = 'ferula day';

interface VersionedPlan {
  readonly plan: DayPlan;
  /** null: not kept on the bench yet */
  readonly version: number | null;
}

export type PlanFailure = 'stale' | 'unreachable' | FailureCode;

/** A plan of an earlier day becomes a new one of today; what was said counts as said before. */
const ofToday = (current: VersionedPlan, today: string): VersionedPlan =>
  current.plan.date < today ? { plan: nextDay(current.plan, today), version: null } : current;

function asOpened({ asked, plans, today }: TodayPage): VersionedPlan {
  const named = plans.find(({ plan }) => plan.id === asked);
  const last = plans.at(-1);
  if (named) return named;
  return last ? ofToday(last, today) : { plan: usualPlan(today), version: null };
}

/** Headless: the plan in hand, kept in this browser with every change and on the bench when asked; the user's waters. */
export function usePlan(page: TodayPage) {
  const [opened] = useState<VersionedPlan>(() => asOpened(page));
  const [current, setCurrent] = useState(opened);
  const [kept, setKept] = useState(current.plan);
  const [waters, setWaters] = useState(page.waters);
  const [failure, setFailure] = useState<PlanFailure | null>(null);
  const [busy, start] = useTransition();
  const { plan } = current;

  // What was typed before a reload goes on; a plan that was asked for by its id only as far as nobody saved it since.
  const takeUp = useEffectEvent((found: VersionedPlan) => {
    // Who began to type at once goes on with that.
    if (current !== opened) return;
    const stored = page.plans.find((each) => each.plan.id === found.plan.id);
    if (page.asked !== null && (found.plan.id !== page.asked || found.version !== stored?.version)) return;
    setCurrent(page.asked === null ? ofToday(found, page.today) : found);
    if (stored) setKept(stored.plan);
  });
  useEffect(() => {
    void planBefore().then((found) => found && takeUp(found));
  }, [page.asked]);

  const take = (next: VersionedPlan) => {
    setCurrent(next);
    keepHere(next);
  };
  const change = (changes: Partial<DayPlan>, cell?: string) =>
    take({
      ...current,
      plan: {
        ...plan,
        ...changes,
        said: cell === undefined || plan.said.includes(cell) ? plan.said : [...plan.said, cell],
      },
    });
  const slotsTo = (slots: readonly DaySlot[]) => change({ slots: slots.toSorted((a, b) => a.fromS - b.fromS) });
  return {
    plan,
    version: current.version,
    changed: current.version === null || JSON.stringify(plan) !== JSON.stringify(kept),
    waters: waters.map(({ water }) => water),
    water: waters.find(({ water }) => water.id === plan.waterId)?.water ?? null,
    failure,
    busy,
    change,
    addSlot: (slot: DaySlot) => slotsTo([...plan.slots, slot]),
    changeSlot: (id: string, changes: Partial<DaySlot>) =>
      slotsTo(plan.slots.map((slot) => (slot.id === id ? { ...slot, ...changes } : slot))),
    removeSlot: (id: string) => change({ slots: plan.slots.filter((slot) => slot.id !== id) }),
    open: (id: string) => {
      const found = page.plans.find((each) => each.plan.id === id);
      const next = found ?? { plan: usualPlan(page.today), version: null };
      setKept(next.plan);
      take(next);
    },
    /** keeps the plan on the bench and says under which id; null where that failed */
    save: (name: string, then?: (id: string) => void) =>
      start(async () => {
        const reply = await send('save-plan', savePlanAction, {
          document: { ...plan, name: plan.name.trim() === '' ? name : plan.name, id: plan.id },
          expectedVersion: current.version,
        });
        setFailure(reply.ok ? null : reply.code);
        if (!reply.ok) return;
        const { document, version } = reply.data;
        setKept(document);
        take({ plan: document, version });
        then?.(document.id);
      }),
    /** what was changed elsewhere stays as it is; this becomes a plan of its own */
    keepAsAnother: () => {
      setFailure(null);
      take({ plan: { ...plan, id: NEW_PLAN }, version: null });
    },
    saveWater: (water: WaterPlace, expectedVersion: number | null) =>
      start(async () => {
        const reply = await send('save-water', saveWaterAction, { document: water, expectedVersion });
        setFailure(reply.ok ? null : reply.code);
        if (!reply.ok) return;
        const saved = { water: reply.data.document, version: reply.data.version };
        setWaters((now) => [...now.filter((each) => each.water.id !== saved.water.id), saved]);
        change({ waterId: saved.water.id, ...usualOf(saved.water, plan) }, 'water');
      }),
    removeWater: (id: WaterPlace['id']) =>
      start(async () => {
        const version = waters.find(({ water }) => water.id === id)?.version ?? null;
        const reply = await send('remove-water', removeWaterAction, { id, expectedVersion: version });
        setFailure(reply.ok ? null : reply.code);
        if (!reply.ok) return;
        setWaters((now) => now.filter(({ water }) => water.id !== id));
        change({ waterId: null }, 'water');
      }),
    chooseWater: (id: string) => {
      const water = waters.find((each) => each.water.id === id)?.water;
      change(water ? { waterId: water.id, ...usualOf(water, plan) } : { waterId: null }, 'water');
    },
    versionOf: (id: string) => waters.find(({ water }) => water.id === id)?.version ?? null,
  };
}

export type PlanInHand = ReturnType<typeof usePlan>;

/** What is usual on a water, taken into the day. */
const usualOf = ({ bottomM, bottom, clarity }: WaterPlace, { day }: DayPlan): Pick<DayPlan, 'day'> => ({
  day: {
    ...day,
    ...(bottomM === undefined ? {} : { bottomM }),
    ...(bottom === undefined ? {} : { bottom }),
    ...(clarity === undefined ? {} : { clarity }),
  },
});

function keepHere(current: VersionedPlan): void {
  try {
    localStorage.setItem(KEPT, JSON.stringify(current));
  } catch {
    // A browser that keeps nothing starts from the last plan of the bench again.
  }
}

async function planBefore(): Promise<VersionedPlan | null> {
  try {
    const text = localStorage.getItem(KEPT);
    if (text === null) return null;
    const { planSchema } = await import('@/domain/plan/plan');
    const { plan, version } = JSON.parse(text) as { plan?: unknown; version?: unknown };
    const parsed = planSchema.safeParse(plan);
    return parsed.success ? { plan: parsed.data, version: typeof version === 'number' ? version : null } : null;
  } catch {
    return null;
  }
}
