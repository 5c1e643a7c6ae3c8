import { InputRangeError } from '@/core/base/guard';
import type { Measure } from '@/core/base/measure';
import type { Quantity } from '@/core/base/quantity';
import type { Angler } from '../angler';
import type { Part } from '../parts';

/** One figure or word that a guide asks for once. */
export type Ask = { readonly name: string } & (
  | { readonly kind: 'figure'; readonly measure: Measure; readonly start: number | null; readonly optional?: boolean }
  | { readonly kind: 'whole'; readonly start: number }
  | { readonly kind: 'choice'; readonly options: readonly string[]; readonly start: string }
);

/** One column of the readings. */
export interface Column {
  readonly name: string;
  readonly measure: Measure | 'count';
  readonly optional?: boolean;
}

export interface Asked {
  readonly figure: (name: string) => number | null;
  readonly word: (name: string) => string;
}

/** A reading as SI figures by column; an optional one that was left empty is absent. */
export type ReadingRow = Readonly<Record<string, number>>;

export interface Found {
  /** what came out, by name */
  readonly results: readonly {
    readonly name: string;
    readonly value: number;
    readonly measure: Measure;
    readonly spread?: number;
  }[];
  /** fields of the part that it measures, by path; empty where it only tells something */
  readonly after: Readonly<Record<string, unknown>>;
  /** what it tells of the angler instead of the part */
  readonly angler?: Angler;
  /** what would make it surer, or what is missing */
  readonly hints: readonly string[];
  /** readings and the fitted curve, for the figure beside them */
  readonly plot?: {
    readonly x: Measure;
    readonly y: Measure;
    readonly points: readonly (readonly [number, number])[];
    readonly curve: readonly (readonly [number, number])[];
  };
}

/** A guide: what it asks, and what it makes of it. `find` throws InputRangeError for a reading that cannot be. */
export interface GuideDefinition {
  readonly asks: (part: Part) => readonly Ask[];
  readonly columns: (part: Part) => readonly Column[];
  readonly find: (part: Part, rows: readonly ReadingRow[], asked: Asked) => Found;
  /** index of the column that a stopwatch fills */
  readonly timed?: string;
}

/** A fit from perfect agreement would claim too much: no kitchen table reads better than this. */
const LEAST_SPREAD = 0.003;

export const measured = <U extends string>(value: number, unit: U, spread: number): Quantity<U> => ({
  value,
  unit,
  provenance: 'measured',
  spread: Math.min(2, Math.max(LEAST_SPREAD, Number(spread.toPrecision(3)))),
});

export interface Judged {
  /** null while there is nothing to go on */
  readonly found: Found | null;
  /** rows that cannot be, with the range that could */
  readonly refused: ReadonlyMap<number, { readonly column: string; readonly min: number; readonly max: number }>;
  /** an asked figure that cannot be */
  readonly problem: { readonly field: string; readonly min: number; readonly max: number } | null;
}

/** Finds with all rows that can be: a row that the core refuses is put aside with the reason, and the others stay. */
export function judgeRows(guide: GuideDefinition, part: Part, rows: readonly ReadingRow[], asked: Asked): Judged {
  const refused = new Map<number, { column: string; min: number; max: number }>();
  for (;;) {
    const kept = rows.map((_, i) => i).filter((i) => !refused.has(i));
    if (kept.length === 0) return { found: null, refused, problem: null };
    try {
      return {
        found: guide.find(
          part,
          kept.map((i) => rows[i]!),
          asked,
        ),
        refused,
        problem: null,
      };
    } catch (error) {
      if (!(error instanceof InputRangeError)) throw error;
      const at = /\[(\d+)\](?:\.(\w+))?/.exec(error.field);
      const row = at ? kept[Number(at[1])] : undefined;
      if (row === undefined)
        return { found: null, refused, problem: { field: error.field, min: error.min, max: error.max } };
      const columns = guide.columns(part);
      refused.set(row, {
        column: (columns.find(({ name }) => name === at![2]) ?? columns[0]!).name,
        min: error.min,
        max: error.max,
      });
    }
  }
}
