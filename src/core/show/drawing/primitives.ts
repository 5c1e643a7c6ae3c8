/** A point on the sheet [mm], x right, y down. */
export type Pt = readonly [number, number];

/** What a line stands for; the view gives each its pen. */
export type Pen =
  | 'blank'
  | 'grip'
  | 'reel'
  | 'ring'
  | 'ghost'
  | 'line'
  | 'leader'
  | 'tag'
  | 'break'
  | 'knot'
  | 'metal'
  | 'bait'
  | 'rib'
  | 'hook'
  | 'point'
  | 'extension'
  | 'lens'
  | 'frame'
  | 'wire'
  | 'glass'
  | 'strand';

/** A label as a code and its facts (SI); the words and units are the view's. */
export interface Label {
  readonly code:
    | 'detail'
    | 'see-detail'
    | 'lever'
    | 'line-gives'
    | 'line-gives-short'
    | 'line-out'
    | 'leader'
    | 'piece'
    | 'body'
    | 'point-out'
    | 'height';
  readonly facts: Readonly<Record<string, number>>;
}

export type Primitive =
  | {
      readonly kind: 'path';
      readonly pen: Pen;
      readonly points: readonly Pt[];
      readonly closed: boolean;
      readonly jointId?: string;
    }
  | { readonly kind: 'circle'; readonly pen: Pen; readonly at: Pt; readonly radius: number; readonly jointId?: string }
  /** A dimension line between two points, with arrows; its text stands beside `textAt`, clear of the line. */
  | {
      readonly kind: 'dimension';
      readonly from: Pt;
      readonly to: Pt;
      readonly textAt: Pt;
      readonly turned: boolean;
      readonly label: Label;
    }
  | { readonly kind: 'leader-line'; readonly from: Pt; readonly to: Pt }
  | {
      readonly kind: 'balloon';
      readonly at: Pt;
      readonly target: Pt;
      readonly number: number;
      readonly jointId: string;
    }
  | {
      readonly kind: 'text';
      readonly at: Pt;
      readonly anchor: 'start' | 'middle' | 'end';
      readonly strong: boolean;
      readonly label: Label;
    };

/** A dimension alone, for whoever must keep clear of it. */
export type Dimension = Extract<Primitive, { kind: 'dimension' }>;

export interface Drawing {
  readonly widthMm: number;
  readonly heightMm: number;
  /** how many millimetres of the thing one millimetre of paper stands for */
  readonly scale: number;
  readonly primitives: readonly Primitive[];
  /** a place that two drawings of one rig share: laid over each other there, they compare [mm of paper] */
  readonly origin: Pt;
}

/** Scales a drawing office would use, from enlarged to reduced. */
export const SCALES = [
  0.2,
  0.25,
  1 / 3,
  0.5,
  2 / 3,
  1,
  1.25,
  1.5,
  2,
  2.5,
  3,
  4,
  5,
  6,
  8,
  10,
  12,
  15,
  20,
  24,
  30,
  40,
  50,
  75,
  100,
] as const;

/** The largest usual scale at which something of `widthMm` by `heightMm` fits into the room. */
export function scaleToFit(
  thing: { readonly widthMm: number; readonly heightMm: number },
  room: { readonly widthMm: number; readonly heightMm: number },
): number {
  const least = Math.max(thing.widthMm / room.widthMm, thing.heightMm / room.heightMm);
  return SCALES.find((scale) => scale >= least) ?? least;
}

export const path = (
  pen: Pen,
  points: readonly Pt[],
  options: { readonly closed?: boolean; readonly jointId?: string } = {},
): Primitive => ({
  kind: 'path',
  pen,
  points,
  closed: options.closed ?? false,
  ...(options.jointId === undefined ? {} : { jointId: options.jointId }),
});

export const circle = (pen: Pen, at: Pt, radius: number, jointId?: string): Primitive => ({
  kind: 'circle',
  pen,
  at,
  radius,
  ...(jointId === undefined ? {} : { jointId }),
});

/** Moves and scales primitives that were drawn about their own origin. */
export function placed(primitives: readonly Primitive[], move: (point: Pt) => Pt, factor: number): Primitive[] {
  return primitives.map((p): Primitive => {
    switch (p.kind) {
      case 'path':
        return { ...p, points: p.points.map(move) };
      case 'circle':
        return { ...p, at: move(p.at), radius: p.radius * factor };
      case 'dimension':
        return { ...p, from: move(p.from), to: move(p.to), textAt: move(p.textAt) };
      case 'leader-line':
        return { ...p, from: move(p.from), to: move(p.to) };
      case 'balloon':
        return { ...p, at: move(p.at), target: move(p.target) };
      case 'text':
        return { ...p, at: move(p.at) };
      default:
        return p satisfies never;
    }
  });
}

/** `count` points of an arc about `centre`, angles from the x axis, y down. */
export const arc = (centre: Pt, radius: number, fromRad: number, toRad: number, count = 13): Pt[] =>
  Array.from({ length: count }, (_, i): Pt => {
    const angle = fromRad + ((toRad - fromRad) * i) / (count - 1);
    return [centre[0] + radius * Math.cos(angle), centre[1] + radius * Math.sin(angle)];
  });
