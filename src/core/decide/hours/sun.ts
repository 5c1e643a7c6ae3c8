import { requireInRange, type Limits } from '../../base/guard';

export const SUN_LIMITS = {
  latitudeRad: { min: -Math.PI / 2, max: Math.PI / 2 },
  longitudeRad: { min: -Math.PI, max: Math.PI },
  dayOfYear: { min: 1, max: 366 },
} as const satisfies Record<string, Limits>;

/** The upper limb touches the horizon, refraction included. */
export const HORIZON_RAD = (-0.833 * Math.PI) / 180;
/** Civil twilight ends: a line can no longer be tied without a lamp. */
export const TWILIGHT_RAD = (-6 * Math.PI) / 180;

const DAY_S = 86_400;

/** Angle of the year [rad], 0 on the first of January. */
const yearRad = (dayOfYear: number): number => (2 * Math.PI * (dayOfYear - 1)) / 365;

/** The sun's declination [rad], within 0.0006 rad. Source: Spencer, "Fourier series representation of the position of the sun", 1971. */
function declinationRad(dayOfYear: number): number {
  const g = yearRad(dayOfYear);
  return (
    0.006918 -
    0.399912 * Math.cos(g) +
    0.070257 * Math.sin(g) -
    0.006758 * Math.cos(2 * g) +
    0.000907 * Math.sin(2 * g) -
    0.002697 * Math.cos(3 * g) +
    0.00148 * Math.sin(3 * g)
  );
}

/** How far a sundial is ahead of a clock [s], within 35 s. Source: Spencer (1971). */
function equationOfTimeS(dayOfYear: number): number {
  const g = yearRad(dayOfYear);
  const rad =
    0.000075 +
    0.001868 * Math.cos(g) -
    0.032077 * Math.sin(g) -
    0.014615 * Math.cos(2 * g) -
    0.040849 * Math.sin(2 * g);
  return (rad * DAY_S) / (2 * Math.PI);
}

export interface SunDay {
  /** north positive [rad] */
  readonly latitudeRad: number;
  /** 1 on the first of January */
  readonly dayOfYear: number;
  /** when the sun stands highest, by the clock in use [s after midnight] */
  readonly noonS: number;
}

/**
 * When the sun stands highest by the clock [s after midnight].
 *
 * @throws {InputRangeError} when longitude or day lies outside SUN_LIMITS.
 */
export function noonS(longitudeRad: number, clockAheadOfUtcS: number, dayOfYear: number): number {
  requireInRange('longitudeRad', longitudeRad, SUN_LIMITS.longitudeRad);
  requireInRange('dayOfYear', dayOfYear, SUN_LIMITS.dayOfYear);
  return DAY_S / 2 + clockAheadOfUtcS - (longitudeRad * DAY_S) / (2 * Math.PI) - equationOfTimeS(dayOfYear);
}

/**
 * Height of the sun's centre over the horizon [rad] at an instant [s after midnight], refraction left out.
 *
 * Model: sin h = sin φ sin δ + cos φ cos δ cos t, δ held through the day. Valid: within 0.005 rad.
 *
 * @throws {InputRangeError} when latitude or day lies outside SUN_LIMITS.
 */
export function sunHeightRad({ latitudeRad, dayOfYear, noonS: noon }: SunDay, atS: number): number {
  checkSunDay(latitudeRad, dayOfYear);
  const delta = declinationRad(dayOfYear);
  const t = (2 * Math.PI * (atS - noon)) / DAY_S;
  const s = Math.sin(latitudeRad) * Math.sin(delta) + Math.cos(latitudeRad) * Math.cos(delta) * Math.cos(t);
  return Math.asin(Math.min(1, Math.max(-1, s)));
}

export type SunPasses =
  | { readonly kind: 'passes'; readonly riseS: number; readonly setS: number }
  | { readonly kind: 'stays-above' | 'stays-below' };

/**
 * When the sun passes a height on its way up and down [s after midnight], from the equation of `sunHeightRad`.
 *
 * @throws {InputRangeError} when latitude or day lies outside SUN_LIMITS.
 */
export function sunPasses({ latitudeRad, dayOfYear, noonS: noon }: SunDay, heightRad = HORIZON_RAD): SunPasses {
  checkSunDay(latitudeRad, dayOfYear);
  const delta = declinationRad(dayOfYear);
  const across = Math.cos(latitudeRad) * Math.cos(delta);
  const up = Math.sin(heightRad) - Math.sin(latitudeRad) * Math.sin(delta);
  if (up >= across) return { kind: 'stays-below' };
  if (up <= -across) return { kind: 'stays-above' };
  const half = (Math.acos(up / across) * DAY_S) / (2 * Math.PI);
  return { kind: 'passes', riseS: noon - half, setS: noon + half };
}

function checkSunDay(latitudeRad: number, dayOfYear: number): void {
  requireInRange('latitudeRad', latitudeRad, SUN_LIMITS.latitudeRad);
  requireInRange('dayOfYear', dayOfYear, SUN_LIMITS.dayOfYear);
}
