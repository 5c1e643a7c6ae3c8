import type { PointPlace } from '../defaults/bait-classes';
import type { Rig } from '../evaluate';
import { weightSize } from '../lure';
import type { Joint } from '../evaluate';
import { bodyLengthMm, bodyProfile, drawBait, type BaitShape } from './bait-shape';
import { weightOutline } from './head-shape';
import { drawHook, hookOutline } from './hook-shape';
import { circle, path, placed, type Primitive, type Pt } from './primitives';

/** The terminal end about the bait's nose [mm of the thing, x aft, y down], and the points its dimensions start from. */
export interface Terminal {
  readonly primitives: readonly Primitive[];
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly bait: BaitShape;
  readonly hookTip: Pt;
  /** a point of each joint for its balloon, and the side on which the balloon is to stand */
  readonly anchors: readonly { readonly jointId: string; readonly at: Pt; readonly side: 'above' | 'below' }[];
  /** where along the body the point leaves it [mm from the nose] */
  readonly exitMm: number;
}

/** How high the point of a loose hook stands, in half heights of the body, up is negative. */
const POINT_HEIGHT = { open: -1.35, 'skin-hooked': -0.96, buried: -0.25 } as const satisfies Record<PointPlace, number>;

/** Draws weight, hook or head, and bait as they are rigged. */
export function drawTerminal(rig: Rig, chain: readonly Joint[]): Terminal {
  const idOf = (kinds: readonly Joint['kind'][]) => chain.find((joint) => kinds.includes(joint.kind))?.id ?? '';
  const bait: BaitShape = { lengthMm: rig.bait.lengthM.value * 1e3, heightMm: rig.bait.heightM.value * 1e3, tail: rig.bait.tail };
  const hook = { gapMm: rig.hook.gapM.value * 1e3, shankMm: rig.hook.shankM.value * 1e3, wireMm: rig.hook.wireM.value * 1e3 };
  const hookId = idOf(['hook', 'jig-head']);
  const baitId = idOf(['bait']);
  const half = bait.heightMm / 2;
  const knotId = [...chain].reverse().find((joint) => joint.kind === 'knot')?.id ?? '';

  const head = rig.hook.kind === 'jig-head' ? headOf(rig.hook, hookId) : null;
  const eyeX = head ? -head.lengthMm * 0.55 : -2.6 * hook.wireMm;
  // A loose hook is placed by its point, which lies on the back or inside; its shank then lies where the gap leaves it.
  const drop = head ? 0 : hook.gapMm + half * POINT_HEIGHT[rig.point];
  const eyeY = head ? -head.diameterMm * 0.42 : 0;
  const outline = hookOutline(hook, drop);
  const shift = head ? -head.lengthMm * 0.3 : eyeX;
  const move = ([x, y]: Pt): Pt => [x + shift, y];
  const drawnHook = placed(drawHook(outline, hookId), move, 1);
  const hookTip = move(outline.tip);
  const eyeRadius = 1.5 * hook.wireMm;
  const eyeAt: Pt = [eyeX - (head ? 0 : eyeRadius), eyeY];
  const eye = circle('hook', eyeAt, eyeRadius, hookId);
  const weight = rig.weight ? slidingWeight(rig.weight, idOf(['weight']), eyeAt[0] - eyeRadius - 0.8) : null;
  const leaderEnd: Pt = weight ? [weight.left, 0] : [eyeAt[0] - eyeRadius, eyeY];

  const tailEnd = bait.lengthMm;
  const left = Math.min(leaderEnd[0], head ? -head.lengthMm : 0);
  const top = Math.min(-half, hookTip[1] - hook.wireMm, head ? -head.diameterMm / 2 : 0, eyeY - eyeRadius);
  const bottom = Math.max(half, drop + hook.wireMm, head ? head.diameterMm / 2 : 0, weight ? weight.halfMm : 0);
  return {
    primitives: [
      ...drawBait(bait, baitId),
      ...drawnHook,
      ...(head ? [head.outline] : []),
      eye,
      ...(weight ? weight.primitives : []),
      ...(weight ? [path('leader', [[weight.right, 0], [eyeAt[0] - eyeRadius, 0]])] : []),
      circle('knot', [eyeAt[0] - eyeRadius, eyeY], Math.max(0.8, hook.wireMm * 0.8), knotId),
    ],
    left,
    right: tailEnd,
    top,
    bottom,
    bait,
    hookTip,
    anchors: [
      ...(weight ? [{ jointId: idOf(['weight']), at: [(weight.left + weight.right) / 2, weight.halfMm * 0.6] as Pt, side: 'below' as const }] : []),
      { jointId: knotId, at: [eyeAt[0] - eyeRadius, eyeY], side: 'above' },
      { jointId: hookId, at: move([hook.shankMm, drop - hook.gapMm / 2]), side: 'above' },
      { jointId: baitId, at: [bodyLengthMm(bait) * 0.8, -half * bodyProfile(0.8) * 0.7], side: 'above' },
    ],
    exitMm: hookTip[0],
  };
}

function headOf(head: Extract<Rig['hook'], { kind: 'jig-head' }>, jointId: string) {
  const size = weightSize({ massKg: head.massKg.value, material: head.material, shape: head.shape });
  const diameterMm = size.diameterM * 1e3;
  const lengthMm = size.lengthM * 1e3;
  const points = weightOutline(head.shape, diameterMm, lengthMm).map(([x, y]): Pt => [x - lengthMm, y]);
  return { diameterMm, lengthMm, outline: path('metal', points, { closed: true, jointId }) };
}

function slidingWeight(weight: NonNullable<Rig['weight']>, jointId: string, right: number) {
  const size = weightSize({ massKg: weight.massKg.value, material: weight.material, shape: weight.shape });
  const lengthMm = size.lengthM * 1e3;
  const left = right - lengthMm;
  const points = weightOutline(weight.shape, size.diameterM * 1e3, lengthMm).map(([x, y]): Pt => [x + left, y]);
  return { left, right, halfMm: size.diameterM * 500, primitives: [path('metal', points, { closed: true, jointId })] };
}
