import type { House } from '@/domain/house';
import type { DayConditions } from '@/domain/day';
import type { DayPlan, WaterPlace } from '@/domain/plan/plan';
import type { PlanInHand } from '../plan/use-plan';

/** What the fields of a cell see and change. */
export interface CellProps {
  readonly plan: DayPlan;
  readonly water: WaterPlace | null;
  readonly inHand: PlanInHand;
  readonly house: House;
  /** changes the plan; the cell counts as said today */
  readonly change: (changes: Partial<DayPlan>) => void;
  readonly day: (changes: Partial<DayConditions>) => void;
}
