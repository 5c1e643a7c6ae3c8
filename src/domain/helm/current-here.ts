import { flowOf, minus, overGround } from '@/core/afloat';
import { asDirection, directionOf, turnBetween } from '../instruments/direction';

/** Below this the satellites' course is noise [m/s]. */
const COURSE_FROM_MPS = 0.5;
/** What is known along one course is not used on another further off than this. */
export const SAME_COURSE_RAD = Math.PI / 6;

/** Where the boat goes: by satellite while it is fast enough, else where it points; null: not known. */
export function courseNow(sogMps: number | null, cogRad: number | null, headingRad: number | null): number | null {
  return sogMps !== null && sogMps >= COURSE_FROM_MPS && cogRad !== null ? cogRad : headingRad;
}

/** How the water moves over ground at the probe, as far as it is known. */
export type CurrentKnown =
  | { readonly kind: 'whole'; readonly speedMps: number; readonly towardRad: number; readonly depthM: number | null }
  /** from one course only: forward along it when positive */
  | { readonly kind: 'along'; readonly alongMps: number; readonly courseRad: number; readonly depthM: number | null };

/** From one course: what the boat makes over ground more than the probe has through the water. */
export const alongCurrent = (
  sogMps: number,
  courseRad: number,
  probeMps: number,
  depthM: number | null,
): CurrentKnown => ({ kind: 'along', alongMps: sogMps - probeMps, courseRad, depthM });

export interface AlongAcross {
  readonly alongMps: number;
  /** to starboard when positive; null: not known */
  readonly acrossMps: number | null;
}

/** The current by the boat's course; null where it is known along another course only. */
export function alongAcross(current: CurrentKnown, courseRad: number): AlongAcross | null {
  if (current.kind === 'along')
    return Math.abs(turnBetween(current.courseRad, courseRad)) <= SAME_COURSE_RAD
      ? { alongMps: current.alongMps, acrossMps: null }
      : null;
  const by = turnBetween(courseRad, current.towardRad);
  return { alongMps: current.speedMps * Math.cos(by), acrossMps: current.speedMps * Math.sin(by) };
}

/** Speed over ground that gives a speed through the water at the probe; null: not known on this course, or the water is faster. */
export function groundSpeedToHold(current: CurrentKnown, courseRad: number, wantedMps: number): number | null {
  if (current.kind === 'along') {
    const known = alongAcross(current, courseRad);
    return known && wantedMps + known.alongMps >= 0 ? wantedMps + known.alongMps : null;
  }
  return overGround(courseRad, flowOf(current.speedMps, current.towardRad), wantedMps);
}

/** Speed through the water at the probe's depth on a course; null as above. */
export function speedAtDepth(current: CurrentKnown, courseRad: number, sogMps: number): number | null {
  if (current.kind === 'along') {
    const known = alongAcross(current, courseRad);
    return known && Math.abs(sogMps - known.alongMps);
  }
  const [n, e] = minus(flowOf(sogMps, courseRad), flowOf(current.speedMps, current.towardRad));
  return Math.hypot(n, e);
}

/** The course that faces the current; null where only a part of it is known. */
export const facingRad = (current: CurrentKnown): number | null =>
  current.kind === 'whole' ? asDirection(current.towardRad + Math.PI) : null;

const EARTH_M = 6_371_000;

/** Distance and bearing from one place to another [m, rad from north]. */
export function wayTo(
  from: { readonly latDeg: number; readonly lonDeg: number },
  to: { readonly latDeg: number; readonly lonDeg: number },
): { readonly distanceM: number; readonly bearingRad: number } {
  const rad = Math.PI / 180;
  const north = (to.latDeg - from.latDeg) * rad * EARTH_M;
  const east = turnedDeg(to.lonDeg - from.lonDeg) * rad * EARTH_M * Math.cos(((to.latDeg + from.latDeg) / 2) * rad);
  return { distanceM: Math.hypot(north, east), bearingRad: directionOf(north, east) };
}

const turnedDeg = (deg: number): number => ((((deg + 180) % 360) + 360) % 360) - 180;
