export {
  clutchNowN,
  SPOOL_LIMITS,
  spoolCapacityM,
  spoolRadiusM,
  type Spool,
  type WoundLine,
} from './spool';
