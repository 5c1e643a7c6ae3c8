export { seatTakes } from './seat';
export {
  backingUnderM,
  clutchNowN,
  lineATurnM,
  SPOOL_LIMITS,
  spoolCapacityM,
  spoolOf,
  spoolRadiusM,
  type Spool,
  type WoundLine,
} from './spool';
export {
  countFactor,
  COLOUR_M,
  countsAt,
  lineCounted,
  LINE_COUNT_LIMITS,
  type LineCount,
  type LineOutCounted,
} from './line-count';
