export { SPREAD_LIMITS, type Point, type Profile, type Side, type SpreadLine, type Turn } from './lines';
export { spread, type LineInTurn, type LinePair, type Spread, type SpreadInput } from './spread';
export type { Tightest } from './tightest';
