import { bodyProfile, type HookPlace, type RiggedEnd } from '../../rig';
import { drawBait } from './bait-shape';
import { hardwareShape, oval } from './hardware-shape';
import { weightOutline } from './head-shape';
import { drawHook, hookShapeOf } from './hook-shape';
import { drawLure } from './lure-shape';
import { drawNatural } from './natural-shape';
import { circle, path, placed, type Primitive, type Pt } from './primitives';
import { boundsOf, turn, type Anchor, type Shape } from './shape';

/** Eye of a head, in diameters of its wire. */
const HEAD_EYE = 1.5;

/** A hook that hangs under a belly leans this far aft from straight down [rad]. */
const HANGS_AFT = 0.35;

/**
 * A hook, head, lure or snell with all that is put on it, its eye at the origin, turned by its pitch about the eye [mm].
 * Every place is that of `rigEnd`, so that what is drawn is what Balance and the checks were worked out from.
 */
export function endShape(end: RiggedEnd, pitchRad: number, judged: HookPlace | null): Shape {
  // The body hides a shank that runs through it.
  const inside = end.hooks.filter(({ hangsAt, hangs }) => hangsAt && !hangs);
  const parts = [
    ...inside.flatMap(hookOf),
    ...bodyOf(end),
    ...end.hooks.filter((hook) => !inside.includes(hook)).flatMap(hookOf),
    ...loopsOf(end),
    ...headOf(end),
    ...skirtsOf(end),
    ...attachedOf(end),
    ...snellOf(end),
    ...bladeOf(end),
  ];
  const eye: Pt = [end.tie.xM * 1e3, -end.tie.zM * 1e3];
  const entry = entryOf(end);
  const fromEye = ([x, y]: Pt): Pt => [x - eye[0], y - eye[1]];
  const turnPt = turn(pitchRad);
  const move = (point: Pt): Pt => {
    const [x, y] = turnPt(fromEye(point));
    return [x - entry[0], y - entry[1]];
  };
  const primitives = placed(parts, move, 1);
  const bounds = boundsOf(primitives);
  const { body } = end;
  const thickX = body ? Math.min(body.trunkM, body.lengthM) * 0.34 * 1e3 : 0;
  const level = boundsOf(parts);
  const shown = judged && end.hooks.includes(judged) && body?.tail && judged.station !== null ? judged : null;
  return {
    primitives,
    ...bounds,
    exit: [0, 0],
    anchors: anchorsOf(end, move),
    ...(body
      ? {
          body: {
            nose: move([0, 0]),
            lengthMm: body.lengthM * 1e3,
            heightMm: body.heightM * 1e3,
            thickMm: thickX,
            aboveMm: -level.top,
            belowMm: level.bottom,
            aftMm: level.right,
            point: shown ? { exitMm: shown.tip.xM * 1e3, heightMm: shown.tip.zM * 1e3 } : null,
            pitchRad,
            showsHeight: body.kind !== 'spoon',
          },
        }
      : {}),
  };
}

const pt = ({ xM, zM }: { readonly xM: number; readonly zM: number }): Pt => [xM * 1e3, -zM * 1e3];

/** Where the line arrives before the eye: the front of a blade or the far end of a snell's beads, from the eye. */
function entryOf(end: RiggedEnd): Pt {
  const { bearer } = end.assembly;
  if (bearer.kind === 'lure' && bearer.part.kind === 'skirted-jig' && bearer.part.blade === 'blade')
    return [-bladeMm(end), 0];
  if (bearer.kind === 'snell') return [-snellLeadMm(bearer.part.beads, bearer.part.blade === 'blade'), 0];
  return [0, 0];
}

function bodyOf(end: RiggedEnd): Primitive[] {
  const { body, assembly } = end;
  if (!body) return [];
  const size = { lengthMm: body.lengthM * 1e3, heightMm: body.heightM * 1e3 };
  if (body.tail) return drawBait({ ...size, trunkMm: body.trunkM * 1e3, tail: body.tail }, body.jointId);
  const bait = assembly.attached.find((each) => each.kind === 'bait');
  if (bait?.kind === 'bait' && bait.part.kind === 'natural-bait') return drawNatural(bait.part, size, body.jointId);
  if (assembly.bearer.kind === 'lure' && assembly.bearer.part.kind !== 'skirted-jig')
    return drawLure(assembly.bearer.part, size, body.jointId);
  return [];
}

