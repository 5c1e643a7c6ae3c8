import { POINT_LEG } from '../hook';
import { arc, path, type Pt } from './primitives';

export interface HookShape {
  readonly gapMm: number;
  readonly shankMm: number;
  readonly wireMm: number;
}

/** A hook from the side: eye at the origin, shank aft along x, point leg `gap` above the shank (y down) [mm]. */
export interface HookOutline {
  readonly wire: readonly Pt[];
  readonly barb: readonly Pt[];
  readonly tip: Pt;
}

/**
 * Wire of a hook whose shank lies `dropMm` below the eye, as on an offset worm hook; 0 is a straight shank.
 * The bend is a half circle over the gap, the point leg the length that the mass rule counts.
 */
export function hookOutline({ gapMm, shankMm, wireMm }: HookShape, dropMm: number): HookOutline {
  const R = gapMm / 2;
  const offset = dropMm === 0 ? 0 : 0.1 * shankMm;
  const bendX = shankMm - R;
  const tip: Pt = [bendX - POINT_LEG * shankMm, dropMm - gapMm];
  const wire: Pt[] = [
    [0, 0],
    ...(dropMm !== 0 ? ([[offset, 0], [offset + 0.25 * dropMm, 0.25 * dropMm], [offset + 0.45 * dropMm, dropMm]] satisfies Pt[]) : []),
    [bendX, dropMm],
    ...arc([bendX, dropMm - R], R, Math.PI / 2, -Math.PI / 2).slice(1),
    tip,
  ];
  return { wire, barb: [[tip[0] + 2.2 * wireMm, tip[1]], [tip[0] + 3.4 * wireMm, tip[1] + 1.3 * wireMm]], tip };
}

export const drawHook = (outline: HookOutline, jointId: string) => [path('hook', outline.wire, { jointId }), path('point', outline.barb)];
