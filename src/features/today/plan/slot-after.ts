import type { DayPlan, DaySlot } from '@/domain/plan/plan';
import { MOST } from '@/domain/plan/plan-limits';

/** A slot is a tide's or a light's worth of fishing; between two there is a run [s]. */
const SLOT_S = 2 * 3600;
const RUN_S = 1800;

/** A new slot after the last one, within the hours where they leave room; null where a plan has as many as it may. */
export function slotAfter({ slots, hours }: DayPlan, name: string): DaySlot | null {
  if (slots.length >= MOST.slots) return null;
  const last = slots.at(-1);
  const after = last ? last.toS + RUN_S : hours.fromS;
  const fromS = Math.max(hours.fromS, Math.min(after, hours.toS - RUN_S));
  const number = Math.max(0, ...slots.map(({ id }) => Number(/^slot-(\d+)$/.exec(id)?.[1] ?? 0))) + 1;
  return {
    id: `slot-${number}`,
    name,
    fromS,
    toS: Math.max(fromS + RUN_S, Math.min(fromS + SLOT_S, hours.toS)),
    now: {},
    setupIds: [],
  };
}