function hookOf(hook: HookPlace): Primitive[] {
  const shape = hookShapeOf(hook.spec);
  const [ex, ey] = pt(hook.eye);
  if (!hook.hangs) {
    const lies = drawHook(shape, hook.jointId, hook.dropM === 0 ? null : hook.dropM * 1e3);
    return placed(lies, ([x, y]: Pt): Pt => [x + ex, y + ey], 1);
  }
  const atTail = Math.abs(hook.eye.zM) < 1e-9;
  const turnDown = turn(atTail ? 0 : Math.PI / 2 - HANGS_AFT);
  return placed(
    drawHook(shape, hook.jointId),
    (point: Pt): Pt => {
      const [x, y] = turnDown(point);
      return [x + ex, y + ey];
    },
    1,
  );
}

/** Loops and cords between a hook and what hangs on it or is tied to it. */
function loopsOf(end: RiggedEnd): Primitive[] {
  const stingers = end.hooks.filter(({ role }) => role === 'stinger');
  const carrier =
    end.hooks.find(({ role }) => role === 'main') ?? end.hooks.filter(({ role }) => role === 'carried').at(-1);
  let from: Pt = carrier ? [(carrier.eye.xM + carrier.spec.shankM) * 1e3, 0] : [0, 0];
  const loops = stingers.map((hook) => {
    const to = pt(hook.eye);
    const line = path('leader', [from, to], { jointId: hook.jointId });
    from = [to[0] + hook.spec.shankM * 1e3, 0];
    return line;
  });
  const second = end.hooks
    .filter(({ role }) => role === 'second')
    .map((hook, i) => path('leader', [pt(end.hooks[i]!.eye), pt(hook.eye)], { jointId: end.bearerId }));
  return [...loops, ...second];
}

function headOf(end: RiggedEnd): Primitive[] {
  const { head, assembly } = end;
  if (!head) return [];
  const { part } = assembly.bearer;
  if (part.kind !== 'jig-head' && part.kind !== 'skirted-jig') return [];
  const lengthMm = head.lengthM * 1e3;
  const points = weightOutline(part.shape, head.diameterM * 1e3, lengthMm).map(([x, y]): Pt => [x - lengthMm, y]);
  const hook = end.hooks[0]!;
  const [ex, ey] = pt(end.tie);
  const guard =
    part.guard === 'bristle'
      ? [-0.25, 0, 0.25].map((spread) =>
          path(
            'strand',
            [
              [-0.4 * lengthMm, -head.diameterM * 400],
              [hook.tip.xM * 1e3 - 2, -(hook.tip.zM * 1e3) - 3 + spread * 8],
            ],
            { jointId: end.bearerId },
          ),
        )
      : [];
  return [
    ...guard,
    path('metal', points, { closed: true, jointId: end.bearerId }),
    circle('hook', [ex, ey], HEAD_EYE * hook.spec.wireM * 1e3, end.bearerId),
  ];
}

const SPREADS = [-1, -0.72, -0.45, -0.2, 0.05, 0.3, 0.55, 0.8, 1] as const;

/** Strands from a collar, flaring aft. */
export function drawSkirt(x: number, collar: number, lengthMm: number, jointId: string): Primitive[] {
  return SPREADS.map((spread, i) =>
    path(
      'strand',
      [
        [x, spread * collar * 0.5],
        [x + lengthMm * 0.45, spread * collar * 1.5],
        [x + lengthMm * (0.9 + 0.02 * (i % 4)), spread * collar * (1.9 + 0.1 * (i % 3))],
      ],
      { jointId },
    ),
  );
}

function skirtsOf(end: RiggedEnd): Primitive[] {
  const { bearer, attached } = end.assembly;
  const collar = (end.head?.diameterM ?? 0.008) * 1e3 * 0.7;
  const own =
    bearer.kind === 'lure' && bearer.part.kind === 'skirted-jig'
      ? drawSkirt(-1, collar, STOCK_SKIRT_MM, end.bearerId)
      : [];
  const more = attached.flatMap((each) =>
    each.kind === 'skirt' ? drawSkirt(1, collar, each.part.lengthM.value * 1e3, each.joint.id) : [],
  );
  return [...own, ...more];
}

