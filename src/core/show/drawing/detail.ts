import type { Evaluation } from '../../judge';
import type { Rig } from '../../rig';
import type { Joint, Presentation } from '../../tackle';
import { drawLayout } from './draw-layout';
import { detailFrom, itemsOf, layOut, reachOf, type Laid } from './layout';
import { placeBalloons, type BalloonWish } from './place-balloons';
import { path, scaleToFit, SCALES, type Dimension, type Drawing, type Primitive, type Pt } from './primitives';
import { turn, type ShapeBody } from './shape';

export interface DetailInput {
  readonly rig: Rig;
  readonly chain: readonly Joint[];
  readonly presentation: Presentation;
  readonly figures: Evaluation['figures'];
  readonly widthMm: number;
  readonly heightMm: number;
  /** draw no larger than at this scale, to lie over another drawing */
  readonly atLeast?: number;
}

/** Room round the figure for the heading, dimensions and balloons [mm of paper]. */
const MARGIN = { left: 9, right: 13, top: 17, bottom: 14 } as const;
/** Paper that a piece of line takes, enough for its length to stand over it; less where there is little room [mm]. */
const PIECE_MM = { wide: 15, narrow: 10 } as const;
/** Rod, reel and main line have their balloons on the whole sheet. */
const HEAD_JOINTS = 3;
/** Paper below which a drawing has no room for every dimension [mm]. */
const NARROW_MM = 130;

/** The terminal end as a detail at its own scale, dimensioned in millimetres of the thing. */
export function drawDetail({
  rig,
  chain,
  presentation,
  figures,
  widthMm,
  heightMm,
  atLeast = 0,
}: DetailInput): Drawing {
  const items = itemsOf(rig, detailFrom(rig), presentation, figures);
  const reach = reachOf(items);
  const room = {
    widthMm: widthMm - MARGIN.left - MARGIN.right,
    heightMm: heightMm - MARGIN.top - MARGIN.bottom - reach.paperMm,
  };
  const pieceMm = widthMm < NARROW_MM ? PIECE_MM.narrow : PIECE_MM.wide;
  const fits = (scale: number) => {
    const { leftMm, rightMm } = layOut(items, 1 / scale, pieceMm);
    return rightMm - leftMm <= room.widthMm && (reach.bottom - reach.top) / scale <= room.heightMm;
  };
  const scale = Math.max(
    atLeast,
    SCALES.find(fits) ??
      scaleToFit({ widthMm: layOut(items, 1, pieceMm).rightMm, heightMm: reach.bottom - reach.top }, room),
  );
  const f = 1 / scale;
  const layout = layOut(items, f, pieceMm);
  const x0 = MARGIN.left + (room.widthMm - (layout.rightMm - layout.leftMm)) / 2 - layout.leftMm;
  const y0 = MARGIN.top + (room.heightMm - (reach.bottom - reach.top) * f) / 2 - reach.top * f;

  const bodies = layout.laid.filter(({ item }) => item.kind === 'shape' && item.shape.body);
  // With little room only the last bait is dimensioned.
  const dimensioned = widthMm < NARROW_MM || reach.paperMm > 0 ? bodies.slice(-1) : bodies;
  const dimensions = [
    ...dimensioned.flatMap((each, i) =>
      bodyDimensions(each, {
        f,
        x0,
        y0: y0 + each.y,
        isLast: i === dimensioned.length - 1 && each === layout.laid.at(-1),
      }),
    ),
    ...(pieceMm === PIECE_MM.wide ? layout.laid.flatMap((each) => pieceDimension(each, x0, y0 + each.y)) : []),
  ];
  const numberOf = (jointId: string) => chain.findIndex((joint) => joint.id === jointId) + 1;
  const wishes = layout.laid.flatMap(({ item, x, y, widthMm: pieceWidth }, i): BalloonWish[] => {
    if (item.kind === 'piece') {
      // A line with a weight pinched on it is two pieces and one joint.
      const known = layout.laid
        .slice(0, i)
        .some((each) => each.item.kind === 'piece' && each.item.jointId === item.jointId);
      if (known || numberOf(item.jointId) <= HEAD_JOINTS) return [];
      return [
        {
          jointId: item.jointId,
          number: numberOf(item.jointId),
          target: [x0 + x + pieceWidth * 0.2, y0 + y],
          side: 'below',
        },
      ];
    }
    return item.shape.anchors.map(({ jointId, at, side }) => ({
      jointId,
      number: numberOf(jointId),
      target: [x0 + x + at[0] * f, y0 + y + at[1] * f] as Pt,
      side,
    }));
  });
  const lines = dimensions.filter((p): p is Dimension => p.kind === 'dimension');
  return {
    widthMm,
    heightMm,
    scale,
    origin: [x0 + (layout.laid.at(-1)?.x ?? 0), y0 + (layout.laid.at(-1)?.y ?? 0)],
    primitives: [
      path(detailFrom(rig) === 1 ? 'line' : 'leader', [
        [0, y0],
        [x0 + layout.leftMm, y0],
      ]),
      ...drawLayout(layout, f, [x0, y0], detailFrom(rig) === 1 ? 'line' : 'leader'),
      ...dimensions,
      ...placeBalloons(wishes, lines, { widthMm, heightMm }),
      { kind: 'text', at: [2.6, 4.6], anchor: 'start', strong: true, label: { code: 'detail', facts: { scale } } },
    ],
  };
}

