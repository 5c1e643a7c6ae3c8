import type { Evaluation } from '../../judge';
import type { Rig } from '../../rig';
import { resolveRod, type Joint, type Presentation } from '../../tackle';
import { breakMark, drawLayout } from './draw-layout';
import { detailFrom, itemsOf, layOut, reachOf } from './layout';
import { arc, circle, path, scaleToFit, type Drawing, type Primitive, type Pt } from './primitives';

export interface SheetInput {
  readonly rig: Rig;
  readonly chain: readonly Joint[];
  readonly presentation: Presentation;
  readonly figures: Evaluation['figures'];
  readonly widthMm: number;
  readonly heightMm: number;
  /** where the detail is laid into the sheet, for the pointer from its lens */
  readonly detailAt?: Pt;
  /** draw no larger than at this scale, to lie over another drawing */
  readonly atLeast?: number;
}

/** Room round the rod: the lever's dimension at the left, the line's above [mm of paper]. */
const MARGIN = { left: 17, top: 16, bottom: 8 } as const;
/** Share of the width that the rod may take; the rest is line. */
const ROD_SHARE = 0.42;
const RINGS = 8;
/** Paper that a piece of line takes inside the lens [mm]. */
const TINY_PIECE_MM = 5;
/** A dimension at least this long has room for the long form of its label. */
const LONG_LABEL_MM = 62;
/** How much of the straight rod is shown behind the bent one. */
const GHOST_SHARE = 0.4;

/** What bends the rod on the sheet: the set by hand, else the strike in the holder; nothing where neither can be told. */
function pulledBy({ set, strike }: Evaluation['figures'], presentation: Presentation) {
  if (set)
    return {
      angleRad: presentation.sweep.endRad,
      rodBend: set.rodBend,
      line: { mainLineM: set.mainLineM, stretchM: set.stretchM },
    };
  if (!strike) return { angleRad: presentation.sweep.endRad, rodBend: null, line: null };
  const stretchM = strike.asked.line.reduce((sum, { lengthM, eaN }) => sum + (strike.window.peakN * lengthM) / eaN, 0);
  return {
    angleRad: strike.asked.pullAngleRad,
    rodBend: strike.rodBend,
    line: { mainLineM: strike.mainLineM, stretchM },
  };
}

/**
 * The whole rig from grip to bait: the rod bent by the set's pull, or by a strike in its holder, at a usual scale; the line, much too long for any
 * sheet, with break marks. The pull points to the right, so that the lever at the grip is the height of the line over it.
 */
