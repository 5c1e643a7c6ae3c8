export const COMPASS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'] as const;
export type CompassPoint = (typeof COMPASS)[number];

const STEP_RAD = (2 * Math.PI) / COMPASS.length;

export const radOf = (point: CompassPoint): number => COMPASS.indexOf(point) * STEP_RAD;

/** The nearest of eight points to a direction [rad, clockwise from north]. */
export const pointOf = (directionRad: number): CompassPoint =>
  COMPASS[((Math.round(directionRad / STEP_RAD) % COMPASS.length) + COMPASS.length) % COMPASS.length]!;
