import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { InputRangeError, InputRuleError } from '../guard';

export interface LeastSquaresInput {
  /** what the readings are called, for an error */
  readonly field: string;
  /** what was read, and one standard deviation of each reading, in the reading's own unit */
  readonly observed: readonly number[];
  readonly sd: readonly number[];
  /** what the model says for these parameters, one figure a reading */
  readonly model: (parameters: readonly number[]) => readonly number[];
  readonly start: readonly number[];
  readonly min: readonly number[];
  readonly max: readonly number[];
}

export interface LeastSquares {
  readonly parameters: readonly number[];
  /** one standard deviation of each parameter; Infinity where the readings say nothing of it */
  readonly sd: readonly number[];
  /** reading minus model */
  readonly residuals: readonly number[];
  readonly iterations: number;
}

/** The models fitted here are smooth and start near: a dozen steps settle them; the rest is reserve. */
const RUN = 3;
const MAX_ITERATIONS = 40;
/** The sum of squares, in units of the spreads, has settled when a run takes off less than this. */
const SETTLED = 1e-9;
/** Step of the central differences; parameters are logarithms or of order one. */
const STEP = 1e-5;

/**
 * Weighted least squares by Levenberg and Marquardt, with the spread of each parameter.
 *
 * Model: covariance (JᵀWJ)⁻¹ from the stated accuracy of the readings. Where there are more readings than parameters and
 * they scatter more than stated, it grows by their reduced χ²; it never shrinks, since a few readings that agree by
 * chance would then claim more than the rule or the watch can give.
 * Source: Marquardt 1963, J. Soc. Indust. Appl. Math. 11, 431.
 *
 * @throws {InputRuleError} when the readings tell nothing that can be fitted.
 */
export function leastSquares({ field, observed, sd, model, start, min, max }: LeastSquaresInput): LeastSquares {
  // Everything in units of its spread: the package's own weights divide where they should multiply (5.1.0).
  const scaled = (values: readonly number[]) => values.map((value, i) => value / sd[i]!);
  const y = scaled(observed);
  const { parameters: parameterValues, iterations } = fitted(field, () =>
    settle(y, (parameters) => scaled(model(parameters)), { start, min, max }),
  );
  const said = model(parameterValues);
  const residuals = observed.map((value, i) => value - said[i]!);
  const chiSquared = residuals.reduce((sum, residual, i) => sum + (residual / sd[i]!) ** 2, 0);
  const spare = observed.length - start.length;
  const scale = spare > 0 ? Math.max(1, chiSquared / spare) : 1;
  const variances = inverseDiagonal(normalMatrix(model, parameterValues, sd));
  return {
    parameters: parameterValues,
    sd: variances.map((variance) => Math.sqrt(variance * scale)),
    residuals,
    iterations,
  };
}

/** The package throws bare errors where a matrix has no inverse: the readings then say nothing of a parameter. */
function fitted<T extends { readonly parameters: readonly number[] }>(field: string, fit: () => T): T {
  const refusal = new InputRuleError(field, 'readings that differ enough to be fitted, and are not absurd');
  try {
    const found = fit();
    if (found.parameters.every(Number.isFinite)) return found;
  } catch (error) {
    if (error instanceof InputRangeError) throw error;
  }
  throw refusal;
}

/** The package stops only at a perfect fit, so it is run a few steps at a time until the sum of squares stays. */
function settle(
  y: readonly number[],
  said: (parameters: readonly number[]) => readonly number[],
  { start, min, max }: Pick<LeastSquaresInput, 'start' | 'min' | 'max'>,
) {
  let parameters = [...start];
  let error = Infinity;
  let iterations = 0;
  while (iterations < MAX_ITERATIONS) {
    // The package wants two readings at least; one more that any parameters meet changes nothing.
    const run = levenbergMarquardt(
      { x: [...y.keys(), y.length], y: [...y, 0] },
      (tried) => {
        const figures = [...said(tried), 0];
        return (i) => figures[i]!;
      },
      {
        initialValues: parameters,
        minValues: [...min],
        maxValues: [...max],
        maxIterations: RUN,
        gradientDifference: STEP,
        centralDifference: true,
        errorTolerance: 1e-12,
      },
    );
    iterations += run.iterations;
    const gained = error - run.parameterError;
    parameters = run.parameterValues;
    error = run.parameterError;
    if (run.iterations < RUN || gained <= SETTLED) break;
  }
  return { parameters, iterations };
}

/** JᵀWJ by central differences. */
function normalMatrix(
  model: LeastSquaresInput['model'],
  parameters: readonly number[],
  sd: readonly number[],
): number[][] {
  const slopes = parameters.map((_, k) => {
    const moved = (by: number) => model(parameters.map((value, j) => (j === k ? value + by : value)));
    const [up, down] = [moved(STEP), moved(-STEP)];
    return up.map((value, i) => (value - down[i]!) / (2 * STEP * sd[i]!));
  });
  return slopes.map((a) => slopes.map((b) => a.reduce((sum, value, i) => sum + value * b[i]!, 0)));
}

/** Diagonal of the inverse of a symmetric positive matrix, by Gauss and Jordan; Infinity all along where it has none. */
function inverseDiagonal(matrix: readonly (readonly number[])[]): number[] {
  const n = matrix.length;
  const rows = matrix.map((row, i) => [...row, ...row.map((_, j) => (i === j ? 1 : 0))]);
  for (let k = 0; k < n; k += 1) {
    const pivot = rows[k]![k]!;
    if (!(pivot > 1e-12 * matrix[k]![k]!)) return matrix.map(() => Infinity);
    rows[k] = rows[k]!.map((value) => value / pivot);
    for (let i = 0; i < n; i += 1) {
      const factor = rows[i]![k]!;
      if (i !== k) rows[i] = rows[i]!.map((value, j) => value - factor * rows[k]![j]!);
    }
  }
  return rows.map((row, i) => row[n + i]!);
}
