import { USEFUL_REST_M } from '../../tackle/defaults/tying-classes';
import { requireInRange, type Limits } from '../../base/guard';
import { solveMixedInteger, type Program, type Term } from '../../base/numeric';

export const CUTTING_LIMITS = {
  lengthM: { min: 0, max: 10_000, exclusiveMin: true },
  count: { min: 0, max: 1000 },
  pieces: { min: 0, max: 60 },
  stock: { min: 1, max: 40 },
  usefulM: { min: 0, max: 100 },
} as const satisfies Record<string, Limits>;

export interface CuttingInput {
  /** lengths to cut [m], each so many times */
  readonly pieces: readonly { readonly lengthM: number; readonly count: number }[];
  /** what is left on each spool of the same line [m] */
  readonly stock: readonly { readonly lengthM: number }[];
  /** a rest shorter than this is waste [m] */
  readonly usefulM?: number | undefined;
}

export interface Cutting {
  /** short: not all can be cut; what is given is the most by length that can */
  readonly outcome: 'optimal' | 'within-gap' | 'short';
  /** how many of each piece come off each spool: stock × piece */
  readonly cuts: readonly (readonly number[])[];
  readonly leftM: readonly number[];
  /** rests too short to use, of spools that were cut from [m] */
  readonly wasteM: number;
  /** pieces that cannot be cut, by piece */
  readonly missing: readonly number[];
}

/** What is not yet proved after this long is said to be so [s]. */
const LIMIT_S = 10;

/**
 * Which piece comes off which spool, so that the least line is wasted; then so that the fewest spools are begun, short ones first.
 *
 * Model: cutting stock as an assignment to spools of given lengths, by branch and bound: rests below `usefulM` of spools that
 * are cut from are waste, longer ones are not. Where the stock does not do, first the most line by length is cut.
 *
 * `loadMixedInteger` must have run.
 *
 * @throws {InputRangeError} when a value lies outside CUTTING_LIMITS.
 */
export function cuttingStock({ pieces, stock, usefulM = USEFUL_REST_M }: CuttingInput): Cutting {
  const C = CUTTING_LIMITS;
  requireInRange('pieces', pieces.length, C.pieces);
  requireInRange('stock', stock.length, C.stock);
  pieces.forEach(({ lengthM, count }, i) => {
    requireInRange(`pieces[${i}].lengthM`, lengthM, C.lengthM);
    requireInRange(`pieces[${i}].count`, count, C.count);
  });
  stock.forEach(({ lengthM }, j) =>
    requireInRange(`stock[${j}].lengthM`, lengthM, { ...C.lengthM, exclusiveMin: false }),
  );
  requireInRange('usefulM', usefulM, C.usefulM);
  const none: Cutting = {
    outcome: 'optimal',
    cuts: stock.map(() => pieces.map(() => 0)),
    leftM: stock.map(({ lengthM }) => lengthM),
    wasteM: 0,
    missing: pieces.map(() => 0),
  };
  if (pieces.every(({ count }) => count === 0)) return none;

  const longest = Math.max(...stock.map(({ lengthM }) => lengthM), 1e-9);
  const cut = (j: number, i: number) => `c${j}_${i}`;
  const of = <T>(make: (i: number) => T) => pieces.map((_, i) => make(i));
  const fits = stock.map(({ lengthM }, j) => ({
    terms: of((i): Term => [pieces[i]!.lengthM, cut(j, i)]),
    is: '<=' as const,
    bound: lengthM,
  }));
  const whole = stock.flatMap((_, j) => of((i) => cut(j, i)));
  const most: Program = {
    sense: 'Maximize',
    objective: stock.flatMap((_, j) => of((i): Term => [pieces[i]!.lengthM, cut(j, i)])),
    rows: [
      ...fits,
      ...of((i) => ({ terms: stock.map((_, j): Term => [1, cut(j, i)]), is: '<=' as const, bound: pieces[i]!.count })),
    ],
    binary: [],
    integer: whole,
    limitS: LIMIT_S,
  };
  const wanted = pieces.reduce((sum, { lengthM, count }) => sum + lengthM * count, 0);
  const cuttable = solveMixedInteger(most);
  const isShort = cuttable.value < wanted - 1e-9;
  const demands = of((i) =>
    isShort ? Math.round(stock.reduce((sum, _, j) => sum + cuttable.at(cut(j, i)), 0)) : pieces[i]!.count,
  );

  // A spool is begun (b) or not; its rest is useful (u), or all of it is waste (w ≥ rest where begun and not useful).
  const rows: Program['rows'] = [
    ...fits,
    ...of((i) => ({ terms: stock.map((_, j): Term => [1, cut(j, i)]), is: '=' as const, bound: demands[i]! })),
    ...stock.flatMap(({ lengthM }, j) => {
      const used = of((i): Term => [pieces[i]!.lengthM, cut(j, i)]);
      return [
        { terms: [...used, [-lengthM, `b${j}`] as const], is: '<=' as const, bound: 0 },
        { terms: [...used, [usefulM, `u${j}`] as const], is: '<=' as const, bound: lengthM },
        // waste ≥ rest − L·u − L·(1 − b)
        {
          terms: [...used, [1, `w${j}`] as const, [lengthM, `u${j}`] as const, [-lengthM, `b${j}`] as const],
          is: '>=' as const,
          bound: 0,
        },
      ];
    }),
  ];
  const answer = solveMixedInteger({
    sense: 'Minimize',
    objective: stock.flatMap((_, j): Term[] => [
      [1, `w${j}`],
      [SPOOL_WORTH_M * (1 + stock[j]!.lengthM / longest), `b${j}`],
    ]),
    rows,
    binary: stock.flatMap((_, j) => [`b${j}`, `u${j}`]),
    integer: whole,
    limitS: LIMIT_S,
  });
  const cuts = stock.map((_, j) => of((i) => Math.round(answer.at(cut(j, i))) || 0));
  const leftM = stock.map(
    ({ lengthM }, j) => lengthM - cuts[j]!.reduce((sum, count, i) => sum + count * pieces[i]!.lengthM, 0),
  );
  return {
    outcome: isShort ? 'short' : answer.outcome === 'optimal' ? 'optimal' : 'within-gap',
    cuts,
    leftM,
    wasteM: leftM.reduce(
      (sum, left, j) => sum + (cuts[j]!.some((count) => count > 0) && left < usefulM - 1e-9 ? Math.max(0, left) : 0),
      0,
    ),
    missing: pieces.map(({ count }, i) => count - cuts.reduce((sum, row) => sum + row[i]!, 0)),
  };
}

/** A spool less to begin, a short one before a long one, is worth a hair of line and never more than that [m]. */
const SPOOL_WORTH_M = 1e-3;
