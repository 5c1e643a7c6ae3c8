type XY = readonly [x: number, y: number];

/** A piece of the track in one colour; `level` null: nothing was read there. */
export interface Run {
  readonly level: number | null;
  readonly path: string;
}

/** Where nothing was read for so long the track is not drawn [s]. */
const GAP_S = 180;

/** A track in as few pieces as its colours allow, in the order in which it was fished: each step has the colour of its end. */
export function trackRuns(
  points: readonly { readonly tS: number; readonly at: XY; readonly level: number | null }[],
): readonly Run[] {
  const runs: { level: number | null; path: string; until: number }[] = [];
  points.forEach(({ tS, at, level }, i) => {
    const before = points[i - 1];
    if (!before || tS - before.tS > GAP_S) return;
    const last = runs.at(-1);
    if (last?.level === level && last.until === i - 1) {
      last.path += `L${text(at)}`;
      last.until = i;
    } else runs.push({ level, path: `M${text(before.at)}L${text(at)}`, until: i });
  });
  return runs.map(({ level, path }) => ({ level, path }));
}

const text = ([x, y]: XY): string => `${x.toFixed(1)},${y.toFixed(1)}`;
