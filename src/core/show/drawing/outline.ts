import type { Pt } from './primitives';

/** Size of a body as it is drawn [mm]. */
export interface Size {
  readonly lengthMm: number;
  readonly heightMm: number;
}

/** A body by half heights along it, back and belly, mirrored or not. */
export function outline(
  { lengthMm: L, heightMm: H }: Size,
  back: readonly (readonly [number, number])[],
  belly: readonly (readonly [number, number])[],
): Pt[] {
  return [
    ...smooth(back.map(([x, y]): Pt => [x * L, (-y * H) / 2])),
    ...smooth([...belly].reverse().map(([x, y]): Pt => [x * L, (y * H) / 2])),
  ];
}

/** A curve through points, five steps between two (Catmull and Rom 1974). */
export function smooth(points: readonly Pt[]): Pt[] {
  return points
    .slice(0, -1)
    .flatMap((p1, i) => {
      const [p0, p2] = [points[Math.max(0, i - 1)]!, points[i + 1]!];
      const p3 = points[Math.min(points.length - 1, i + 2)]!;
      return Array.from({ length: 5 }, (_, k): Pt => {
        const t = k / 5;
        const at = (j: 0 | 1) =>
          0.5 *
          (2 * p1[j] +
            (p2[j] - p0[j]) * t +
            (2 * p0[j] - 5 * p1[j] + 4 * p2[j] - p3[j]) * t ** 2 +
            (3 * p1[j] - p0[j] - 3 * p2[j] + p3[j]) * t ** 3);
        return [at(0), at(1)];
      });
    })
    .concat([points.at(-1)!]);
}

export const FISH_BACK = [
  [0, 0],
  [0.03, 0.35],
  [0.1, 0.66],
  [0.22, 0.92],
  [0.36, 1],
  [0.55, 0.86],
  [0.75, 0.54],
  [0.9, 0.3],
  [1, 0.22],
] as const;
export const FISH_BELLY = [
  [0, 0],
  [0.03, 0.4],
  [0.1, 0.75],
  [0.24, 1],
  [0.4, 0.98],
  [0.6, 0.74],
  [0.78, 0.44],
  [0.9, 0.26],
  [1, 0.22],
] as const;
