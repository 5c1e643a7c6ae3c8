import type { InWater } from '../use-water';

/** The picture in metres: from left (ahead of the tip) to right, from above the water to below the deepest thing. */
export interface Extent {
  readonly leftM: number;
  readonly rightM: number;
  readonly topM: number;
  readonly deepM: number;
}

/** From metres to the page; depths may be drawn larger than distances, which the picture then says. */
export interface ColumnScale {
  readonly x: (behindM: number) => number;
  readonly y: (depthM: number) => number;
  readonly perM: number;
  readonly stretch: number;
}

const MARGIN = { left: 74, right: 46, top: 12, bottom: 26 } as const;

/** What has to be seen of all lines, bottom and boat. */
export function extentOf(lines: readonly InWater[], deepestBottomM: number, boatM: number): Extent {
  const behind = lines.map(({ run, setup }) =>
    setup.presentation.kind === 'cast' ? setup.presentation.distanceM : (run?.running.behindM ?? 20),
  );
  const deep = lines.map(({ run, setup }) =>
    setup.presentation.kind === 'cast'
      ? 1.3 * setup.presentation.depthM
      : Math.max(run?.running.depthM ?? 0, setup.presentation.wanted.depth.toM),
  );
  const top = lines.map(({ run }) => run?.running.tipHeightM ?? 2);
  return {
    leftM: -boatM,
    rightM: Math.max(4, ...behind) * 1.06,
    topM: Math.max(1.5, ...top) + 0.4,
    deepM: Math.max(2, ...deep, deepestBottomM) * 1.06,
  };
}

/** The largest scale at which the extent fits, and so many times deeper. */
export function scaleFor(
  { leftM, rightM, topM, deepM }: Extent,
  width: number,
  height: number,
  stretch: number,
): ColumnScale {
  const w = Math.max(50, width - MARGIN.left - MARGIN.right);
  const h = Math.max(50, height - MARGIN.top - MARGIN.bottom);
  const perM = Math.min(w / (rightM - leftM), h / (topM + deepM * stretch));
  return {
    perM,
    stretch,
    x: (behindM) => MARGIN.left + (behindM - leftM) * perM,
    y: (depthM) => MARGIN.top + topM * perM + (depthM > 0 ? depthM * stretch : depthM) * perM,
  };
}

/** Height that a picture of this width needs, no more [px]. */
export function neededPx(extent: Extent, width: number, height: number, stretch: number): number {
  const { perM } = scaleFor(extent, width, height, stretch);
  return Math.min(height, MARGIN.top + MARGIN.bottom + 14 + (extent.topM + extent.deepM * stretch) * perM);
}

/** How many times deeper the picture may be drawn before the water no longer fits. */
export function mostStretch(extent: Extent, width: number, height: number): number {
  const { perM } = scaleFor(extent, width, height, 1);
  const room = (height - MARGIN.top - MARGIN.bottom - extent.topM * perM) / (extent.deepM * perM);
  return [10, 8, 5, 4, 3, 2].find((times) => times <= room + 0.15) ?? 1;
}
