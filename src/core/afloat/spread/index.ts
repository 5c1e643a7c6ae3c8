export { checkLines } from './check-lines';
export { leastDistanceM, wetPieces, type Piece } from './distance';
export {
  clearanceM,
  laybackM,
  parentsOf,
  SPREAD_LIMITS,
  type Point,
  type Profile,
  type Side,
  type SpreadLine,
  type Turn,
} from './lines';
export { inTurn, onStraight, type Placed } from './place';
export { spread, type LineInTurn, type LinePair, type Spread, type SpreadInput } from './spread';
export type { Tightest } from './tightest';
