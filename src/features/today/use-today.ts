import { useEffect, useEffectEvent, useMemo, useState } from 'react';
import { onTheDay, type Suited } from '@/core/decide';
import type { Setup } from '@/core/tackle';
import type { DayConditions } from '@/domain/day';
import { entriesOf } from '@/domain/deck-entries';
import { USUAL_DAY } from '@/domain/usual-day';
import { useAnswer } from '@/features/fields/use-answer';
import { useUnpacked } from '@/features/fields/use-unpacked';
import type { TodayPage, TodaySetup } from '@/server/queries/today-page';
import type { QuestionOf } from '@/workers/protocol';

/** Under which this browser keeps what was said of the last day. */
const KEPT = 'ferula day';

/** A setup as it stands today, with its file under the day's conditions. */
export interface SuitedSetup extends Suited {
  readonly name: string;
  readonly today: Setup;
}

/** Headless: what is said of the day, kept for the next; the setups ranked by the workers; what would mend the chosen one. */
export function useToday({ setups: packedSetups, box: packedBox }: TodayPage) {
  const setups = useUnpacked(packedSetups);
  const box = useUnpacked(packedBox);
  const [day, setDay] = useState<DayConditions>(USUAL_DAY);
  const [selected, setSelected] = useState<string | null>(null);
  const [mending, setMending] = useState<string | null>(null);

  const takeUp = useEffectEvent((kept: DayConditions) => setDay(kept));
  useEffect(() => {
    void keptDay().then((kept) => kept && takeUp(kept));
  }, []);

  const question = useMemo(
    (): QuestionOf<'suit'> | null =>
      setups.length === 0
        ? null
        : { kind: 'suit', setups: setups.map(({ id, file }: TodaySetup) => ({ id, setup: file })), day },
    [setups, day],
  );
  const { last, waiting, progress, failed } = useAnswer(question, 200);
  const byId = useMemo(() => new Map(setups.map((setup) => [setup.id as string, setup])), [setups]);
  const ranked = useMemo(
    () =>
      (last?.answer.ranked ?? []).flatMap((each): SuitedSetup[] => {
        const setup = byId.get(each.id);
        return setup ? [{ ...each, name: setup.name, today: onTheDay(setup.file, last!.question.day) }] : [];
      }),
    [last, byId],
  );
  const chosen = ranked.find(({ id }) => id === selected) ?? ranked[0] ?? null;
  const mendQuestion = useMemo((): QuestionOf<'remedies'> | null => {
    const asked = ranked.find(({ id }) => id === mending);
    return asked ? { kind: 'remedies', setup: asked.today, box } : null;
  }, [ranked, mending, box]);
  const mended = useAnswer(mendQuestion);

  return {
    day,
    change: (change: Partial<DayConditions>) => {
      const next = { ...day, ...change };
      setDay(next);
      keepDay(next);
    },
    ranked,
    chosen,
    nameOf: (id: string | null) => (id === null ? null : (byId.get(id)?.name ?? null)),
    holes: last?.answer.holes ?? [],
    refused: last?.answer.refused ?? [],
    isEmpty: setups.length === 0,
    waiting,
    progress,
    failed,
    /** the best setups, one to a rod and a reel; none that fails today or is used on other days */
    forDeck: (most: number): readonly string[] =>
      entriesOf(
        ranked
          .filter(({ standing }) => standing === 'suits' || standing === 'goes')
          .flatMap(({ id }) => byId.get(id) ?? []),
        most,
      ).map(({ setupId }) => setupId),
    select: setSelected,
    step: (by: -1 | 1) => {
      if (!chosen || ranked.length === 0) return;
      const at = ranked.findIndex(({ id }) => id === chosen.id);
      setSelected(ranked[(at + by + ranked.length) % ranked.length]!.id);
    },
    mend: setMending,
    mending,
    mends: mended.last && mended.last.question === mendQuestion ? mended.last.answer : null,
    mendWaits: mended.waiting,
  };
}

function keepDay(day: DayConditions): void {
  try {
    localStorage.setItem(KEPT, JSON.stringify(day));
  } catch {
    // A browser that keeps nothing starts from the usual day again.
  }
}

async function keptDay(): Promise<DayConditions | null> {
  try {
    const text = localStorage.getItem(KEPT);
    if (text === null) return null;
    const { dayConditionsSchema } = await import('@/domain/day');
    return dayConditionsSchema.safeParse(JSON.parse(text)).data ?? null;
  } catch {
    return null;
  }
}
