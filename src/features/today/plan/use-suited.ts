import { useMemo } from 'react';
import { onTheDay, type DayConditions, type Hole, type Suited } from '@/core/decide';
import type { Setup } from '@/core/tackle';
import { conditionsOf } from '@/domain/plan/hours';
import type { DayPlan, WaterPlace } from '@/domain/plan/plan';
import { useAnswer } from '@/features/fields/use-answer';
import type { NamedSetup } from '@/domain/packed-setups';
import type { QuestionOf } from '@/workers/protocol';

/** A setup as it stands under some conditions, with its file under them. */
export interface SuitedSetup extends Suited {
  readonly name: string;
  readonly today: Setup;
}

/** How the setups stand through a whole day, or in one slot of it. */
export interface SuitedDay {
  /** null: the whole day */
  readonly slotId: string | null;
  readonly day: DayConditions;
  readonly ranked: readonly SuitedSetup[];
  readonly holes: readonly Hole[];
  readonly refused: readonly string[];
}

const WAIT_MS = 200;

/** The setups ranked by the workers, for the whole day first and then for each slot. */
export function useSuited(plan: DayPlan, water: WaterPlace | null, setups: readonly NamedSetup[]) {
  const wanted = [null, ...plan.slots].map((slot) => ({
    slotId: slot?.id ?? null,
    day: conditionsOf(plan, slot, water),
  }));
  // A slot that is renamed or filled asks nothing new.
  const asked = JSON.stringify(wanted);
  const question = useMemo(() => {
    if (setups.length === 0) return null;
    const days = JSON.parse(asked) as typeof wanted;
    return {
      kind: 'suit-days',
      setups: setups.map(({ id, file }) => ({ id, setup: file })),
      days: days.map(({ day }) => day),
      slotIds: days.map(({ slotId }) => slotId),
    } satisfies QuestionOf<'suit-days'> & { slotIds: readonly (string | null)[] };
  }, [setups, asked]);
  const { last, waiting, progress, failed } = useAnswer(question, WAIT_MS);
  const days = useMemo((): readonly SuitedDay[] => {
    if (!last) return [];
    const byId = new Map(setups.map((setup) => [setup.id as string, setup]));
    return last.answer.map(({ ranked, holes, refused }, i) => {
      const day = last.question.days[i]!;
      return {
        slotId: last.question.slotIds[i]!,
        day,
        holes,
        refused,
        ranked: ranked.flatMap((each): SuitedSetup[] => {
          const setup = byId.get(each.id);
          return setup ? [{ ...each, name: setup.name, today: onTheDay(setup.file, day) }] : [];
        }),
      };
    });
  }, [last, setups]);
  return { days, waiting, progress, failed };
}