interface Paper {
  readonly f: number;
  readonly x0: number;
  readonly y0: number;
  readonly isLast: boolean;
}

/** Length of a body below it, where the point comes out above it, and the height of the last one beside it; all along and across the body as it lies. */
function bodyDimensions({ item, x }: Laid, { f, x0, y0, isLast }: Paper): Primitive[] {
  if (item.kind !== 'shape' || !item.shape.body) return [];
  const body: ShapeBody = item.shape.body;
  const turnPt = turn(body.pitchRad);
  /** a point beside the nose, aft and down [mm of the thing], with so much paper more in the same directions */
  const at = (aft: number, down: number, aftPaper = 0, downPaper = 0): Pt => {
    const [px, py] = turnPt([aft * f + aftPaper, down * f + downPaper]);
    return [x0 + x + body.nose[0] * f + px, y0 + body.nose[1] * f + py];
  };
  const half = body.heightMm / 2;
  const label = { code: 'body' as const, facts: { lengthM: body.lengthMm / 1e3 } };
  const slope = 12 * Math.abs(Math.tan(body.pitchRad));
  const exit = body.point && body.point.exitMm * f > 3 ? body.point : null;
  return [
    ...ext(
      [at(0, half * 0.4), at(0, body.belowMm, 0, 6)],
      [at(body.lengthMm, 0), at(body.lengthMm, body.belowMm, 0, 6)],
    ),
    {
      kind: 'dimension',
      from: at(0, body.belowMm, 0, 5),
      to: at(body.lengthMm, body.belowMm, 0, 5),
      textAt: at(body.lengthMm / 2, body.belowMm, 0, 9 + slope),
      turned: false,
      label,
    },
    ...(exit
      ? [
          ...ext(
            [at(0, -half * 0.4), at(0, -body.aboveMm, 0, -6)],
            [at(exit.exitMm, -exit.heightMm), at(exit.exitMm, -body.aboveMm, 0, -6)],
          ),
          {
            kind: 'dimension' as const,
            from: at(0, -body.aboveMm, 0, -5),
            to: at(exit.exitMm, -body.aboveMm, 0, -5),
            textAt: at(exit.exitMm / 2, -body.aboveMm, 0, -6.8 - slope),
            turned: false,
            label: { code: 'point-out' as const, facts: { lengthM: exit.exitMm / 1e3 } },
          },
        ]
      : []),
    ...(isLast && body.showsHeight
      ? [
          ...ext(
            [at(body.thickMm, -half), at(body.aftMm, -half, 6, 0)],
            [at(body.thickMm, half), at(body.aftMm, half, 6, 0)],
          ),
          {
            kind: 'dimension' as const,
            from: at(body.aftMm, -half, 5, 0),
            to: at(body.aftMm, half, 5, 0),
            textAt: at(body.aftMm, 0, 9, 0),
            turned: true,
            label: { code: 'height' as const, facts: { lengthM: body.heightMm / 1e3 } },
          },
        ]
      : []),
  ];
}

/** The length of a piece of line over it. */
function pieceDimension({ item, x, widthMm }: Laid, x0: number, y0: number): Primitive[] {
  if (item.kind !== 'piece' || widthMm < 12) return [];
  const y = y0 - 4.4;
  return [
    ...ext(
      [
        [x0 + x, y0 - 1],
        [x0 + x, y - 1],
      ],
      [
        [x0 + x + widthMm, y0 - 1],
        [x0 + x + widthMm, y - 1],
      ],
    ),
    {
      kind: 'dimension',
      from: [x0 + x, y],
      to: [x0 + x + widthMm, y],
      textAt: [x0 + x + widthMm / 2, y - 1.4],
      turned: false,
      label: { code: 'piece', facts: { lengthM: item.lengthM } },
    },
  ];
}

const ext = (...pairs: readonly (readonly [Pt, Pt])[]): Primitive[] => pairs.map((pair) => path('extension', pair));
