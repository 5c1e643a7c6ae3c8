import type { Primitive, Pt } from './primitives';

/** Something of the rig alone, in its own millimetres: the line arrives at the origin, x goes on along the rig, y down. */
export interface Shape {
  readonly primitives: readonly Primitive[];
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  /** where the line goes on */
  readonly exit: Pt;
  /** a point of each joint for its balloon, and the side on which the balloon is to stand */
  readonly anchors: readonly Anchor[];
  /** what of it is dimensioned */
  readonly body?: ShapeBody;
}

export interface Anchor {
  readonly jointId: string;
  readonly at: Pt;
  readonly side: 'above' | 'below';
}

/** Where the dimensions of a bait start, after its turn. */
export interface ShapeBody {
  readonly nose: Pt;
  readonly lengthMm: number;
  readonly heightMm: number;
  /** where along it it is thickest, and how far everything reaches over, under and behind it, before its turn */
  readonly thickMm: number;
  readonly aboveMm: number;
  readonly belowMm: number;
  readonly aftMm: number;
  /** tip of the hook that the set is judged by, and how far it stands from the nose; null: nothing to say */
  readonly point: { readonly exitMm: number; readonly heightMm: number } | null;
  readonly pitchRad: number;
  /** drawn as it lies; a spoon is turned to its face, where its height is not seen */
  readonly showsHeight: boolean;
}

type Box = Pick<Shape, 'left' | 'right' | 'top' | 'bottom'>;

/** Room that primitives take [mm]. */
export function boundsOf(primitives: readonly Primitive[]): Box {
  const points = primitives.flatMap((p): Pt[] =>
    p.kind === 'path'
      ? [...p.points]
      : p.kind === 'circle'
        ? [
            [p.at[0] - p.radius, p.at[1] - p.radius],
            [p.at[0] + p.radius, p.at[1] + p.radius],
          ]
        : [],
  );
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  return { left: Math.min(0, ...xs), right: Math.max(0, ...xs), top: Math.min(0, ...ys), bottom: Math.max(0, ...ys) };
}

export const shapeOf = (primitives: readonly Primitive[], exit: Pt, anchors: readonly Anchor[]): Shape => ({
  primitives,
  ...boundsOf(primitives),
  exit,
  anchors,
});

/** Turns a point about the origin, nose up positive: what is aft goes down. */
export const turn =
  (pitchRad: number) =>
  ([x, y]: Pt): Pt => [
    x * Math.cos(pitchRad) - y * Math.sin(pitchRad),
    x * Math.sin(pitchRad) + y * Math.cos(pitchRad),
  ];
