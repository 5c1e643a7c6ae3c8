import type { Point } from './lines';
import type { Placed } from './place';

/** A piece of a line in the water. */
export type Piece = readonly [a: Point, b: Point];

/** What of a line lies in the water, piece by piece: each is cut where it passes the surface. */
export function wetPieces({ points }: Placed): readonly Piece[] {
  const pieces: Piece[] = [];
  for (let i = 1; i < points.length; i += 1) {
    const [a, b] = [points[i - 1]!, points[i]!];
    if (a[2] < 0 && b[2] < 0) continue;
    if (a[2] >= 0 && b[2] >= 0) {
      pieces.push([a, b]);
      continue;
    }
    const share = a[2] / (a[2] - b[2]);
    const cut: Point = [a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1]), 0];
    pieces.push(a[2] < 0 ? [cut, b] : [a, cut]);
  }
  return pieces;
}

/** Least distance between two lines' pieces [m]; null where one has none. */
export function leastDistanceM(a: readonly Piece[], b: readonly Piece[]): number | null {
  if (a.length === 0 || b.length === 0) return null;
  let least = Infinity;
  for (const p of a) for (const q of b) if (boxDistance2(p, q) < least) least = Math.min(least, pieceDistance2(p, q));
  return Math.sqrt(least);
}

/** Distance between two straight pieces [m]. */
export const pieceDistanceM = (p: Piece, q: Piece): number => Math.sqrt(pieceDistance2(p, q));

/** Squared distance between the boxes around two pieces [m²]: no more than that between the pieces. */
function boxDistance2([p0, p1]: Piece, [q0, q1]: Piece): number {
  const x = spanApart(p0[0], p1[0], q0[0], q1[0]);
  const y = spanApart(p0[1], p1[1], q0[1], q1[1]);
  const z = spanApart(p0[2], p1[2], q0[2], q1[2]);
  return x * x + y * y + z * z;
}

const spanApart = (pa: number, pb: number, qa: number, qb: number): number =>
  Math.max((pa < pb ? pa : pb) - (qa > qb ? qa : qb), (qa < qb ? qa : qb) - (pa > pb ? pa : pb), 0);

/**
 * Squared distance between two straight pieces [m²].
 *
 * Source: Ericson, Real-Time Collision Detection (2005), section 5.1.9.
 */
function pieceDistance2([p0, p1]: Piece, [q0, q1]: Piece): number {
  const ux = p1[0] - p0[0];
  const uy = p1[1] - p0[1];
  const uz = p1[2] - p0[2];
  const vx = q1[0] - q0[0];
  const vy = q1[1] - q0[1];
  const vz = q1[2] - q0[2];
  const wx = p0[0] - q0[0];
  const wy = p0[1] - q0[1];
  const wz = p0[2] - q0[2];
  const a = ux * ux + uy * uy + uz * uz;
  const e = vx * vx + vy * vy + vz * vz;
  const f = vx * wx + vy * wy + vz * wz;
  let s = 0;
  let t = 0;
  if (a === 0) t = e === 0 ? 0 : share(f / e);
  else {
    const c = ux * wx + uy * wy + uz * wz;
    if (e === 0) s = share(-c / a);
    else {
      const b = ux * vx + uy * vy + uz * vz;
      const apart = a * e - b * b;
      s = apart > 0 ? share((b * f - c * e) / apart) : 0;
      t = (b * s + f) / e;
      if (t < 0) [s, t] = [share(-c / a), 0];
      else if (t > 1) [s, t] = [share((b - c) / a), 1];
    }
  }
  const dx = wx + s * ux - t * vx;
  const dy = wy + s * uy - t * vy;
  const dz = wz + s * uz - t * vz;
  return dx * dx + dy * dy + dz * dz;
}

const share = (value: number): number => Math.min(1, Math.max(0, value));

/** Whether two lines cut each other in plan, start to lure, each with the other's ends strictly on both sides. */
export function crossInPlan(a: Placed, b: Placed): boolean {
  const [a0, a1, b0, b1] = [a.points[0]!, a.points.at(-1)!, b.points[0]!, b.points.at(-1)!];
  return sideOf(a0, a1, b0) * sideOf(a0, a1, b1) < 0 && sideOf(b0, b1, a0) * sideOf(b0, b1, a1) < 0;
}

const sideOf = ([ax, ay]: Point, [bx, by]: Point, [px, py]: Point): number =>
  Math.sign((bx - ax) * (py - ay) - (by - ay) * (px - ax));
