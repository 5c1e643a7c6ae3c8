import { smooth } from './outline';
import { arc, circle, path, type Primitive, type Pt } from './primitives';
import { boundsOf } from './shape';

/** How a knot stands after one of its steps. */
export interface KnotStep {
  readonly primitives: readonly Primitive[];
  /** where the end that is worked with comes out, and where the line that holds leaves */
  readonly tag: Pt;
  readonly standing: Pt;
  readonly box: ReturnType<typeof boundsOf>;
}

export interface Pens {
  readonly standing: (points: readonly Pt[]) => Primitive;
  readonly tag: (points: readonly Pt[]) => Primitive;
  readonly other: (points: readonly Pt[]) => Primitive;
  readonly eye: (x: number, radius?: number) => Primitive;
}

export const pens = (jointId: string): Pens => ({
  standing: (points) => path('line', round(points), { jointId }),
  tag: (points) => path('tag', round(points), { jointId }),
  other: (points) => path('leader', round(points), { jointId }),
  eye: (x, radius = 4) => circle('hook', [x, 0], radius, jointId),
});

/** Line has no corners. */
const round = (points: readonly Pt[]): readonly Pt[] => (points.length > 2 ? smooth(points) : points);

/** Wraps of one line round another that lies along x: a flat spring seen from the side. */
export const wraps = (from: number, turns: number, pitch: number, half: number): Pt[] =>
  Array.from({ length: turns * 12 + 1 }, (_, i): Pt => [
    from + (i / 12) * pitch,
    half * Math.sin((i / 12) * 2 * Math.PI),
  ]);

/** The barrel of a drawn-down knot: turns lying side by side. */
export const barrel = (from: number, turns: number, half: number): Pt[] =>
  Array.from({ length: turns }, (_, i): readonly Pt[] => [
    [from + i * 1.9, half],
    [from + i * 1.9 + 1.1, -half],
  ]).flat();

export const mirrored = (points: readonly Pt[]): Pt[] => points.map(([x, y]): Pt => [x, -y]);
export const flat = (from: number, to: number, y = 0): Pt[] => [
  [from, y],
  [to, y],
];

export const step = (primitives: readonly Primitive[], tag: Pt, standing: Pt = [0, 0]): KnotStep => ({
  primitives,
  tag,
  standing,
  box: boundsOf(primitives),
});

/** A loop lying to the right of `x`, its two strands `half` apart. */
export const loop = (x: number, reach: number, half: number): Pt[] => [
  [x, -half],
  [x + reach - half, -half],
  ...arc([x + reach - half, 0], half, -Math.PI / 2, Math.PI / 2),
  [x, half],
];

/** A loop that lies to the right of its own bend, strands going on to the right. */
export const mirroredLoop = (x: number, reach: number, half: number): Pt[] => [
  [x + reach, -half * 0.6],
  [x + half, -half],
  ...arc([x + half, 0], half, -Math.PI / 2, -1.5 * Math.PI),
  [x + reach, half * 0.6],
];
