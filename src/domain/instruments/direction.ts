const TURN = 2 * Math.PI;

/** An angle as a direction, 0..2π. */
export const asDirection = (rad: number): number => ((rad % TURN) + TURN) % TURN;

/** The direction of a movement, clockwise from north. */
export const directionOf = (north: number, east: number): number => asDirection(Math.atan2(east, north));

/** The difference of two directions the short way, −π..π. */
export const turnBetween = (fromRad: number, toRad: number): number => {
  const turn = asDirection(toRad - fromRad);
  return turn > Math.PI ? turn - TURN : turn;
};
