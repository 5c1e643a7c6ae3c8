'use client';

import { useMemo } from 'react';
import type { PlannedLine } from '@/domain/log/planned';
import { fishedSpread } from '@/domain/log/planned';
import type { Craft, House } from '@/domain/house';
import { isSolved } from '@/domain/spread/line-names';
import type { SetupFiles, SolvedLine } from '@/domain/spread/solve';
import type { SpreadDocument } from '@/domain/spread/spread';
import type { RodPart } from '@/core/tackle';
import { useAnswer } from '@/features/fields/use-answer';
import type { QuestionOf } from '@/workers/protocol';

const WIDE = { radiusM: 1000, side: 'starboard' } as const;

/** Every line of the trip worked out once for all speeds, by its name; empty until that is done, or where there is no spread. */
export function useDepths({
  spread,
  lines,
  craft,
  files,
  rods,
  house,
}: {
  readonly spread: SpreadDocument | null;
  readonly lines: readonly PlannedLine[];
  readonly craft: Craft | null;
  readonly files: SetupFiles;
  readonly rods: readonly RodPart[];
  readonly house: House;
}): ReadonlyMap<string, SolvedLine> {
  const key = JSON.stringify(lines);
  const question = useMemo((): QuestionOf<'spread'> | null => {
    if (!spread || !craft) return null;
    const fished = fishedSpread(spread, JSON.parse(key) as readonly PlannedLine[]);
    return { kind: 'spread', input: { spread: fished, craft, files, house, rods, turn: WIDE } };
  }, [spread, craft, files, rods, house, key]);
  const { last } = useAnswer(question);
  return useMemo(
    () => new Map((last?.answer.lines ?? []).filter(isSolved).map((line) => [line.id, line] as const)),
    [last],
  );
}
