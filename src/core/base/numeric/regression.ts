import { fitter } from './dense';

/**
 * Shares of a figure's variance that come from each of several inputs, by linear regression; the inputs are decomposed once.
 *
 * Model: y − ȳ = Σ b·(x − x̄), least squares; share b²·var(x)/var(y). A figure that does not vary has shares 0. Rows no more
 * than inputs say nothing: all 0.
 */
export function regression(rows: readonly (readonly number[])[]): (figures: readonly number[]) => readonly number[] {
  const n = rows.length;
  const d = rows[0]?.length ?? 0;
  const none = () => new Array<number>(d).fill(0);
  if (n <= d + 1 || d === 0) return none;
  const means = Array.from({ length: d }, (_, j) => rows.reduce((sum, row) => sum + row[j]!, 0) / n);
  const X = rows.map((row) => row.map((x, j) => x - means[j]!));
  const squares = means.map((_, j) => X.reduce((sum, row) => sum + row[j]! ** 2, 0));
  const fit = fitter(X);
  return (figures) => {
    const mean = figures.reduce((sum, y) => sum + y, 0) / n;
    const Y = figures.map((y) => y - mean);
    const total = Y.reduce((sum, y) => sum + y * y, 0);
    // Rounding of equal figures is no variance.
    if (total <= n * (1e-12 * mean) ** 2) return none();
    return fit(Y).map((b, j) => (b ** 2 * squares[j]!) / total);
  };
}
