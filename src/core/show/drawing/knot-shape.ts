import type { KnotPattern } from '../../tackle/defaults/knots';
import { circle, path, type Primitive, type Pt } from './primitives';

/** Wraps of one line round another that lies along x: a flat spring seen from the side. */
const wraps = (from: number, turns: number, pitch: number, half: number): Pt[] =>
  Array.from({ length: turns * 12 + 1 }, (_, i): Pt => [
    from + (i / 12) * pitch,
    half * Math.sin((i / 12) * 2 * Math.PI),
  ]);

const mirrored = (points: readonly Pt[]): Pt[] => points.map(([x, y]): Pt => [x, -y]);
const eye = (x: number, id: string): Primitive => circle('hook', [x, 0], 4, id);

/**
 * How a knot runs, before it is drawn tight: which line goes where. Not to scale of any line; the way round is what it shows.
 * The line comes from the left; a hook's eye or the leader is at the right.
 */
export function drawKnot(pattern: KnotPattern, id: string): Primitive[] {
  const line = (points: readonly Pt[]) => path('line', points, { jointId: id });
  const leader = (points: readonly Pt[]) => path('leader', points, { jointId: id });
  switch (pattern) {
    case 'crossed-wrap': {
      // Braid wound crosswise over a straight leader, out and back.
      const out = wraps(14, 5, 4, 3.2);
      return [
        leader([
          [8, 0],
          [70, 0],
        ]),
        line([[0, 5], [10, 4], ...out]),
        line([...mirrored(out).reverse(), [10, -5], [6, -8]]),
      ];
    }
    case 'double-wrap':
      return [
        line([[0, 0], [12, 0], ...wraps(12, 3, 4.5, 3.4), [36, -6]]),
        leader([
          [72, 0],
          [58, 0],
          ...wraps(36, 3, 4.5, 3.4)
            .reverse()
            .map(([x, y]): Pt => [x + 8, -y]),
          [34, 7],
        ]),
      ];
    case 'doubled-eye':
      // The doubled line through the eye, its loop passed back over the hook.
      return [
        eye(60, id),
        line([
          [0, -1.6],
          [22, -1.6],
          [56, -1.6],
          [64, 0],
          [56, 1.6],
          [22, 1.6],
          [10, 1.6],
        ]),
        leader([
          [22, -1.6],
          [26, -8],
          [36, -9],
          [40, 0],
          [36, 9],
          [26, 8],
          [22, 1.6],
        ]),
        leader([
          [40, -6],
          [58, -11],
          [70, 0],
          [58, 11],
          [40, 6],
        ]),
      ];
    case 'wrapped-eye':
      return [
        eye(60, id),
        line([
          [0, 0],
          [56, 0],
          [64, 0],
        ]),
        leader([
          [64, 0],
          [60, -6],
          [52, -3],
          ...wraps(24, 5, 5, 3.4).reverse(),
          [30, -9],
          [50, -9],
          [55, -3],
          [48, 5],
          [40, 10],
        ]),
      ];
    case 'open-loop':
      return [
        eye(72, id),
        line([
          [0, 0],
          [20, 0],
          [30, -6],
          [38, 0],
          [30, 6],
          [20, 0],
        ]),
        leader([
          [38, 0],
          [52, -7],
          [68, -4],
          [76, 0],
          [68, 4],
          [52, 7],
          [36, 2],
          ...wraps(8, 2, 5, 3).reverse(),
          [18, 8],
        ]),
      ];
    default:
      return pattern satisfies never;
  }
}
