/** A point [x, y] in metres. */
export type XY = readonly [number, number];

/** A straight cut through a profile: what lies beyond the point along the normal is filed away. */
export interface Cut {
  readonly atM: XY;
  readonly normalRad: number;
}

const beyond = ([x, y]: XY, { atM, normalRad }: Cut): number =>
  (x - atM[0]) * Math.cos(normalRad) + (y - atM[1]) * Math.sin(normalRad);

/** What is left of a polygon after a cut (Sutherland and Hodgman 1974, CACM 17, 32); empty where all of it lies beyond. */
export function clipped(profile: readonly XY[], cut: Cut): readonly XY[] {
  return profile.flatMap((point, i): XY[] => {
    const next = profile[(i + 1) % profile.length]!;
    const [here, there] = [beyond(point, cut), beyond(next, cut)];
    const kept: XY[] = here <= 0 ? [point] : [];
    if (here > 0 === there > 0 || here === 0 || there === 0) return kept;
    const s = here / (here - there);
    return [...kept, [point[0] + s * (next[0] - point[0]), point[1] + s * (next[1] - point[1])]];
  });
}

const turn = (o: XY, a: XY, b: XY): number => (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);

/** Convex hull, counterclockwise, without points on its edges (Andrew 1979, Inf. Proc. Lett. 9, 216). */
export function hullOf(points: readonly XY[]): readonly XY[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const size = Math.max(...points.map(([x, y]) => Math.hypot(x - sorted[0]![0], y - sorted[0]![1])), 1e-12);
  const half = (list: readonly XY[]): XY[] => {
    const chain: XY[] = [];
    for (const point of list) {
      // A bend of less than a rounding error is no corner.
      while (chain.length > 1 && turn(chain.at(-2)!, chain.at(-1)!, point) <= 1e-12 * size ** 2) chain.pop();
      chain.push(point);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}
