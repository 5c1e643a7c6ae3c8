import { requireInRange, type Limits } from '../../base/guard';
import { linearLeastSquares } from '../../base/numeric';

export const CURRENT_LIMITS = {
  sogMps: { min: 0, max: 30 },
  courseRad: { min: -2 * Math.PI, max: 2 * Math.PI },
  probeMps: { min: 0, max: 30 },
} as const satisfies Record<string, Limits>;

/** One steady run: over ground by satellite, heading by compass, and what the sensor in the water read. */
export interface CurrentRun {
  readonly sogMps: number;
  readonly cogRad: number;
  readonly headingRad: number;
  readonly probeMps: number;
}

export interface CurrentFit {
  readonly outcome: 'fitted' | 'not-determined';
  /** speed through the water = scale · reading + offset */
  readonly scale: number | null;
  readonly offsetMps: number | null;
  readonly currentMps: number | null;
  /** where it flows to, clockwise from north, 0..2π */
  readonly currentTowardRad: number | null;
  /** rms of the velocity components that are left over [m/s] */
  readonly residualMps: number | null;
}

/** Readings that differ by less than this share tell the offset from the scale no more. */
const PROBES_DIFFER = 0.2;
/**
 * The least that an unknown must show by itself. Two runs whose headings differ by δ leave sin(δ/2) of the scale's column
 * beside the current's: at six degrees, 0.05, a compass error of a few degrees would be read as current.
 */
const LEAST_INDEPENDENCE = 0.05;

/**
 * One current for all runs, and what the sensor's reading means.
 *
 * Model: ground velocity = (scale·probe + offset)·heading + current, both components of every run, linear least squares;
 * where readings differ by less than 20 % of the largest, offset 0. Too few headings: `not-determined`, figures null.
 */
export function fitCurrent({ runs }: { readonly runs: readonly CurrentRun[] }): CurrentFit {
  runs.forEach((run, i) => {
    requireInRange(`runs[${i}].sogMps`, run.sogMps, CURRENT_LIMITS.sogMps);
    requireInRange(`runs[${i}].probeMps`, run.probeMps, CURRENT_LIMITS.probeMps);
  });
  const readings = runs.map(({ probeMps }) => probeMps);
  const most = Math.max(...readings);
  const hasOffset = most > 0 && (most - Math.min(...readings)) / most >= PROBES_DIFFER;
  const A: number[][] = [];
  const b: number[] = [];
  for (const { sogMps, cogRad, headingRad, probeMps } of runs) {
    const [north, east] = [Math.cos(headingRad), Math.sin(headingRad)];
    A.push(
      [probeMps * north, 1, 0, ...(hasOffset ? [north] : [])],
      [probeMps * east, 0, 1, ...(hasOffset ? [east] : [])],
    );
    b.push(sogMps * Math.cos(cogRad), sogMps * Math.sin(cogRad));
  }
  const { solution, independence } = linearLeastSquares(A, b);
  if (!(independence >= LEAST_INDEPENDENCE))
    return {
      outcome: 'not-determined',
      scale: null,
      offsetMps: null,
      currentMps: null,
      currentTowardRad: null,
      residualMps: null,
    };
  const [scale, north, east, offset = 0] = solution as [number, number, number, number?];
  const left = b.map((value, i) => value - A[i]!.reduce((sum, a, j) => sum + a * solution[j]!, 0));
  const toward = Math.atan2(east, north);
  return {
    outcome: 'fitted',
    scale,
    offsetMps: offset,
    currentMps: Math.hypot(north, east),
    // North by a rounding is north.
    currentTowardRad: toward < -1e-9 ? toward + 2 * Math.PI : Math.max(0, toward),
    residualMps: Math.sqrt(left.reduce((sum, value) => sum + value ** 2, 0) / left.length),
  };
}

/**
 * What to make over ground on a course so that a lure has its speed through the water in which it runs.
 *
 * Model: the boat goes over ground along its course and the lure, in the steady state, with it; through its water it moves
 * by v − c. |v − c| = wanted is a quadratic in v: v = c∥ ± √(wanted² − c⊥²), the forward root. Null where the water sets
 * across the course faster than that.
 */
export function groundSpeedFor({
  wantedMps,
  courseRad,
  currentMps,
  currentTowardRad,
}: {
  readonly wantedMps: number;
  readonly courseRad: number;
  readonly currentMps: number;
  readonly currentTowardRad: number;
}): number | null {
  const along = currentMps * Math.cos(currentTowardRad - courseRad);
  const across = currentMps * Math.sin(currentTowardRad - courseRad);
  const left = wantedMps ** 2 - across ** 2;
  if (left < 0) return null;
  const speed = along + Math.sqrt(left);
  return speed >= 0 ? speed : null;
}

/** Speed of a lure through the water in which it runs, the boat making this over ground on this course [m/s]. */
export function speedThroughWater({
  sogMps,
  courseRad,
  currentMps,
  currentTowardRad,
}: {
  readonly sogMps: number;
  readonly courseRad: number;
  readonly currentMps: number;
  readonly currentTowardRad: number;
}): number {
  const along = currentMps * Math.cos(currentTowardRad - courseRad);
  const across = currentMps * Math.sin(currentTowardRad - courseRad);
  return Math.hypot(sogMps - along, across);
}
