/** A linear fit, and how far its columns are from telling the same. */
export interface LinearFit {
  readonly solution: readonly number[];
  /** what of the least independent column the others do not say already, 0..1 of its length */
  readonly independence: number;
}

/**
 * Least squares of A·x = b by Gram and Schmidt with the most independent column first.
 * A column of zeros, or fewer rows than columns, has independence 0 and no solution (NaN).
 */
export function linearLeastSquares(A: readonly (readonly number[])[], b: readonly number[]): LinearFit {
  const n = A[0]?.length ?? 0;
  const lengths = Array.from({ length: n }, (_, j) => Math.hypot(...A.map((row) => row[j]!)));
  const Q: number[][] = lengths.map((length, j) => A.map((row) => (length === 0 ? 0 : row[j]! / length)));
  const R = Q.map(() => new Array<number>(n).fill(0));
  const order: number[] = [];
  let rest = [...b];
  const along: number[] = [];
  let independence = 1;
  for (let step = 0; step < n; step += 1) {
    const free = Q.map((column, j) => ({ j, left: order.includes(j) ? -1 : Math.hypot(...column) }));
    const { j, left } = free.reduce((most, each) => (each.left > most.left ? each : most));
    order.push(j);
    independence = Math.min(independence, left);
    const q = Q[j]!.map((value) => value / left);
    R[step]![j] = left;
    for (const k of free.filter((each) => each.j !== j && !order.includes(each.j)).map((each) => each.j)) {
      const dot = sum(q, Q[k]!);
      R[step]![k] = dot;
      Q[k] = Q[k]!.map((value, i) => value - dot * q[i]!);
    }
    const dot = sum(q, rest);
    along.push(dot);
    rest = rest.map((value, i) => value - dot * q[i]!);
  }
  const solution = new Array<number>(n).fill(NaN);
  for (let step = n - 1; step >= 0; step -= 1) {
    const j = order[step]!;
    const later = order.slice(step + 1).reduce((total, k) => total + R[step]![k]! * solution[k]! * lengths[k]!, 0);
    solution[j] = (along[step]! - later) / (R[step]![j]! * lengths[j]!);
  }
  return { solution, independence: A.length < n ? 0 : independence };
}

const sum = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((total, value, i) => total + value * b[i]!, 0);