export function drawSheet(input: SheetInput): Drawing {
  const { rig, chain, presentation, figures, widthMm, heightMm } = input;
  const idOf = (kind: Joint['kind']) => chain.find((joint) => joint.kind === kind)?.id ?? '';
  const numberOf = (jointId: string) => chain.findIndex((joint) => joint.id === jointId) + 1;
  const pulled = pulledBy(figures, presentation);
  const a = pulled.angleRad;
  // Rod frame to sheet: x along the grip axis, y toward the pull, which points right; the sheet's y runs down.
  const turn = ([x, y]: Pt): Pt => [x * Math.cos(a) + y * Math.sin(a), -(x * Math.sin(a) - y * Math.cos(a))];
  const straight: Pt[] = Array.from({ length: 41 }, (_, i): Pt => [(rig.rod.lengthM * i) / 40, 0]);
  const bent = (pulled.rodBend?.shape ?? straight).map(([x, y]) => turn([x * 1e3, y * 1e3]));
  const handleMm = (rig.rodPart.lengthM.value - rig.rod.lengthM) * 1e3;
  const butt = turn([-handleMm, 0]);
  const ghostTip = turn([rig.rod.lengthM * 1e3, 0]);
  const reach = [...bent, butt];
  const box = bounds(reach);
  const room = { widthMm: widthMm * ROD_SHARE - MARGIN.left, heightMm: heightMm - MARGIN.top - MARGIN.bottom };
  const scale = Math.max(
    input.atLeast ?? 0,
    scaleToFit({ widthMm: box.right - box.left, heightMm: box.bottom - box.top }, room),
  );
  const f = 1 / scale;
  const move = ([x, y]: Pt): Pt => [MARGIN.left + (x - box.left) * f, MARGIN.top + (y - box.top) * f];

  const rod = bent.map(move);
  const grip = move([0, 0]);
  const tip = rod.at(-1)!;
  const lineY = tip[1];

  const from = detailFrom(rig);
  const items = itemsOf(rig, from, presentation, figures);
  const layout = layOut(items, f, TINY_PIECE_MM);
  const endReach = reachOf(items);
  const endX = widthMm - 9 - layout.rightMm;
  const lureStart = endX + layout.leftMm;

  const leaderPiece = from === 3 ? rig.pieces[1]! : null;
  const leaderKnot = from === 3 && rig.elements[1]?.kind === 'knot' ? rig.elements[1].fitted.joint : undefined;
  const knotX = leaderPiece ? tip[0] + (lureStart - tip[0]) * 0.6 : lureStart;
  const mainBreak = tip[0] + (knotX - tip[0]) * 0.66;
  const leaderBreak = (knotX + lureStart) / 2;
  const lens = {
    left: lureStart - 2.5,
    right: endX + layout.rightMm + 2.5,
    half: Math.max(6, Math.max(-endReach.top, endReach.bottom) * f + endReach.paperMm + 2.5),
  };
  const dimY = Math.max(5.5, lineY - 9);

  const rodId = idOf('rod');
  const reelAt = move(turn([-handleMm * 0.28, 0]));
  const reelOff = turn([0, rig.reel.build === 'fixed-spool' ? 1 : -1]);
  const reelCentre: Pt = [reelAt[0] + reelOff[0] * 3.4, reelAt[1] + reelOff[1] * 3.4];
  const third = rod[Math.round(rod.length * 0.36)]!;

  const primitives: Primitive[] = [
    path('ghost', [grip, move([ghostTip[0] * GHOST_SHARE, ghostTip[1] * GHOST_SHARE])]),
    path('blank', taper(rod, rig, f), { closed: true, jointId: rodId }),
    path('grip', [move(butt), grip], { jointId: rodId }),
    ...rings(rod),
    circle('reel', reelCentre, Math.max(2.2, rig.reel.fullRadiusM.value * 1e3 * f * 1.5), idOf('reel')),
    path('line', [tip, [mainBreak - 2, lineY]], { jointId: idOf('line') }),
    breakMark(mainBreak, lineY),
    path(
      'line',
      [
        [mainBreak + 2, lineY],
        [knotX, lineY],
      ],
      { jointId: idOf('line') },
    ),
    ...(leaderKnot
      ? [
          circle('knot', [knotX, lineY], 0.9, leaderKnot.id),
          path(
            'leader',
            [
              [knotX, lineY],
              [leaderBreak - 2, lineY],
            ],
            { jointId: leaderPiece!.jointId },
          ),
          breakMark(leaderBreak, lineY),
          path(
            'leader',
            [
              [leaderBreak + 2, lineY],
              [lureStart, lineY],
            ],
            { jointId: leaderPiece!.jointId },
          ),
        ]
      : []),
    ...drawLayout(layout, f, [endX, lineY], leaderPiece ? 'leader' : 'line'),
    capsule(lens, lineY),
    ...(input.detailAt
      ? [
          {
            kind: 'leader-line' as const,
            from: [(lens.left + lens.right) / 2, lineY + lens.half] as Pt,
            to: input.detailAt,
          },
        ]
      : []),
    {
      kind: 'text',
      at: [Math.min(lens.right, widthMm - 3), lineY + lens.half + 3.4],
      anchor: 'end',
      strong: false,
      label: { code: 'see-detail', facts: {} },
    },
    // The lever stands left of everything the rod covers.
    ...ext(
      [
        [grip[0], grip[1]],
        [MARGIN.left - 8, grip[1]],
      ],
      [
        [tip[0], lineY],
        [MARGIN.left - 8, lineY],
      ],
    ),
    ...(pulled.rodBend
      ? [
          {
            kind: 'dimension' as const,
            from: [MARGIN.left - 7, grip[1]] as Pt,
            to: [MARGIN.left - 7, lineY] as Pt,
            textAt: [MARGIN.left - 8.6, (grip[1] + lineY) / 2] as Pt,
            turned: true,
            label: { code: 'lever' as const, facts: { leverArmM: pulled.rodBend.leverArmM } },
          },
        ]
      : []),
    ...ext(
      [
        [tip[0], lineY - 1.5],
        [tip[0], dimY - 1],
      ],
      [
        [knotX, lineY - 1.5],
        [knotX, dimY - 1],
      ],
    ),
    {
      kind: 'dimension',
      from: [tip[0], dimY],
      to: [knotX, dimY],
      textAt: [(tip[0] + knotX) / 2, dimY - 1.5],
      turned: false,
      label: pulled.line
        ? {
            code: knotX - tip[0] > LONG_LABEL_MM ? ('line-gives' as const) : ('line-gives-short' as const),
            facts: { lengthM: pulled.line.mainLineM - rig.rod.lengthM, stretchM: pulled.line.stretchM },
          }
        : {
            code: 'line-out' as const,
            facts: { lengthM: presentation.kind === 'cast' ? presentation.distanceM : presentation.lineOutM },
          },
    },
    ...(leaderPiece
      ? [
          ...ext([
            [lureStart, lineY - 1.5],
            [lureStart, dimY - 1],
          ]),
          {
            kind: 'dimension' as const,
            from: [knotX, dimY] as Pt,
            to: [lureStart, dimY] as Pt,
            textAt: [(knotX + lureStart) / 2, dimY - 1.5] as Pt,
            turned: false,
            label: { code: 'leader' as const, facts: { lengthM: leaderPiece.lengthM ?? 0 } },
          },
        ]
      : []),
    balloon(rodId, [third[0] + 13, third[1] + 8], third),
    balloon(idOf('reel'), [Math.max(5, reelCentre[0] - 11), Math.min(heightMm - 5, reelCentre[1] + 5)], reelCentre),
    balloon(
      idOf('line'),
      [tip[0] + (mainBreak - tip[0]) * 0.55, lineY + 8],
      [tip[0] + (mainBreak - tip[0]) * 0.62, lineY],
    ),
    ...(leaderKnot ? [balloon(leaderKnot.id, [knotX - 2.5, lineY + 8], [knotX, lineY])] : []),
    ...(leaderPiece ? [balloon(leaderPiece.jointId, [leaderBreak + 6, lineY + 8], [leaderBreak + 5, lineY])] : []),
  ];
  return { widthMm, heightMm, scale, primitives, origin: grip };

  function balloon(jointId: string, at: Pt, target: Pt): Primitive {
    return { kind: 'balloon', at, target, number: numberOf(jointId), jointId };
  }
}

