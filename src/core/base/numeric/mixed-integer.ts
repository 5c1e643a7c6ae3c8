import load from 'highs';

type Solver = Awaited<ReturnType<typeof load>>;

let solver: Solver | null = null;

/** Brings the solver in; it must have come before the first program is solved. Loads once. */
export async function loadMixedInteger(): Promise<void> {
  solver ??= await load();
}

/** A term of a sum: a factor and the name of an unknown. */
export type Term = readonly [factor: number, name: string];

/** A linear program; every unknown is at least 0. */
export interface Program {
  readonly sense: 'Minimize' | 'Maximize';
  readonly objective: readonly Term[];
  readonly rows: readonly { readonly terms: readonly Term[]; readonly is: '<=' | '>=' | '='; readonly bound: number }[];
  /** unknowns that are 0 or 1 */
  readonly binary: readonly string[];
  /** unknowns that are whole numbers */
  readonly integer?: readonly string[];
  /** leaves the binary ones anywhere between 0 and 1: the relaxation, whose optimum bounds that of the program */
  readonly relaxed?: boolean;
  /** gives up with what it has after this long [s] */
  readonly limitS?: number;
}

export interface Solved {
  /** stopped: the time was up, the values are the best found */
  readonly outcome: 'optimal' | 'stopped' | 'infeasible';
  readonly value: number;
  readonly at: (name: string) => number;
}

/**
 * Solves a linear or mixed-integer program to its optimum, by simplex and branch and bound.
 *
 * Source: Huangfu and Hall 2018, Math. Prog. Comp. 10, 119 (HiGHS).
 *
 * @throws {Error} when the solver has not been loaded, or breaks.
 */
export function solveMixedInteger(program: Program): Solved {
  if (!solver) throw new Error('loadMixedInteger must have run before a program is solved');
  const {
    Status: status,
    ObjectiveValue: value,
    Columns: columns,
  } = solver.solve(textOf(program), {
    mip_rel_gap: 0,
    mip_abs_gap: 1e-9,
    mip_feasibility_tolerance: 1e-9,
    output_flag: false,
    random_seed: 1,
    ...(program.limitS === undefined ? {} : { time_limit: program.limitS }),
  });
  const at = (name: string) => (columns[name] as { readonly Primal?: number } | undefined)?.Primal ?? 0;
  switch (status) {
    case 'Optimal':
      return { outcome: 'optimal', value, at };
    case 'Time limit reached':
      return { outcome: 'stopped', value, at };
    case 'Infeasible':
      return { outcome: 'infeasible', value: NaN, at: () => 0 };
    default:
      throw new Error(`the solver ended with: ${status}`);
  }
}

/** The program in the text that solvers read. */
function textOf({ sense, objective, rows, binary, integer = [], relaxed = false }: Program): string {
  const sum = (terms: readonly Term[]) =>
    terms.map(([factor, name]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name}`).join(' ') ||
    `0 ${binary[0] ?? integer[0]}`;
  return [
    sense,
    ` obj: ${sum(objective)}`,
    'Subject To',
    ...rows.map(({ terms, is, bound }, i) => ` r${i}: ${sum(terms)} ${is} ${bound}`),
    ...(relaxed
      ? ['Bounds', ...binary.map((name) => ` 0 <= ${name} <= 1`)]
      : [
          ...(binary.length > 0 ? ['Binary', ` ${binary.join(' ')}`] : []),
          ...(integer.length > 0 ? ['General', ` ${integer.join(' ')}`] : []),
        ]),
    'End',
  ].join('\n');
}
