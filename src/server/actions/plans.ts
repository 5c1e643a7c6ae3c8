'use server';

import { planRepo, waterRepo } from '@/db/repo';
import { planIdSchema, waterIdSchema } from '@/domain/ids';
import { planSchema, waterPlaceSchema, type DayPlan, type WaterPlace } from '@/domain/plan/plan';
import { keepVersioned, type Kept } from '../keep-versioned';
import type { Reply } from '../reply';

const plans = keepVersioned('plan', planSchema, (id) => planIdSchema.parse(id), planRepo);
const waters = keepVersioned('water', waterPlaceSchema, (id) => waterIdSchema.parse(id), waterRepo);

export async function savePlanAction(sent: unknown): Promise<Reply<Kept<DayPlan>, 'stale'>> {
  return plans.save(sent);
}

export async function removePlanAction(sent: unknown): Promise<Reply<null, 'stale'>> {
  return plans.remove(sent);
}

export async function saveWaterAction(sent: unknown): Promise<Reply<Kept<WaterPlace>, 'stale'>> {
  return waters.save(sent);
}

export async function removeWaterAction(sent: unknown): Promise<Reply<null, 'stale'>> {
  return waters.remove(sent);
}
