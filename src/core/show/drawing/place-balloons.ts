import type { Dimension, Primitive, Pt } from './primitives';

export interface BalloonWish {
  readonly jointId: string;
  readonly number: number;
  readonly target: Pt;
  readonly side: 'above' | 'below';
}

/** Radius of a balloon, and the air that it keeps [mm of paper]. */
const RADIUS = 2.6;
const AIR = 1;
/** Half the width and height that a dimension's label may take in either language [mm of paper]. */
const LABEL_HALF = { long: 14, high: 2.4 } as const;
/** Distances and directions that are tried, the usual ones first; direction 0 is straight up or down, positive to the right. */
const REACHES = [11, 8, 14, 17, 20] as const;
const DIRECTIONS = [0.45, -0.45, 0.9, -0.9, 0, 1.25, -1.25, 1.5, -1.5] as const;

interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/**
 * Puts each balloon at the first place, of a fixed list round its target, where it touches no dimension, label or other
 * balloon and stays on the paper; the far side is tried when its own is full. With no free place it takes the first.
 */
export function placeBalloons(
  wishes: readonly BalloonWish[],
  dimensions: readonly Dimension[],
  size: { readonly widthMm: number; readonly heightMm: number },
): Primitive[] {
  const taken: Box[] = dimensions.flatMap((dimension) => [
    boxOf([dimension.from, dimension.to], 0, 0),
    labelBox(dimension),
  ]);
  return wishes.map(({ jointId, number, target, side }) => {
    const places = [side, side === 'above' ? 'below' : 'above'].flatMap((each) =>
      around(target, each === 'above' ? -1 : 1),
    );
    const at = places.find((place) => onPaper(place, size) && taken.every((box) => clears(place, box))) ?? places[0]!;
    taken.push(boxOf([at], RADIUS, RADIUS));
    return { kind: 'balloon', at, target, number, jointId };
  });
}

function around([x, y]: Pt, sign: 1 | -1): Pt[] {
  return REACHES.flatMap((reach) =>
    DIRECTIONS.map((direction): Pt => [x + reach * Math.sin(direction), y + sign * reach * Math.cos(direction)]),
  );
}

const labelBox = ({ textAt, turned }: Dimension): Box =>
  turned
    ? boxOf([textAt], LABEL_HALF.high, LABEL_HALF.long / 1.6)
    : boxOf([[textAt[0], textAt[1] - 1]], LABEL_HALF.long, LABEL_HALF.high);

const onPaper = ([x, y]: Pt, { widthMm, heightMm }: { widthMm: number; heightMm: number }) =>
  x >= RADIUS + AIR && y >= RADIUS + AIR && x <= widthMm - RADIUS - AIR && y <= heightMm - RADIUS - AIR;

const clears = ([x, y]: Pt, box: Box) =>
  Math.hypot(Math.max(box.left - x, 0, x - box.right), Math.max(box.top - y, 0, y - box.bottom)) >= RADIUS + AIR / 2;

function boxOf(points: readonly Pt[], halfX: number, halfY: number): Box {
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  return {
    left: Math.min(...xs) - halfX,
    right: Math.max(...xs) + halfX,
    top: Math.min(...ys) - halfY,
    bottom: Math.max(...ys) + halfY,
  };
}
