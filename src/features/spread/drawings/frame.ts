import type { Point } from '@/core/afloat';
import type { Geometry } from './geometry';

/** What has to be seen: forward of the transom, aft of it, to either side and down [m]. */
export interface Extent {
  readonly aheadM: number;
  readonly aftM: number;
  readonly asideM: number;
  readonly deepM: number;
}

export function extentOf(geometry: Geometry, lengthM: number, deepestM: number): Extent {
  const points = geometry.flatMap(({ pieces }) => pieces.flatMap((piece) => piece.points));
  const most = (of: (point: Point) => number, least: number) => points.reduce((m, p) => Math.max(m, of(p)), least);
  return {
    aheadM: lengthM,
    aftM: most(([, y]) => y, 12),
    asideM: most(([x]) => Math.abs(x), 5),
    deepM: Math.max(
      4,
      deepestM,
      most(([, , z]) => z, 0),
    ),
  };
}

export interface Frame {
  /** from metres aft of the transom to the page */
  readonly along: (yM: number) => number;
  /** from metres to starboard to the page */
  readonly across: (xM: number) => number;
  readonly perM: number;
  /** +1 where aft is to the right of the page */
  readonly aft: 1 | -1;
}

const PAD = { ahead: 34, aft: 96, aside: 20 } as const;

/** One scale for the picture from above and the one from the side, with one axis aft. Starboard is up when the bow is left. */
export function frameFor(
  { aheadM, aftM, asideM }: Extent,
  { width, height, facing }: { readonly width: number; readonly height: number; readonly facing: 'forward' | 'aft' },
): Frame {
  const perM = Math.max(
    0.2,
    Math.min((width - PAD.ahead - PAD.aft) / (aheadM + aftM), (height - 2 * PAD.aside - 8) / (2 * asideM)),
  );
  const middle = height / 2 + 4;
  const aft = facing === 'forward' ? 1 : -1;
  const begin = PAD.ahead + aheadM * perM;
  return {
    perM,
    aft,
    along: (yM) => (aft === 1 ? begin + yM * perM : width - begin - yM * perM),
    across: (xM) => middle - aft * xM * perM,
  };
}

/** Labels moved apart down the page, so that none lies on another; each stays as near to its place as it can. */
export function movedApart(
  labels: readonly { readonly x: number; readonly y: number }[],
  { dx, dy, top, bottom }: { readonly dx: number; readonly dy: number; readonly top: number; readonly bottom: number },
): readonly number[] {
  const order = labels.map((_, i) => i).sort((a, b) => labels[a]!.y - labels[b]!.y);
  const ys = labels.map(({ y }) => y);
  for (let round = 0; round < 12; round += 1)
    for (const [k, i] of order.entries())
      for (const j of order.slice(k + 1)) {
        if (Math.abs(labels[i]!.x - labels[j]!.x) >= dx) continue;
        const short = dy - (ys[j]! - ys[i]!);
        if (short <= 0) continue;
        ys[i] = Math.max(top, ys[i]! - short / 2);
        ys[j] = Math.min(bottom, ys[j]! + short / 2);
      }
  return ys;
}
