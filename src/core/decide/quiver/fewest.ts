import { solveMixedInteger, type Program } from '../../base/numeric';
import { LIMIT_S, rodOfIndex, type Table } from './table';

export interface Fewest {
  readonly rods: readonly number[];
  readonly count: number;
  /** no set is smaller: the linear relaxation, rounded up */
  readonly bound: number;
  readonly proved: boolean;
}

/** The fewest rods of which one at least reaches the floor in each of the presentations. */
export function fewest({ scores, allowed, pinned }: Table, presentations: readonly number[], floor: number): Fewest {
  const program: Program = {
    sense: 'Minimize',
    objective: allowed.map((r) => [1, rodOfIndex(r)]),
    rows: [
      ...presentations.map((p) => ({
        terms: allowed.filter((r) => scores[r]![p]! >= floor).map((r) => [1, rodOfIndex(r)] as const),
        is: '>=' as const,
        bound: 1,
      })),
      ...[...new Set(pinned)].map((r) => ({ terms: [[1, rodOfIndex(r)] as const], is: '=' as const, bound: 1 })),
    ],
    binary: allowed.map(rodOfIndex),
    limitS: LIMIT_S,
  };
  if (allowed.length === 0) return { rods: [], count: 0, bound: 0, proved: true };
  const relaxed = solveMixedInteger({ ...program, relaxed: true });
  const solved = solveMixedInteger(program);
  const rods = allowed.filter((r) => solved.at(rodOfIndex(r)) > 0.5);
  // A sum of thirds must not round up past the whole number that it is.
  return { rods, count: rods.length, bound: Math.ceil(relaxed.value - 1e-6), proved: solved.outcome === 'optimal' };
}