/** A jig's own skirt, as it comes [mm]. */
const STOCK_SKIRT_MM = 48;

function attachedOf(end: RiggedEnd): Primitive[] {
  return end.assembly.attached.flatMap((each): Primitive[] => {
    if (each.kind !== 'hardware') return [];
    const { primitives, right } = hardwareShape(each.part, each.joint.id);
    const [ex, ey] = pt(end.tie);
    const shift = (dx: number, dy: number) => placed(primitives, ([x, y]: Pt): Pt => [x + dx, y + dy], 1);
    switch (each.part.form) {
      case 'split-ring':
        return end.hooks
          .filter(({ hangsAt }) => hangsAt?.ringId === each.joint.id)
          .flatMap((hook) => {
            const [x, y] = pt(hook.eye);
            const w = each.part.widthM.value * 1e3;
            return Math.abs(hook.eye.zM) < 1e-9
              ? placed(primitives, ([px, py]: Pt): Pt => [px + x - w, py + y], 1)
              : placed(primitives, ([px, py]: Pt): Pt => [py + x, px + y - w], 1);
          });
      case 'bridle': {
        const hook = end.hooks[0];
        return hook ? shift((hook.eye.xM + hook.spec.shankM) * 1e3 - 1, 0) : [];
      }
      case 'screw-keeper':
        return shift(-1, 0);
      case 'hook-guard':
        return shift(ex + 2, ey);
      case 'sleeve': {
        const hook = each.joint.place === 'bend' ? end.hooks[0] : undefined;
        return hook
          ? shift((hook.eye.xM + 0.82 * hook.spec.shankM) * 1e3 - right / 2, (hook.dropM - hook.eye.zM) * 1e3)
          : shift(ex - right / 2, ey);
      }
      case 'blade':
      case 'bead':
      case 'stop':
        return shift(ex - right / 2, ey);
      default:
        return shift(ex, ey);
    }
  });
}

const BEAD_MM = 5;
/** Line of a snell that is drawn before its beads, with a break in it [mm]. */
const SNELL_LINE_MM = 16;

const snellLeadMm = (beads: number, blade: boolean): number =>
  SNELL_LINE_MM + Math.min(8, beads) * BEAD_MM + (blade ? 8 : 0);

/** The snell before its front hook: line with a break, blade, beads. */
function snellOf(end: RiggedEnd): Primitive[] {
  const { bearer } = end.assembly;
  if (bearer.kind !== 'snell') return [];
  const { part, joint } = bearer;
  const [ex, ey] = pt(end.tie);
  const lead = snellLeadMm(part.beads, part.blade === 'blade');
  const start = ex - lead;
  const count = Math.min(8, part.beads);
  const firstBead = ex - count * BEAD_MM - 2;
  const blade =
    part.blade === 'blade'
      ? [
          path('metal', oval([firstBead - 2, ey + 9], 9, 4.4, 0.9), { closed: true, jointId: joint.id }),
          circle('wire', [firstBead - 4, ey + 1.4], 1.2),
        ]
      : [];
  return [
    path(
      'leader',
      [
        [start, ey],
        [start + 6, ey],
      ],
      { jointId: joint.id },
    ),
    path('break', [
      [start + 6, ey + 2.6],
      [start + 7.6, ey - 2.2],
      [start + 9, ey + 2.2],
      [start + 10.6, ey - 2.6],
    ]),
    path(
      'leader',
      [
        [start + 10.6, ey],
        [ex - 2, ey],
      ],
      { jointId: joint.id },
    ),
    ...blade,
    ...Array.from({ length: count }, (_, i) =>
      circle('bait', [firstBead + (i + 0.5) * BEAD_MM, ey], BEAD_MM / 2, joint.id),
    ),
  ];
}

const bladeMm = (end: RiggedEnd): number => (end.head ? Math.max(13, end.head.diameterM * 1.6e3) : 13);

