export { seatTakes } from './seat';
export {
  backingUnderM,
  clutchNowN,
  lineATurnM,
  SPOOL_LIMITS,
  spoolCapacityM,
  spoolRadiusM,
  type Spool,
  type WoundLine,
} from './spool';
