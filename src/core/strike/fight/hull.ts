import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';

/** Froude number at which a displacement hull meets its own wave, and how steeply its drag grows from there on. */
const WALL = { froude: 0.4, power: 6 } as const;

/**
 * Pull [N] that moves a small hull at a speed [m/s].
 *
 * Model: D·v² with D its pull at 1 m/s; above a Froude number of 0.4 by the waterline, times (Fr/0.4)⁶: a wall for what a
 * paddle, a fish or the wind can do. Source of the form: resistance of displacement hulls over Froude number.
 */
export function hullPullN(speedMps: number, hullDragN: number, lengthM: number | undefined): number {
  const froude = lengthM === undefined ? 0 : speedMps / Math.sqrt(STANDARD_GRAVITY_MPS2 * lengthM);
  return hullDragN * speedMps ** 2 * Math.max(1, froude / WALL.froude) ** WALL.power;
}

/** The speed [m/s] at which a pull [N] moves the hull: the inverse of `hullPullN`. */
export function hullSpeedUnderN(pullN: number, hullDragN: number, lengthM: number | undefined): number {
  const free = Math.sqrt(pullN / hullDragN);
  if (lengthM === undefined) return free;
  const wall = WALL.froude * Math.sqrt(STANDARD_GRAVITY_MPS2 * lengthM);
  return free <= wall ? free : (pullN / hullDragN) ** (1 / (WALL.power + 2)) * wall ** (WALL.power / (WALL.power + 2));
}