/** The plate before a bladed head, hung on its eye and tilted by the stream. */
function bladeOf(end: RiggedEnd): Primitive[] {
  const { bearer } = end.assembly;
  if (bearer.kind !== 'lure' || bearer.part.kind !== 'skirted-jig' || bearer.part.blade !== 'blade') return [];
  const [ex, ey] = pt(end.tie);
  const L = bladeMm(end);
  return [
    path(
      'metal',
      [
        [ex + 0.5, ey - 1.2],
        [ex - 0.6 * L, ey - 0.34 * L],
        [ex - L, ey - 0.1 * L],
        [ex - L, ey + 0.1 * L],
        [ex - 0.6 * L, ey + 0.34 * L],
        [ex + 0.5, ey + 1.2],
      ],
      { closed: true, jointId: end.bearerId },
    ),
    circle('wire', [ex - 0.92 * L, ey], 0.07 * L),
  ];
}

/** One place for each joint of the assembly, spread out so that balloons find room. */
function anchorsOf(end: RiggedEnd, move: (point: Pt) => Pt): Anchor[] {
  const { body, assembly, head } = end;
  const anchor = (jointId: string, at: Pt, side: Anchor['side']): Anchor => ({ jointId, at: move(at), side });
  const hookAnchor = (hook: HookPlace): Pt =>
    hook.hangs
      ? [
          hook.eye.xM * 1e3 + (hook.eye.zM === 0 ? hook.spec.shankM * 800 : 2),
          -hook.eye.zM * 1e3 + (hook.eye.zM === 0 ? 0 : hook.spec.shankM * 600),
        ]
      : [(hook.eye.xM + hook.spec.shankM) * 1e3, (hook.dropM - hook.spec.gapM / 2) * 1e3];
  const anchors: Anchor[] = [];
  const { bearer } = assembly;
  if (head) anchors.push(anchor(end.bearerId, [-head.lengthM * 500, head.diameterM * 300], 'below'));
  else if (bearer.kind === 'snell') anchors.push(anchor(end.bearerId, [end.tie.xM * 1e3 - 6, 0], 'above'));
  else if (bearer.kind === 'lure' && body)
    anchors.push(anchor(end.bearerId, [body.lengthM * 450, -body.heightM * 400], 'above'));
  else if (end.hooks[0]) anchors.push(anchor(end.bearerId, hookAnchor(end.hooks[0]), 'above'));
  for (const each of assembly.attached) {
    switch (each.kind) {
      case 'bait':
      case 'trailer':
        if (body && each.joint.id === body.jointId)
          anchors.push(
            anchor(
              each.joint.id,
              [body.trunkM * 800, body.tail ? -body.heightM * 500 * bodyProfile(0.8) * 0.7 : -body.heightM * 150],
              'above',
            ),
          );
        else anchors.push(anchor(each.joint.id, [(body?.lengthM ?? 0.02) * 1e3, 0], 'above'));
        break;
      case 'hook':
      case 'stinger': {
        const hook = end.hooks.filter(({ jointId }) => jointId === each.joint.id).at(0);
        anchors.push(
          anchor(
            each.joint.id,
            hook ? hookAnchor(hook) : [(body?.lengthM ?? 0) * 1e3, (body?.heightM ?? 0) * 500],
            'below',
          ),
        );
        break;
      }
      case 'skirt':
        anchors.push(anchor(each.joint.id, [each.part.lengthM.value * 500, 5], 'below'));
        break;
      case 'hardware': {
        const carried = end.hooks.filter(({ hangsAt }) => hangsAt?.ringId === each.joint.id).at(-1);
        const at: Pt =
          each.part.form === 'split-ring' && carried
            ? [carried.eye.xM * 1e3 - 3, -carried.eye.zM * 1e3]
            : each.part.form === 'bridle'
              ? [0, 0]
              : [end.tie.xM * 1e3 + 2, -end.tie.zM * 1e3];
        anchors.push(anchor(each.joint.id, at, each.part.form === 'split-ring' ? 'below' : 'above'));
        break;
      }
      default:
        each satisfies never;
    }
  }
  return anchors;
}
