import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { finish } from '../choose';
import { loadMixedInteger } from '../../base/numeric';
import { quiver, totalOf, type QuiverInput } from '.';

beforeAll(() => loadMixedInteger());

const solve = (input: QuiverInput) => finish(quiver(input));

/** Every choice of rods, as lists of indices. */
const subsets = (n: number): number[][] =>
  Array.from({ length: 2 ** n }, (_, mask) => [...Array(n).keys()].filter((r) => (mask >> r) & 1));

const score = fc.oneof(fc.constant(0), fc.constant(0.6), fc.double({ min: 0, max: 1, noNaN: true }));
const table = fc
  .tuple(fc.integer({ min: 1, max: 7 }), fc.integer({ min: 1, max: 6 }))
  .chain(([R, P]) => fc.array(fc.array(score, { minLength: P, maxLength: P }), { minLength: R, maxLength: R }));
/** A table with some rods pinned and others put out. */
const asked = table
  .chain((scores) =>
    fc.record({
      scores: fc.constant(scores),
      marks: fc.array(fc.constantFrom('free', 'free', 'free', 'pinned', 'excluded'), {
        minLength: scores.length,
        maxLength: scores.length,
      }),
    }),
  )
  .map(({ scores, marks }) => ({
    scores,
    pinned: [...marks.keys()].filter((r) => marks[r] === 'pinned'),
    excluded: [...marks.keys()].filter((r) => marks[r] === 'excluded'),
  }));

const open = ({ scores, pinned, excluded }: { scores: number[][]; pinned: number[]; excluded: number[] }) =>
  subsets(scores.length).filter(
    (rods) => pinned.every((r) => rods.includes(r)) && excluded.every((r) => !rods.includes(r)),
  );

describe('quiver agrees with trying every choice', () => {
  it('in the fewest that cover, and the best of those', () =>
    fc.assert(
      fc.property(asked, fc.double({ min: 0.05, max: 0.95, noNaN: true }), (given, floor) => {
        const { scores, excluded } = given;
        const presentations = [...scores[0]!.keys()];
        const uncovered = presentations.filter((p) =>
          scores.every((row, r) => excluded.includes(r) || row[p]! < floor),
        );
        const covers = open(given).filter((rods) =>
          presentations.every((p) => uncovered.includes(p) || rods.some((r) => scores[r]![p]! >= floor)),
        );
        const count = Math.min(...covers.map(({ length }) => length));
        const total = Math.max(...covers.filter(({ length }) => length === count).map((rods) => totalOf(scores, rods)));
        const answer = solve({ ...given, mode: 'cover', floor });
        expect(answer).toMatchObject({ outcome: uncovered.length > 0 ? 'not-coverable' : 'optimal', count, gap: 0 });
        expect(answer.uncovered ?? []).toEqual(uncovered);
        expect(answer.totalScore).toBeCloseTo(total, 9);
        expect(answer.bound).toBeLessThanOrEqual(count);
        expect(covers).toContainEqual(answer.rods);
      }),
      { numRuns: 60 },
    ));

  it('in the best k', () =>
    fc.assert(
      fc.property(asked, fc.integer({ min: 0, max: 7 }), (given, more) => {
        const k = Math.min(given.scores.length, given.pinned.length + more);
        const answer = solve({ ...given, mode: 'best-k', k });
        const best = Math.max(
          ...open(given)
            .filter(({ length }) => length <= k)
            .map((rods) => totalOf(given.scores, rods)),
        );
        expect(answer.totalScore).toBeCloseTo(best, 9);
        expect(answer).toMatchObject({ outcome: 'optimal', gap: 0, count: answer.rods.length });
        expect(answer.bound).toBeGreaterThanOrEqual(best - 1e-6);
        expect(answer.rods.length).toBeLessThanOrEqual(k);
        expect(
          given.pinned.every((r) => answer.rods.includes(r)) && given.excluded.every((r) => !answer.rods.includes(r)),
        ).toBe(true);
      }),
      { numRuns: 60 },
    ));

  it('within a budget, what is owned being free', () =>
    fc.assert(
      fc.property(
        asked,
        fc.infiniteStream(fc.integer({ min: 1, max: 9 })),
        fc.infiniteStream(fc.constantFrom(0 as const, 1 as const)),
        fc.integer({ min: 0, max: 20 }),
        (given, priceOf, ownedOf, more) => {
          const draw = <T>(stream: Iterator<T>) => given.scores.map(() => stream.next().value as T);
          const [prices, owned] = [draw(priceOf), draw(ownedOf)];
          const costOf = (rods: readonly number[]) => rods.reduce((sum, r) => sum + (owned[r] ? 0 : prices[r]!), 0);
          const budget = costOf(given.pinned) + more;
          const answer = solve({ ...given, mode: 'budget', budget, prices, owned });
          const best = Math.max(
            ...open(given)
              .filter((rods) => costOf(rods) <= budget)
              .map((rods) => totalOf(given.scores, rods)),
          );
          expect(answer.totalScore).toBeCloseTo(best, 9);
          expect(answer.spent).toBe(costOf(answer.rods));
          expect(answer.spent!).toBeLessThanOrEqual(budget);
        },
      ),
      { numRuns: 60 },
    ));
});

describe('quiver by hand', () => {
  it('leaves at home what adds nothing', () => {
    const scores = [
      [1, 0, 0],
      [1, 0.9, 0],
      [0, 0, 1],
    ];
    expect(solve({ scores, mode: 'best-k', k: 3 }).rods).toEqual([1, 2]);
    expect(solve({ scores, mode: 'cover', floor: 0.5, pinned: [0] }).rods).toEqual([0, 1, 2]);
  });
  it('has nothing to choose from when all are put out', () =>
    expect(solve({ scores: [[1]], mode: 'cover', floor: 0.5, excluded: [0] })).toMatchObject({
      outcome: 'not-coverable',
      rods: [],
      count: 0,
      uncovered: [0],
    }));
  it.each([
    [{ scores: [[1, 2]], mode: 'best-k', k: 1 }, 'scores[0][1]'],
    [{ scores: [[1], [0, 1]], mode: 'best-k', k: 1 }, 'scores[1]'],
    [{ scores: [[1]], mode: 'best-k', k: 1, pinned: [1] }, 'pinned[0]'],
    [{ scores: [[1]], mode: 'best-k', k: 0, pinned: [0] }, 'k'],
    [{ scores: [[1]], mode: 'best-k', k: 1, pinned: [0], excluded: [0] }, 'excluded[0]'],
    [{ scores: [[1]], mode: 'budget', budget: 1, prices: [2], owned: [0], pinned: [0] }, 'budget'],
  ] as const)('refuses by name', (input, field) =>
    expect(() => solve(input as QuiverInput)).toThrow(expect.objectContaining({ field })),
  );
});
