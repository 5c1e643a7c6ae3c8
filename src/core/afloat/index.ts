export {
  spread,
  SPREAD_LIMITS,
  type LineInTurn,
  type LinePair,
  type Point,
  type Profile,
  type Side,
  type Spread,
  type SpreadInput,
  type SpreadLine,
  type Tightest,
  type Turn,
} from './spread';
export { wake, WAKE_LIMITS, type OnWake, type Wake, type WakeInput, type WakePlace } from './wake';
