import { InputRangeError, requireInRange, type Limits } from '../../base/guard';
import type { Steps } from '../choose';
import { bestTotal } from './best-total';
import { fewest } from './fewest';

export const QUIVER_LIMITS = {
  score: { min: 0, max: 1 },
  rods: { min: 1, max: 400 },
  presentations: { min: 1, max: 2000 },
  price: { min: 0, max: 1e9 },
} as const satisfies Record<string, Limits>;

interface QuiverBase {
  /** rod × presentation, 0 useless to 1 as good as it gets */
  readonly scores: readonly (readonly number[])[];
  /** rods that must be among them; they count, and cost */
  readonly pinned?: readonly number[] | undefined;
  readonly excluded?: readonly number[] | undefined;
}

export type QuiverInput = QuiverBase &
  (
    | { readonly mode: 'cover'; readonly floor: number }
    | { readonly mode: 'best-k'; readonly k: number }
    | {
        readonly mode: 'budget';
        readonly budget: number;
        readonly prices: readonly number[];
        readonly owned: readonly (0 | 1)[];
      }
  );

export interface Quiver {
  /** not-coverable: some presentation reaches the floor with no rod; the rods are then the fewest for the rest */
  readonly outcome: 'optimal' | 'within-gap' | 'not-coverable';
  /** indices, rising */
  readonly rods: readonly number[];
  readonly count: number;
  /** sum over presentations of the best score among the rods */
  readonly totalScore: number;
  /** presentations that no rod covers; asked to cover only */
  readonly uncovered?: readonly number[] | undefined;
  /** what the chosen rods cost that are not owned; asked for a budget only */
  readonly spent?: number | undefined;
  /** what no choice can pass, by the linear relaxation: a least count of rods, or a highest total */
  readonly bound: number;
  /** how far from the optimum the answer may be at most, over its own figure; 0: proved optimal */
  readonly gap: number;
}

/**
 * Which few rods cover the work: the fewest that reach a floor everywhere, the best k, or the best within a budget.
 *
 * Model: set covering, and maximal total score with a limit on count or cost (the p-median and its budgeted form), solved
 * exactly. Among the fewest rods the set with the highest total is given. A rod that adds nothing is left out, unless it is
 * pinned.
 * Source: set covering by branch and bound; the total by Benders' cuts as in Duran-Mateluna, Alès and Elloumi 2023, Eur. J.
 * Oper. Res. 308, 84.
 *
 * Steps are the rounds of the solver. `loadMixedInteger` must have run.
 *
 * @throws {InputRangeError} when scores are not a table of 0 to 1, an index names no rod, a rod is pinned and excluded, or the
 *   pinned ones alone pass k or the budget.
 */
export function* quiver(input: QuiverInput): Steps<Quiver> {
  const allowed = checked(input);
  const { scores, pinned = [] } = input;
  const P = scores[0]!.length;
  const table = { scores, allowed, pinned };
  switch (input.mode) {
    case 'cover': {
      const { floor } = input;
      const presentations = [...Array(P).keys()];
      const uncovered = presentations.filter((p) => allowed.every((r) => scores[r]![p]! < floor));
      const covered = presentations.filter((p) => !uncovered.includes(p));
      yield { done: 0, of: 2 };
      const least = fewest(table, covered, floor);
      yield { done: 1, of: 2 };
      const best = yield* bestTotal(
        table,
        { costs: scores.map(() => 1), most: least.count },
        { presentations: covered, floor },
      );
      const rods = best.outcome === 'infeasible' ? least.rods : best.rods;
      const cover = {
        rods,
        count: rods.length,
        totalScore: totalOf(scores, rods),
        bound: least.bound,
        gap: least.proved ? 0 : (rods.length - least.bound) / rods.length,
      };
      return uncovered.length > 0
        ? { outcome: 'not-coverable', ...cover, uncovered }
        : { outcome: least.proved ? 'optimal' : 'within-gap', ...cover };
    }
    case 'best-k':
      return quiverAnswer(scores, yield* bestTotal(table, { costs: scores.map(() => 1), most: input.k }), {});
    case 'budget': {
      const costs = input.prices.map((price, r) => (input.owned[r] ? 0 : price));
      const best = yield* bestTotal(table, { costs, most: input.budget });
      return quiverAnswer(scores, best, { spent: best.rods.reduce((sum, r) => sum + costs[r]!, 0) });
    }
    default:
      return input satisfies never;
  }
}

function quiverAnswer(
  scores: QuiverInput['scores'],
  { rods, bound, proved }: { readonly rods: readonly number[]; readonly bound: number; readonly proved: boolean },
  more: { readonly spent?: number },
): Quiver {
  const totalScore = totalOf(scores, rods);
  const gap = proved ? 0 : Math.max(0, bound - totalScore) / Math.max(totalScore, 1e-12);
  return { outcome: proved ? 'optimal' : 'within-gap', rods, count: rods.length, totalScore, ...more, bound, gap };
}

/** Sum over presentations of the best score among some rods. */
export const totalOf = (scores: QuiverInput['scores'], rods: readonly number[]): number =>
  (scores[0] ?? []).reduce((sum, _, p) => sum + rods.reduce((best, r) => Math.max(best, scores[r]![p]!), 0), 0);

/** The rods that may be chosen. */
function checked(input: QuiverInput): readonly number[] {
  const { scores, pinned = [], excluded = [] } = input;
  const Q = QUIVER_LIMITS;
  requireInRange('scores', scores.length, Q.rods);
  const P = requireInRange('scores[0]', scores[0]!.length, Q.presentations);
  scores.forEach((row, r) => {
    requireInRange(`scores[${r}]`, row.length, { min: P, max: P });
    row.forEach((score, p) => requireInRange(`scores[${r}][${p}]`, score, Q.score));
  });
  const index = { min: 0, max: scores.length - 1 };
  pinned.forEach((r, i) => requireInRange(`pinned[${i}]`, r, index));
  excluded.forEach((r, i) => requireInRange(`excluded[${i}]`, r, index));
  const both = excluded.findIndex((r) => pinned.includes(r));
  if (both >= 0) throw new InputRangeError(`excluded[${both}]`, excluded[both]!, 0, -1);
  const held = new Set(pinned);
  if (input.mode === 'best-k' && held.size > input.k) throw new InputRangeError('k', input.k, held.size, Infinity);
  if (input.mode === 'budget') {
    const asked = [...held].reduce((sum, r) => sum + (input.owned[r] ? 0 : input.prices[r]!), 0);
    if (asked > input.budget) throw new InputRangeError('budget', input.budget, asked, Infinity);
  }
  return [...scores.keys()].filter((r) => !excluded.includes(r));
}
