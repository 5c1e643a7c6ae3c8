import 'server-only';
import { listParts, planRepo, waterRepo, type BrokenRow } from '@/db/repo';
import type { House } from '@/domain/house';
import { packedList, type Packed } from '@/domain/packed';
import { packedSetups, type PackedSetups } from '@/domain/packed-setups';
import type { Part } from '@/domain/parts';
import type { DayPlan, WaterPlace } from '@/domain/plan/plan';
import { keptPageQuery } from '../page-query';
import { marked } from '../setups/marked';
import { newestSetups, type BrokenSetup } from '../setups/newest-setups';

/** So many plans can be opened again from the view. */
const MOST_PLANS = 30;

export interface TodayPage {
  readonly setups: PackedSetups;
  readonly box: Packed<readonly Part[]>;
  readonly house: House;
  readonly broken: readonly BrokenSetup[];
  /** the last of them last, by their day */
  readonly plans: readonly { readonly plan: DayPlan; readonly version: number }[];
  readonly waters: readonly { readonly water: WaterPlace; readonly version: number }[];
  readonly brokenPlans: readonly BrokenRow[];
  readonly brokenWaters: readonly BrokenRow[];
  /** the plan that was asked for by its id */
  readonly asked: string | null;
  /** ISO date on this machine */
  readonly today: string;
}

/** Every setup at its newest revision, what would mend it, what the bench holds to, its plans and its waters. */
export async function getTodayPage(asked: string | null = null, need: 'bench' | 'cards' = 'bench'): Promise<TodayPage> {
  const today = new Date().toLocaleDateString('sv-SE');
  return keptPageQuery(need, ['today', asked, today], async (db, benchId) => {
    const [newest, box, plans, waters] = await Promise.all([
      newestSetups(db, benchId),
      listParts(db, benchId),
      planRepo.list(db, benchId),
      waterRepo.list(db, benchId),
    ]);
    const { whole, broken } = await marked(db, newest);
    const byDay = plans.rows.toSorted((a, b) => a.document.date.localeCompare(b.document.date));
    const last = byDay.slice(-MOST_PLANS);
    const named = byDay.filter(
      ({ document }) => document.id === asked && !last.some((each) => each.document.id === asked),
    );
    return {
      setups: packedSetups(whole.map(({ setup }) => setup)),
      box: packedList(box),
      house: newest.house,
      broken,
      plans: [...named, ...last].map(({ document: plan, version }) => ({ plan, version })),
      waters: waters.rows.map(({ document: water, version }) => ({ water, version })),
      brokenPlans: plans.broken,
      brokenWaters: waters.broken,
      asked,
      today,
    };
  });
}
