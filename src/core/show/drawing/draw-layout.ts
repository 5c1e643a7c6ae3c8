import { circle, path, placed, type Pen, type Primitive, type Pt } from './primitives';
import type { Laid, Layout } from './layout';

/** A laid-out rig as primitives on paper, the line along y = 0 of `move`. */
export function drawLayout(layout: Layout, f: number, at: Pt, firstPen: Pen): Primitive[] {
  const [x0, top] = at;
  const primitives: Primitive[] = [];
  let pen = firstPen;
  let from: Pt = [x0 + layout.leftMm, top];
  let passing: { readonly under: number; readonly right: number } | null = null;
  layout.laid.forEach((each, i) => {
    const x = x0 + each.x;
    const y0 = top + each.y;
    if (each.from) {
      from = [x0 + each.from[0], top + each.from[1]];
      passing = null;
      primitives.push(
        path('leader', [from, [x, y0]], each.item.kind === 'piece' ? { jointId: each.item.jointId } : {}),
      );
      from = [x, y0];
    }
    if (each.item.kind === 'piece') {
      pen = 'leader';
      primitives.push(...(passing ? below(from, [x, y0], passing, each.item.jointId) : straight(from, [x, y0], pen)));
      primitives.push(
        ...brokenLine(
          [x, y0],
          [x + each.widthMm, y0],
          each.item.lengthM * 1e3 * f > each.widthMm + 0.01,
          each.item.jointId,
        ),
      );
      from = [x + each.widthMm, y0];
      passing = null;
      return;
    }
    const { shape, isEnd } = each.item;
    primitives.push(...(passing ? below(from, [x, y0], passing, undefined) : straight(from, [x, y0], pen)));
    passing = null;
    if (!isEnd && shape.exit[0] > 0 && runsThrough(each))
      primitives.push(
        path(pen, [
          [x, y0],
          [x + shape.exit[0] * f, y0],
        ]),
      );
    primitives.push(...placed(shape.primitives, ([px, py]: Pt): Pt => [x + px * f, y0 + py * f], f));
    from = isEnd ? [x, y0] : [x + shape.exit[0] * f, y0 + shape.exit[1] * f];
    const next = layout.laid[i + 1];
    if (isEnd && next && next.y === each.y)
      passing = { under: y0 + Math.max(2, shape.bottom * f + 1.6), right: x + shape.right * f };
  });
  return primitives;
}

/** Threaded things show the line before and behind, not across them; it is drawn first, so they cover it. */
const runsThrough = ({ item }: Laid): boolean => item.kind === 'shape' && item.shape.exit[0] > 0;

const straight = (from: Pt, to: Pt, pen: Pen): Primitive[] => (to[0] - from[0] < 0.05 ? [] : [path(pen, [from, to])]);

/** Line that goes on from the eye of a bait, below it and up again behind. */
const below = (
  from: Pt,
  to: Pt,
  { under, right }: { readonly under: number; readonly right: number },
  jointId: string | undefined,
): Primitive[] => [
  path(
    'leader',
    [from, [from[0] + (under - from[1]) * 0.5, under], [right - 1, under], to],
    jointId === undefined ? {} : { jointId },
  ),
  circle('knot', from, 0.5),
];

/** A piece of line with a break where it is drawn shorter than it is. */
function brokenLine(from: Pt, to: Pt, isBroken: boolean, jointId: string): Primitive[] {
  if (!isBroken || to[0] - from[0] < 6) return [path('leader', [from, to], { jointId })];
  const mid = (from[0] + to[0]) / 2;
  return [
    path('leader', [from, [mid - 2, from[1]]], { jointId }),
    breakMark(mid, from[1]),
    path('leader', [[mid + 2, from[1]], to], { jointId }),
  ];
}

export const breakMark = (x: number, y: number): Primitive =>
  path('break', [
    [x - 2.2, y + 2.2],
    [x - 0.6, y - 1.8],
    [x + 0.6, y + 1.8],
    [x + 2.2, y - 2.2],
  ]);