/** The lens as a stadium round the end of the rig. */
function capsule(
  { left, right, half }: { readonly left: number; readonly right: number; readonly half: number },
  y: number,
): Primitive {
  if (right - left <= 2 * half) return circle('lens', [(left + right) / 2, y], half);
  return path(
    'lens',
    [
      ...arc([right - half, y], half, -Math.PI / 2, Math.PI / 2),
      ...arc([left + half, y], half, Math.PI / 2, 1.5 * Math.PI),
    ],
    { closed: true },
  );
}

const ext = (...pairs: readonly (readonly [Pt, Pt])[]): Primitive[] => pairs.map((pair) => path('extension', pair));

/** The blank as an outline that tapers from grip to tip; thicker than life, or it would be a hairline at this scale. */
function taper(rod: readonly Pt[], rig: Rig, f: number): Pt[] {
  const ratio = resolveRod(rig.rod).tipRatio;
  const buttMm = Math.max(0.9, BLANK_BUTT_MM * f * DRAWN_THICKER) / 2;
  const side = (sign: number) =>
    rod.map(([x, y], i): Pt => {
      const [px, py] = rod[Math.max(0, i - 1)]!;
      const [nx, ny] = rod[Math.min(rod.length - 1, i + 1)]!;
      const length = Math.hypot(nx - px, ny - py) || 1;
      const half = buttMm * (1 - (1 - ratio) * (i / (rod.length - 1)));
      return [x - (sign * half * (ny - py)) / length, y + (sign * half * (nx - px)) / length];
    });
  return [...side(1), ...side(-1).reverse()];
}

const BLANK_BUTT_MM = 12;
const DRAWN_THICKER = 2.6;

/** Rings stand closer and smaller toward the tip, on the side of the line. */
function rings(rod: readonly Pt[]): Primitive[] {
  return Array.from({ length: RINGS }, (_, i) => {
    const share = 1 - (1 - (i + 1) / RINGS) ** 1.5 * 0.82;
    const k = Math.round(share * (rod.length - 1));
    const [x, y] = rod[k]!;
    const [px, py] = rod[Math.max(0, k - 1)]!;
    const length = Math.hypot(x - px, y - py) || 1;
    const radius = 1.15 - 0.75 * share;
    return circle('ring', [x - ((y - py) / length) * radius, y + ((x - px) / length) * radius], radius);
  });
}

function bounds(points: readonly Pt[]) {
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
}
