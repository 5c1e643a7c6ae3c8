import { roomOf, VERDICT_NAMES, type EffectFigures, type Evaluation, type Mark, type VerdictName } from '@/core/judge';
import type { Part } from '@/domain/parts';
import type { CandidateEffect } from '@/workers/protocol';

/** What candidates can be put in order by. */
export type Column = 'name' | 'mark' | VerdictName | keyof EffectFigures | 'price';

export interface Order {
  readonly by: Column;
  readonly descending: boolean;
}

/** A candidate with what it would change. */
export interface CandidateRow {
  readonly part: Part;
  /** null while the workers are at it, and where no model has an answer with it */
  readonly effect: CandidateEffect['evaluation'];
  /** room gained of each verdict, in widths of the edge; null where either side can't tell */
  readonly gained: Readonly<Record<VerdictName, number | null>>;
  readonly worst: Mark | null;
}

const BADNESS = { fails: 3, 'cant-tell': 2, edge: 1, sound: 0 } as const;

export function candidateRows(
  parts: readonly Part[],
  effects: readonly CandidateEffect[],
  base: Pick<Evaluation, 'verdicts'>,
): readonly CandidateRow[] {
  const byId = new Map(effects.map(({ partId, evaluation }) => [partId, evaluation]));
  return parts.map((part) => {
    const effect = byId.get(part.id) ?? null;
    const gained = Object.fromEntries(
      VERDICT_NAMES.map((name) => [name, effect ? gain(base.verdicts[name], effect.verdicts[name]) : null]),
    ) as CandidateRow['gained'];
    // What waits for a model on either side says nothing of the part.
    const told = effect
      ? VERDICT_NAMES.filter(
          (name) => effect.verdicts[name].mark !== 'cant-tell' || base.verdicts[name].mark !== 'cant-tell',
        )
      : [];
    const worst =
      effect && told.length > 0
        ? told.map((name) => effect.verdicts[name].mark).reduce((a, b) => (BADNESS[b] > BADNESS[a] ? b : a))
        : null;
    return { part, effect, gained, worst };
  });
}

function gain(was: Evaluation['verdicts'][VerdictName], is: Evaluation['verdicts'][VerdictName]): number | null {
  const [before, after] = [roomOf(was), roomOf(is)];
  return before === null || after === null ? null : after - before;
}

/** The rows in order; what has no figure comes last either way, equals stay as they were. */
export function ordered(rows: readonly CandidateRow[], { by, descending }: Order): readonly CandidateRow[] {
  if (by === 'name') return descending ? rows.toReversed() : rows;
  const key = new Map(rows.map((row) => [row, keyOf(row, by)]));
  return rows.toSorted((a, b) => {
    const [x, y] = [key.get(a) ?? null, key.get(b) ?? null];
    if (x === null || y === null) return x === y ? 0 : x === null ? 1 : -1;
    return descending ? y - x : x - y;
  });
}

function keyOf({ part, effect, worst }: CandidateRow, by: Column): number | null {
  switch (by) {
    case 'name':
      return 0;
    case 'mark':
      return worst && BADNESS[worst];
    case 'price':
      return part.price?.minor ?? null;
    case 'throw':
    case 'fall':
    case 'set':
    case 'hold':
    case 'balance':
      return effect && roomOf(effect.verdicts[by]);
    default:
      return effect && effect.effect[by];
  }
}
