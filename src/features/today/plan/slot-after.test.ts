import { expect, it } from 'vitest';
import { MOST } from '@/domain/plan/plan-limits';
import { usualPlan } from '@/domain/plan/usual-plan';
import type { DayPlan } from '@/domain/plan/plan';
import { slotAfter } from './slot-after';

const HOUR_S = 3600;
const plan = usualPlan('2026-10-14');
const add = (to: DayPlan): DayPlan => {
  const slot = slotAfter(to, 'Slot');
  return slot ? { ...to, slots: [...to.slots, slot] } : to;
};

it('begins with the hours of the day, then follows after the run', () => {
  const two = add(add(plan));
  expect(two.slots.map(({ fromS, toS }) => [fromS / HOUR_S, toS / HOUR_S])).toEqual([
    [7, 9],
    [9.5, 11.5],
  ]);
});

it('stays within the day and never ends before it begins, until a plan has as many as it may', () => {
  let full = plan;
  for (let i = 0; i < MOST.slots; i += 1) full = add(full);
  for (const { fromS, toS } of full.slots) {
    expect(toS).toBeGreaterThan(fromS);
    expect(toS).toBeLessThanOrEqual(plan.hours.toS);
  }
  expect(new Set(full.slots.map(({ id }) => id)).size).toBe(MOST.slots);
  expect(slotAfter(full, 'one more')).toBeNull();
});
