import { POINT_LEG, weightSize } from '../../tackle';
import type { Barb } from '../../tackle/defaults/hookset-classes';
import { HOOK_STYLES, type HookStyle } from '../../tackle/defaults/hook-classes';
import { SHANK_WEIGHT_AT } from '../../rig';
import { oval } from './hardware-shape';
import { weightOutline } from './head-shape';
import { arc, circle, path, type Primitive, type Pt } from './primitives';

export interface HookShape {
  readonly style: HookStyle;
  readonly barb: Barb;
  readonly gapMm: number;
  readonly shankMm: number;
  readonly wireMm: number;
  /** length of a blade on it; null: none */
  readonly bladeMm: number | null;
  readonly shankWeightKg: number;
}

/** How high the arms of a hook stand as seen from the side, a little turned so that none hides another. */
const ARMS = { 1: [1], 2: [1, 0.42], 3: [1, -0.3, -0.72] } as const satisfies Record<number, readonly number[]>;

/**
 * A hook from the side: eye at the origin, shank aft along x, the first point a gap above the shank (y down) [mm]. The
 * shank of an offset or wide-gap hook lies `dropMm` below its eye; with no drop given it has the one that it is made with.
 */
export function drawHook(hook: HookShape, jointId: string, dropMm: number | null = null): Primitive[] {
  const drop = dropMm ?? OWN_DROP[hook.style] * hook.gapMm;
  const arms = ARMS[HOOK_STYLES[hook.style].bends].map((height) => armOf(hook, drop, height));
  return [
    ...arms.flatMap(({ wire, barb }) => [path('hook', wire, { jointId }), ...barb.map((line) => path('point', line))]),
    ...keepersOf(hook, drop),
    ...eyeOf(hook, jointId),
    ...shankWeightOf(hook, drop, jointId),
    ...bladeOf(hook, jointId),
  ];
}

/** Styles whose shank lies below the eye, as a share of the gap. */
const OWN_DROP: Readonly<Record<HookStyle, number>> = {
  'worm-offset': 0.32,
  'wide-gap': 0.4,
  'worm-straight': 0,
  jig: 0,
  'single-inline': 0,
  double: 0,
  treble: 0,
  circle: 0,
  bait: 0,
  stinger: 0,
};

interface Arm {
  readonly wire: readonly Pt[];
  readonly barb: readonly (readonly Pt[])[];
}

/** One shank, bend and point, its point `height` gaps above the shank. */
function armOf({ style, barb, gapMm, shankMm, wireMm }: HookShape, drop: number, height: number): Arm {
  const R = gapMm / 2;
  const bendX = shankMm - R;
  const leg = POINT_LEG * shankMm;
  const up = ([x, y]: Pt): Pt => [x, drop + height * y];
  const offset = 0.1 * shankMm;
  const shank: Pt[] =
    drop === 0
      ? [[0, 0]]
      : [
          [0, 0],
          [offset, 0],
          [offset + 0.25 * drop, 0.25 * drop],
          [offset + 0.45 * drop, drop],
        ];
  const { bend, tip } = bendOf(style, bendX, R, leg);
  const [tipX, tipY] = tip;
  const fine = barb === 'micro' ? 0.6 : 1;
  const last = bend.at(-1)!;
  // Along the point's leg, back from the tip.
  const along = Math.atan2(last[1] - tipY, last[0] - tipX);
  const back = (distance: number, aside: number): Pt => [
    tipX + distance * Math.cos(along) - aside * Math.sin(along),
    tipY + distance * Math.sin(along) + aside * Math.cos(along),
  ];
  return {
    wire: [...shank, ...[...bend, tip].map(up)],
    barb:
      barb === 'barbless'
        ? []
        : [[back(2.2 * fine * wireMm, 0), back((2.2 + 1.2 * fine) * wireMm, 1.3 * fine * wireMm)].map(up)],
  };
}

