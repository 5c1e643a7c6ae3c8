import type { Steps } from '../choose';
import { solveMixedInteger, type Program, type Term } from '../../base/numeric';
import { LIMIT_S, rodOfIndex, type Table } from './table';

export interface BestTotal {
  readonly outcome: 'found' | 'infeasible';
  readonly rods: readonly number[];
  /** no choice has a higher total: the linear relaxation */
  readonly bound: number;
  readonly proved: boolean;
}

/** Violation below this is rounding: ten times what the solver lets a row be off. */
const VIOLATED = 1e-6;
/** A cut with more slack than this at the relaxation's optimum says nothing there. */
const SLACK = 1e-3;

/** A cut on what presentation p can be worth: θ ≤ level + Σ (score − level)⁺·x. */
interface Cut {
  readonly p: number;
  readonly level: number;
}

/**
 * The rods with the highest total, of cost at most `most`; with `cover`, only sets that reach its floor in its presentations.
 *
 * Model: θ_p is what presentation p is worth. For any level s, θ_p ≤ s + Σ_r (score − s)⁺·x_r holds, and the best score of a
 * choice is met by the cut at its own level; so cuts are added where the last answer passes them, first to the linear
 * relaxation, then to the whole numbers, until none is passed. Cuts that are slack at the relaxation's end are left out of
 * the branch and bound and come back when they are passed.
 */
export function* bestTotal(
  table: Table,
  limit: { readonly costs: readonly number[]; readonly most: number },
  cover?: { readonly presentations: readonly number[]; readonly floor: number },
): Steps<BestTotal> {
  const { scores, allowed, pinned } = table;
  if (allowed.length === 0) return { outcome: 'found', rods: [], bound: 0, proved: true };
  const columns = scores[0]!.map((_, p) =>
    allowed.filter((r) => scores[r]![p]! > 0).sort((a, b) => scores[b]![p]! - scores[a]![p]!),
  );
  const worth = [...columns.keys()].filter((p) => columns[p]!.length > 0);
  const score = (r: number, p: number) => scores[r]![p]!;

  const rowOf = ({ p, level }: Cut): Program['rows'][number] => ({
    terms: [
      [1, thetaOf(p)],
      ...columns[p]!.filter((r) => score(r, p) > level).map((r): Term => [level - score(r, p), rodOfIndex(r)]),
    ],
    is: '<=',
    bound: level,
  });
  const fixed: Program['rows'] = [
    {
      terms: allowed.map((r): Term => [limit.costs[r]!, rodOfIndex(r)]).filter(([cost]) => cost > 0),
      is: '<=' as const,
      bound: limit.most,
    },
    ...[...new Set(pinned)].map((r) => ({ terms: [[1, rodOfIndex(r)] as const], is: '=' as const, bound: 1 })),
    ...(cover?.presentations ?? []).map((p) => ({
      terms: allowed.filter((r) => score(r, p) >= cover!.floor).map((r): Term => [1, rodOfIndex(r)]),
      is: '>=' as const,
      bound: 1,
    })),
  ];
  const solve = (cuts: readonly Cut[], relaxed: boolean) =>
    solveMixedInteger({
      sense: 'Maximize',
      objective: worth.map((p) => [1, thetaOf(p)]),
      rows: [...fixed, ...cuts.map(rowOf)],
      binary: allowed.map(rodOfIndex),
      relaxed,
      limitS: LIMIT_S,
    });

  /** What a choice, whole or not, makes of a presentation, and the level of the cut that says so. */
  const worthAt = (p: number, x: (r: number) => number): { readonly level: number; readonly value: number } => {
    let share = 0;
    let level = 0;
    for (const r of columns[p]!) {
      share += x(r);
      if (share >= 1 - 1e-9) {
        level = score(r, p);
        break;
      }
    }
    return { level, value: level + columns[p]!.reduce((sum, r) => sum + Math.max(0, score(r, p) - level) * x(r), 0) };
  };
  // A cut that is held already and yet passed is passed by rounding: once more would change nothing.
  const passed = (held: readonly Cut[], at: (name: string) => number, x: (r: number) => number): Cut[] =>
    worth.flatMap((p) => {
      const { level, value } = worthAt(p, x);
      return at(thetaOf(p)) > value + VIOLATED && !held.some((cut) => cut.p === p && cut.level === level)
        ? [{ p, level }]
        : [];
    });

  let cuts: Cut[] = worth.flatMap((p) => [
    { p, level: 0 },
    { p, level: score(columns[p]![0]!, p) },
  ]);
  let bound = Infinity;
  for (let round = 1; ; round += 1) {
    const solved = solve(cuts, true);
    if (solved.outcome === 'infeasible') return { outcome: 'infeasible', rods: [], bound: 0, proved: true };
    const x = (r: number) => solved.at(rodOfIndex(r));
    const more = passed(cuts, solved.at, x);
    bound = solved.value;
    yield { done: round, of: round + (more.length > 0 ? 2 : 1) };
    if (more.length === 0) {
      cuts = cuts.filter(
        (cut) => cut.level === 0 || slackOf(cut, solved.at(thetaOf(cut.p)), columns[cut.p]!, score, x) < SLACK,
      );
      break;
    }
    cuts = [...cuts, ...more];
  }
  for (;;) {
    const solved = solve(cuts, false);
    if (solved.outcome === 'infeasible') return { outcome: 'infeasible', rods: [], bound: 0, proved: true };
    const x = (r: number) => Math.round(solved.at(rodOfIndex(r)));
    const more = passed(cuts, solved.at, x);
    if (more.length === 0 || solved.outcome === 'stopped') {
      const rods = needed(
        table,
        allowed.filter((r) => x(r) === 1),
        limit.costs,
        cover,
      );
      return { outcome: 'found', rods, bound, proved: solved.outcome === 'optimal' };
    }
    yield { done: cuts.length, of: cuts.length + more.length };
    cuts = [...cuts, ...more];
  }
}

const thetaOf = (p: number): string => `t${p}`;

const slackOf = (
  { p, level }: Cut,
  theta: number,
  column: readonly number[],
  score: (r: number, p: number) => number,
  x: (r: number) => number,
): number => level + column.reduce((sum, r) => sum + Math.max(0, score(r, p) - level) * x(r), 0) - theta;

/** A choice without the rods that add nothing: the dearest go first. */
function needed(
  { scores, pinned }: Table,
  rods: readonly number[],
  costs: readonly number[],
  cover?: { readonly presentations: readonly number[]; readonly floor: number },
): readonly number[] {
  const best = (chosen: readonly number[], p: number) => chosen.reduce((most, r) => Math.max(most, scores[r]![p]!), 0);
  const same = (less: readonly number[]) =>
    scores[0]!.every((_, p) => best(less, p) === best(rods, p)) &&
    (cover?.presentations ?? []).every((p) => best(less, p) >= cover!.floor);
  return [...rods]
    .sort((a, b) => costs[b]! - costs[a]! || b - a)
    .reduce(
      (kept, r) =>
        pinned.includes(r) || !same(kept.filter((each) => each !== r)) ? kept : kept.filter((each) => each !== r),
      [...rods],
    )
    .sort((a, b) => a - b);
}
