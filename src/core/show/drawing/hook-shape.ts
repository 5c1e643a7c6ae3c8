import { POINT_LEG } from '../../tackle';
import { arc, circle, path, type Primitive, type Pt } from './primitives';

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
    ...(dropMm !== 0
      ? ([
          [offset, 0],
          [offset + 0.25 * dropMm, 0.25 * dropMm],
          [offset + 0.45 * dropMm, dropMm],
        ] satisfies Pt[])
      : []),
    [bendX, dropMm],
    ...arc([bendX, dropMm - R], R, Math.PI / 2, -Math.PI / 2).slice(1),
    tip,
  ];
  return {
    wire,
    barb: [
      [tip[0] + 2.2 * wireMm, tip[1]],
      [tip[0] + 3.4 * wireMm, tip[1] + 1.3 * wireMm],
    ],
    tip,
  };
}

export const drawHook = (outline: HookOutline, jointId: string) => [
  path('hook', outline.wire, { jointId }),
  path('point', outline.barb),
];

/** Eye of a hook, before its shank [mm]. */
export const eyeRadiusMm = (wireMm: number): number => 1.5 * wireMm;

/**
 * A hook that hangs free, eye at the origin, along +x: with three bends the second is seen from the front and the third,
 * nearer the eye of the beholder, along the shank.
 */
export function drawHanging(hook: HookShape, bends: 1 | 3, jointId: string): Primitive[] {
  const { gapMm, shankMm, wireMm } = hook;
  const single = hookOutline(hook, 0);
  const eye = circle('hook', [0, 0], eyeRadiusMm(wireMm), jointId);
  const mirrored = (points: readonly Pt[]): Pt[] => points.map(([x, y]): Pt => [x, -y]);
  if (bends === 1)
    return [
      ...drawHook(
        {
          ...single,
          wire: single.wire.map(([x, y]): Pt => [x, y + gapMm / 2]),
          barb: single.barb.map(([x, y]): Pt => [x, y + gapMm / 2]),
        },
        jointId,
      ),
      eye,
    ];
  const front: Pt[] = [
    [shankMm - gapMm * 0.5, 0],
    [shankMm - gapMm * 0.12, gapMm * 0.14],
    [shankMm - gapMm * 0.2, gapMm * 0.3],
    [shankMm - gapMm * 0.62, gapMm * 0.26],
  ];
  const side = single.wire;
  return [
    ...drawHook(single, jointId),
    path('hook', mirrored(side), { jointId }),
    path('point', mirrored(single.barb)),
    path('hook', front, { jointId }),
    eye,
  ];
}