/** From the shank's end round to where the point's leg begins, and the tip; the shank lies at height zero. */
function bendOf(style: HookStyle, bendX: number, R: number, leg: number): { bend: readonly Pt[]; tip: Pt } {
  const round = arc([bendX, -R], R, Math.PI / 2, -Math.PI / 2).slice(1);
  switch (style) {
    case 'wide-gap':
      // The bend bulges below the shank and behind it, so that a thick body finds room.
      return {
        bend: [
          [bendX - 1.5 * R, 0],
          [bendX - 0.6 * R, 0.16 * R],
          ...arc([bendX - 0.02 * R, -0.92 * R], 1.08 * R, Math.PI / 2, -Math.PI / 2).slice(1),
        ],
        tip: [bendX - leg, -2 * R],
      };
    case 'circle':
      // The point is turned in and looks at the shank.
      return {
        bend: [[bendX, 0], ...arc([bendX, -R], R, Math.PI / 2, -0.72 * Math.PI).slice(1)],
        tip: [bendX - 1.02 * R, -1.05 * R],
      };
    case 'bait':
      return { bend: [[bendX, 0], ...round, [bendX - 0.55 * leg, -2.06 * R]], tip: [bendX - leg, -2 * R] };
    default:
      return { bend: [[bendX, 0], ...round], tip: [bendX - leg, -2 * R] };
  }
}

/** Barbs on the shank that hold a body on a straight worm hook. */
function keepersOf({ style, shankMm, wireMm }: HookShape, drop: number): Primitive[] {
  if (style !== 'worm-straight') return [];
  return [0.14, 0.2].map((at) =>
    path('point', [
      [at * shankMm, drop],
      [at * shankMm + 1.6 * wireMm, drop - 1.8 * wireMm],
    ]),
  );
}

/** Eye of a hook, before its shank [mm]: large on one that takes a ring, bent up on one that is cast into a head. */
function eyeOf({ style, wireMm }: HookShape, jointId: string): Primitive[] {
  const r = (style === 'single-inline' ? 2.5 : 1.5) * wireMm;
  const at: Pt = style === 'jig' ? [-0.4 * wireMm, -r] : [-r, 0];
  return [circle('hook', at, r, jointId)];
}

function shankWeightOf({ shankMm, shankWeightKg }: HookShape, drop: number, jointId: string): Primitive[] {
  if (shankWeightKg === 0) return [];
  const { lengthM, diameterM } = weightSize({ massKg: shankWeightKg, material: 'lead', shape: 'bullet' });
  const length = lengthM * 1e3;
  const points = weightOutline('bullet', diameterM * 1e3, length);
  return [
    path(
      'metal',
      points.map(([x, y]): Pt => [x + SHANK_WEIGHT_AT * shankMm - length / 2, y + drop]),
      { closed: true, jointId },
    ),
  ];
}

/** A cupped blade on a clevis at the eye. */
function bladeOf({ bladeMm }: HookShape, jointId: string): Primitive[] {
  if (bladeMm === null) return [];
  const half = bladeMm / 2;
  return [
    path('metal', oval([0.9 * half, 0.62 * half], half, 0.46 * half, 0.6), { closed: true, jointId }),
    path('rib', oval([0.98 * half, 0.68 * half], 0.55 * half, 0.2 * half, 0.6)),
  ];
}

/** A hook of the rig or of the Box as it is drawn. */
export const hookShapeOf = (hook: {
  readonly style: HookStyle;
  readonly barb: Barb;
  readonly gapM: number;
  readonly shankM: number;
  readonly wireM: number;
  readonly bladeM: number | null;
  readonly shankWeightKg: number;
}): HookShape => ({
  style: hook.style,
  barb: hook.barb,
  gapMm: hook.gapM * 1e3,
  shankMm: hook.shankM * 1e3,
  wireMm: hook.wireM * 1e3,
  bladeMm: hook.bladeM === null ? null : hook.bladeM * 1e3,
  shankWeightKg: hook.shankWeightKg,
});
