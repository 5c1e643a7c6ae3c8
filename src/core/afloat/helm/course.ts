/** A movement over ground or through water: north and east [m/s]. */
export type Flow = readonly [north: number, east: number];

export const flowOf = (speedMps: number, towardRad: number): Flow => [
  speedMps * Math.cos(towardRad),
  speedMps * Math.sin(towardRad),
];

export const lengthOf = ([n, e]: Flow): number => Math.hypot(n, e);
export const minus = (a: Flow, b: Flow): Flow => [a[0] - b[0], a[1] - b[1]];

/** Water at a depth, where it moves toward. */
export interface FlowLayer {
  readonly depthM: number;
  readonly speedMps: number;
  readonly towardRad: number;
}

/** How the water moves at a depth: components straight between layers, constant beyond. */
export function flowAt(layers: readonly FlowLayer[], depthM: number): Flow {
  const next = layers.findIndex((layer) => layer.depthM >= depthM);
  const flow = (i: number): Flow => flowOf(layers[i]!.speedMps, layers[i]!.towardRad);
  if (next < 0) return flow(layers.length - 1);
  if (next === 0) return flow(0);
  const [a, b] = [flow(next - 1), flow(next)];
  const share = (depthM - layers[next - 1]!.depthM) / (layers[next]!.depthM - layers[next - 1]!.depthM);
  return [a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])];
}

/** Rounding may leave the square that a root is taken of a hair below zero. */
const ROUNDING = 1e-12;

/**
 * Speed over ground on a course that gives a speed through water which moves: the larger root u ≥ 0 of |u·ê − C| = w. Null where
 * the water sets across the course faster than that, or both roots are backwards.
 */
export function overGround(courseRad: number, current: Flow, waterMps: number): number | null {
  const [n, e] = flowOf(1, courseRad);
  const along = current[0] * n + current[1] * e;
  const across = current[1] * n - current[0] * e;
  const left = waterMps ** 2 - across ** 2;
  if (left < -ROUNDING * Math.max(1, waterMps ** 2)) return null;
  const u = along + Math.sqrt(Math.max(0, left));
  return u >= 0 ? u : null;
}
