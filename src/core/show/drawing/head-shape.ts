import type { WeightShape } from '../../tackle/defaults/weight-shapes';
import { arc, type Pt } from './primitives';

/** Outline of a weight from the side, its nose at the origin, its base at x = length [mm, y down]. */
export function weightOutline(shape: WeightShape, diameterMm: number, lengthMm: number): Pt[] {
  const R = diameterMm / 2;
  switch (shape) {
    case 'sphere':
      return arc([R, 0], R, Math.PI, 3 * Math.PI, 33);
    case 'football':
      return arc([0, 0], 1, Math.PI, 3 * Math.PI, 33).map(([x, y]): Pt => [(lengthMm / 2) * (1 + x), R * y]);
    case 'bullet':
      return [
        [0, -0.12 * R],
        [0.08 * lengthMm, -0.42 * R],
        [0.25 * lengthMm, -0.74 * R],
        [0.5 * lengthMm, -0.95 * R],
        [0.78 * lengthMm, -R],
        [lengthMm, -0.94 * R],
        [0.9 * lengthMm, 0],
        [lengthMm, 0.94 * R],
        [0.78 * lengthMm, R],
        [0.5 * lengthMm, 0.95 * R],
        [0.25 * lengthMm, 0.74 * R],
        [0.08 * lengthMm, 0.42 * R],
        [0, 0.12 * R],
      ];
    case 'cone':
      return [
        [0, -0.12 * R],
        [0.9 * lengthMm, -R],
        [lengthMm, -0.8 * R],
        [lengthMm, 0.8 * R],
        [0.9 * lengthMm, R],
        [0, 0.12 * R],
      ];
    default:
      return shape satisfies never;
  }
}
