'use client';

import { useMemo } from 'react';
import type { Turn } from '@/core/afloat';
import type { SetupFiles, SpreadQuestion } from '@/domain/spread/solve';
import { useAnswer } from '@/features/fields/use-answer';
import type { House } from '@/domain/house';
import type { QuestionOf } from '@/workers/protocol';
import { boatGeometry } from './drawings/geometry';
import type { SpreadInHand } from './use-spread';

/** The question that a spread puts; null while it has no craft to stand in. */
export function useQuestion(inHand: SpreadInHand, house: House, turn: Turn): SpreadQuestion | null {
  const { spread, craft, setups, rods, crafts } = inHand;
  const ids = [...new Set(spread.lines.map(({ setupId }) => setupId as string))].sort().join(' ');
  const files = useMemo(
    (): SetupFiles =>
      Object.fromEntries(setups.filter(({ id }) => ids.split(' ').includes(id)).map(({ id, file }) => [id, file])),
    [setups, ids],
  );
  const withCrafts = useMemo(() => ({ ...house, crafts }), [house, crafts]);
  const { radiusM, side } = turn;
  return useMemo(
    () => (craft ? { spread, craft, files, house: withCrafts, rods, turn: { radiusM, side } } : null),
    [spread, craft, files, withCrafts, rods, radiusM, side],
  );
}

/** The worker's answer to the spread, and where everything stands in it. The last answer stays while the next comes. */
export function useSolved(question: SpreadQuestion | null) {
  const asked = useMemo((): QuestionOf<'spread'> | null => question && { kind: 'spread', input: question }, [question]);
  const { last, waiting, failed } = useAnswer(asked);
  const geometry = useMemo(() => last && boatGeometry(last.answer, last.question.input.turn), [last]);
  return { solved: last?.answer ?? null, of: last?.question.input ?? null, geometry, waiting, failed };
}

export type Solved = ReturnType<typeof useSolved>;
