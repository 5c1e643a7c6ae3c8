import type { Joint, Rig } from '../evaluate';
import { bodyLengthMm } from './bait-shape';
import { placeBalloons } from './place-balloons';
import { path, placed, scaleToFit, type Dimension, type Drawing, type Primitive, type Pt } from './primitives';
import { drawTerminal } from './terminal';

export interface DetailInput {
  readonly rig: Rig;
  readonly chain: readonly Joint[];
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Room round the figure for the heading, dimensions and balloons [mm of paper]. */
const MARGIN = { left: 7, right: 13, top: 17, bottom: 14 } as const;

/** The terminal end as a detail at its own scale, dimensioned in millimetres of the thing. */
export function drawDetail({ rig, chain, widthMm, heightMm }: DetailInput): Drawing {
  const terminal = drawTerminal(rig, chain);
  const room = { widthMm: widthMm - MARGIN.left - MARGIN.right, heightMm: heightMm - MARGIN.top - MARGIN.bottom };
  const size = { widthMm: terminal.right - terminal.left, heightMm: terminal.bottom - terminal.top };
  const scale = scaleToFit(size, room);
  const f = 1 / scale;
  const originX = MARGIN.left + (room.widthMm - size.widthMm * f) / 2 - terminal.left * f;
  const originY = MARGIN.top + (room.heightMm - size.heightMm * f) / 2 - terminal.top * f;
  const move = ([x, y]: Pt): Pt => [originX + x * f, originY + y * f];
  const at = (x: number, y: number) => move([x, y]);

  const { bait, hookTip, exitMm } = terminal;
  const belowY = at(0, terminal.bottom)[1] + 6;
  const aboveY = at(0, terminal.top)[1] - 5;
  const nose = at(0, 0);
  const bodyEnd = at(bodyLengthMm(bait), 0);
  const tip = move(hookTip);
  const thickest = at(bodyLengthMm(bait) * 0.34, 0);
  const rightX = at(terminal.right, 0)[0] + 5;
  const half = (bait.heightMm / 2) * f;
  const leaderFrom: Pt = [0, terminalLineY(terminal.primitives, move)];

  const dimensions: Primitive[] = [
    ...ext([nose, [nose[0], belowY + 1]], [bodyEnd, [bodyEnd[0], belowY + 1]]),
    { kind: 'dimension', from: [nose[0], belowY], to: [bodyEnd[0], belowY], textAt: [(nose[0] + bodyEnd[0]) / 2, belowY + 4], turned: false, label: { code: 'body' as const, facts: { lengthM: bodyLengthMm(bait) / 1e3 } } },
    ...(exitMm > 0
      ? [
          ...ext([[nose[0], nose[1] - half * 0.4], [nose[0], aboveY - 1]], [tip, [tip[0], aboveY - 1]]),
          { kind: 'dimension' as const, from: [nose[0], aboveY] as Pt, to: [tip[0], aboveY] as Pt, textAt: [(nose[0] + tip[0]) / 2, aboveY - 1.6] as Pt, turned: false, label: { code: 'point-out' as const, facts: { lengthM: exitMm / 1e3 } } },
        ]
      : []),
    ...ext([[thickest[0], thickest[1] - half], [rightX + 1, thickest[1] - half]], [[thickest[0], thickest[1] + half], [rightX + 1, thickest[1] + half]]),
    { kind: 'dimension', from: [rightX, thickest[1] - half], to: [rightX, thickest[1] + half], textAt: [rightX + 4, thickest[1]], turned: true, label: { code: 'height' as const, facts: { lengthM: bait.heightMm / 1e3 } } },
  ];
  const numberOf = (jointId: string) => chain.findIndex((joint) => joint.id === jointId) + 1;
  const wishes = terminal.anchors.map(({ jointId, at: anchor, side }) => ({ jointId, number: numberOf(jointId), target: move(anchor), side }));
  const balloons = placeBalloons(wishes, dimensions.filter((p): p is Dimension => p.kind === 'dimension'), { widthMm, heightMm });
  return {
    widthMm,
    heightMm,
    scale,
    primitives: [
      path('leader', [leaderFrom, move(terminalStart(terminal.primitives))]),
      ...placed(terminal.primitives, move, f),
      ...dimensions,
      ...balloons,
      { kind: 'text', at: [2.6, 4.6], anchor: 'start', strong: true, label: { code: 'detail', facts: { scale } } },
    ],
  };
}

const ext = (...pairs: readonly (readonly [Pt, Pt])[]): Primitive[] => pairs.map((pair) => path('extension', pair));

/** Where the leader arrives: the nose of the weight, or the knot at the eye. */
function terminalStart(primitives: readonly Primitive[]): Pt {
  const knot = primitives.find((p): p is Extract<Primitive, { kind: 'circle' }> => p.kind === 'circle' && p.pen === 'knot')!;
  const threaded = primitives.find((p): p is Extract<Primitive, { kind: 'path' }> => p.kind === 'path' && p.pen === 'leader');
  if (!threaded) return knot.at;
  const weight = primitives.filter((p): p is Extract<Primitive, { kind: 'path' }> => p.kind === 'path' && p.pen === 'metal').at(-1)!;
  return [Math.min(...weight.points.map(([x]) => x)), 0];
}

const terminalLineY = (primitives: readonly Primitive[], move: (point: Pt) => Pt) => move(terminalStart(primitives))[1];
