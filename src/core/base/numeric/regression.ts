/**
 * Shares of a figure's variance that come from each of several inputs, by linear regression; the inputs are decomposed once.
 *
 * Model: y − ȳ = Σ b·(x − x̄), least squares through the normal equations by Cholesky; share b²·var(x)/var(y). A figure that
 * does not vary has shares 0. Rows no more than inputs say nothing: all 0.
 */
export function regression(rows: readonly (readonly number[])[]): (figures: readonly number[]) => readonly number[] {
  const n = rows.length;
  const d = rows[0]?.length ?? 0;
  const none = () => new Array<number>(d).fill(0);
  if (n <= d + 1 || d === 0) return none;
  const means = Array.from({ length: d }, (_, j) => rows.reduce((sum, row) => sum + row[j]!, 0) / n);
  const X = rows.map((row) => row.map((x, j) => x - means[j]!));
  const A = Array.from({ length: d }, (_, i) =>
    Array.from({ length: i + 1 }, (_, j) => X.reduce((sum, row) => sum + row[i]! * row[j]!, 0)),
  );
  const G = cholesky(A);
  return (figures) => {
    const mean = figures.reduce((sum, y) => sum + y, 0) / n;
    const Y = figures.map((y) => y - mean);
    const total = Y.reduce((sum, y) => sum + y * y, 0);
    // Rounding of equal figures is no variance.
    if (total <= n * (1e-12 * mean) ** 2) return none();
    const b = solve(
      G,
      Array.from({ length: d }, (_, j) => X.reduce((sum, row, i) => sum + row[j]! * Y[i]!, 0)),
    );
    return b.map((each, j) => (each ** 2 * A[j]![j]!) / total);
  };
}

/** Lower triangle G with G·Gᵀ = A, of a positive definite A given by its lower triangle. */
function cholesky(A: readonly (readonly number[])[]): number[][] {
  const G: number[][] = [];
  A.forEach((row, i) => {
    const g: number[] = [];
    for (let j = 0; j <= i; j += 1) {
      const rest = row[j]! - g.slice(0, j).reduce((sum, each, k) => sum + each * (j === i ? g[k]! : G[j]![k]!), 0);
      g.push(i === j ? Math.sqrt(rest) : rest / G[j]![j]!);
    }
    G.push(g);
  });
  return G;
}

function solve(G: readonly (readonly number[])[], right: readonly number[]): number[] {
  const y: number[] = [];
  G.forEach((row, i) => y.push((right[i]! - row.slice(0, i).reduce((sum, g, k) => sum + g * y[k]!, 0)) / row[i]!));
  const x = new Array<number>(y.length).fill(0);
  for (let i = y.length - 1; i >= 0; i -= 1) {
    const rest = x.slice(i + 1).reduce((sum, value, k) => sum + G[i + 1 + k]![i]! * value, 0);
    x[i] = (y[i]! - rest) / G[i]![i]!;
  }
  return x;
}
