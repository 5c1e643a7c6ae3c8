import { InputRuleError, requireInRange } from '../../base/guard';
import { STRATA_LIMITS } from './trial-strata';

/** What differs between two versions besides what is compared. */
export interface ConfounderCell {
  readonly version: 'a' | 'b';
  /** level of each factor, as `side: port` */
  readonly levels: Readonly<Record<string, string>>;
  readonly hours: number;
}

export interface Confounders {
  readonly outcome: 'ok' | 'one-version';
  readonly factors: readonly { readonly name: string; readonly overlap: number; readonly confounded: boolean }[];
}

/** Hours that overlap less than this leave a factor in doubt. */
const LEAST_OVERLAP = 0.6;

/**
 * How much of both versions' hours lay under the same levels of each factor: Σ min(share of A, share of B).
 *
 * @throws {InputRangeError} when hours are not positive, or a cell has other factors than the first, at its `levels`.
 */
export function confounders(cells: readonly ConfounderCell[]): Confounders {
  const names = Object.keys(cells[0]?.levels ?? {});
  for (const [i, { levels, hours }] of cells.entries()) {
    requireInRange(`cells[${i}].hours`, hours, { ...STRATA_LIMITS.exposureH, exclusiveMin: true });
    const own = Object.keys(levels);
    if (own.length !== names.length || names.some((name) => !(name in levels)))
      throw new InputRuleError(`cells[${i}].levels`, `the factors of the first cell: ${names.join(', ') || 'none'}`);
  }
  const of = (version: 'a' | 'b') => cells.filter((cell) => cell.version === version);
  const hoursOf = (some: readonly ConfounderCell[]) => some.reduce((sum, { hours }) => sum + hours, 0);
  const [a, b] = [of('a'), of('b')];
  const both = a.length > 0 && b.length > 0;
  const factors = names.map((name) => {
    const share = (some: readonly ConfounderCell[], level: string) =>
      hoursOf(some.filter(({ levels }) => levels[name] === level)) / hoursOf(some);
    const levels = [...new Set(cells.map((cell) => cell.levels[name]!))];
    const overlap = both ? levels.reduce((sum, level) => sum + Math.min(share(a, level), share(b, level)), 0) : 0;
    return { name, overlap, confounded: overlap < LEAST_OVERLAP };
  });
  return { outcome: both ? 'ok' : 'one-version', factors };
}
