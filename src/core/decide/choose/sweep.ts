import { InputRangeError, InputRuleError, requireInRange, type Limits } from '../../base/guard';
import { valueAt, withValues, type Leaf, type Path } from './path';
import type { Steps } from './steps';

export const SWEEP_LIMITS = {
  steps: { min: 2, max: 401 },
  cells: { min: 2, max: 10000 },
  axes: { min: 1, max: 2 },
} as const satisfies Record<string, Limits>;

/** An input that is moved, evenly from one end to the other. */
export interface SweepAxis {
  readonly path: Path;
  readonly from: number;
  readonly to: number;
  readonly steps: number;
}

export interface SweepInput<I> {
  readonly base: I;
  readonly axes: readonly SweepAxis[];
  /** the results that are wanted, as paths of the output */
  readonly of: readonly Path[];
  readonly compute: (input: I) => unknown;
}

export interface Sweep {
  readonly outcome: 'ok';
  readonly axes: readonly { readonly path: Path; readonly values: readonly number[] }[];
  /** by result; along the first axis first, the second within; null where the model refuses or gives none */
  readonly results: readonly { readonly path: Path; readonly values: readonly Leaf[] }[];
}

/**
 * Any results of a model against one or two of its inputs.
 *
 * A value at which the model refuses its input is a gap (null), not an end of the sweep.
 *
 * @throws {InputRangeError} when axes, steps or cells lie outside SWEEP_LIMITS, an axis names no number of the input, or a
 *   result is named that no cell has.
 */
export function* sweep<I>({ base, axes, of, compute }: SweepInput<I>): Steps<Sweep> {
  requireInRange('axes', axes.length, SWEEP_LIMITS.axes);
  const swept = axes.map(({ path, from, to, steps }, k) => {
    requireInRange(`axes[${k}].steps`, steps, SWEEP_LIMITS.steps);
    if (typeof valueAt(base, path) !== 'number')
      throw new InputRuleError(`axes[${k}].path`, 'the path of a number of the input');
    return { path, values: Array.from({ length: steps }, (_, i) => from + ((to - from) * i) / (steps - 1)) };
  });
  const [first, second] = swept;
  const cells = first!.values.flatMap((a): (readonly (readonly [Path, number])[])[] =>
    second
      ? second.values.map((b) => [
          [first!.path, a],
          [second.path, b],
        ])
      : [[[first!.path, a]]],
  );
  requireInRange('cells', cells.length, SWEEP_LIMITS.cells);
  const rows: (readonly (Leaf | undefined)[])[] = [];
  for (const [i, cell] of cells.entries()) {
    rows.push(resultsAt(withValues(base, cell), of, compute));
    yield { done: i + 1, of: cells.length };
  }
  const results = of.map((path, k) => {
    const values = rows.map((row) => row[k]);
    if (values.every((value) => value === undefined) && !rows.every((row) => row === REFUSED))
      throw new InputRuleError(`of[${k}]`, 'the path of a number or a word of the output');
    return { path, values: values.map((value) => value ?? null) };
  });
  return { outcome: 'ok', axes: swept, results };
}

/** A cell whose input no model takes. */
const REFUSED: readonly undefined[] = [];

function resultsAt<I>(input: I, of: readonly Path[], compute: (input: I) => unknown): readonly (Leaf | undefined)[] {
  try {
    const output = compute(input);
    return of.map((path) => leafAt(output, path));
  } catch (error) {
    if (error instanceof InputRangeError) return REFUSED;
    throw error;
  }
}

/** Undefined: the output has nothing there. */
function leafAt(output: unknown, path: Path): Leaf | undefined {
  const value = valueAt(output, path);
  return typeof value === 'object' && value !== null ? undefined : (value as Leaf | undefined);
}
