/** How near options come to each other and to what stays. */
export interface Distances {
  /** ways of each line */
  readonly counts: readonly number[];
  /** of two ways of two lines, i < j; −Infinity where they cannot go together */
  readonly apart: (i: number, a: number, j: number, b: number) => number;
  /** of one way, from what stays */
  readonly alone: (i: number, a: number) => number;
}

/**
 * The choice of one way a line whose least distance is greatest; null where no choice goes together at all.
 *
 * Method: the least distance of a choice is one of the distances given, so the greatest that can be had is found by halving
 * their sorted list. Whether one can be had is decided exactly: depth first, always the line with the fewest ways left, and
 * what a choice rules out is struck from all others at once.
 */
export function bestChoice(
  distances: Distances,
): { readonly choice: readonly number[]; readonly leastM: number } | null {
  const sorted = [...new Set(allOf(distances))].filter((m) => m > -Infinity).sort((p, q) => p - q);
  if (sorted.length === 0) return null;
  let found = feasible(distances, sorted[0]!);
  if (!found) return null;
  let [lo, hi] = [0, sorted.length - 1];
  while (lo < hi) {
    const middle = Math.ceil((lo + hi) / 2);
    const next = feasible(distances, sorted[middle]!);
    if (next) [lo, found] = [middle, next];
    else hi = middle - 1;
  }
  return { choice: found, leastM: sorted[lo]! };
}

function* allOf({ counts, apart, alone }: Distances): Generator<number> {
  for (let i = 0; i < counts.length; i += 1)
    for (let a = 0; a < counts[i]!; a += 1) {
      yield alone(i, a);
      for (let j = i + 1; j < counts.length; j += 1) for (let b = 0; b < counts[j]!; b += 1) yield apart(i, a, j, b);
    }
}

/** A choice whose pairs all stand at least so far apart; null where there is none. */
function feasible({ counts, apart, alone }: Distances, leastM: number): readonly number[] | null {
  const choice = counts.map(() => -1);
  const fits = (i: number, a: number, j: number, b: number): boolean =>
    (i < j ? apart(i, a, j, b) : apart(j, b, i, a)) >= leastM;
  const search = (open: readonly (readonly number[] | null)[]): boolean => {
    let line = -1;
    for (const [i, ways] of open.entries()) if (ways && (line < 0 || ways.length < open[line]!.length)) line = i;
    if (line < 0) return true;
    for (const way of open[line]!) {
      choice[line] = way;
      const left = open.map((ways, j) =>
        j === line || ways === null ? null : ways.filter((each) => fits(line, way, j, each)),
      );
      if (left.every((ways) => ways === null || ways.length > 0) && search(left)) return true;
    }
    return false;
  };
  const ways = counts.map((count, i) =>
    Array.from({ length: count }, (_, k) => k).filter((way) => alone(i, way) >= leastM),
  );
  return ways.every((each) => each.length > 0) && search(ways) ? choice : null;
}
