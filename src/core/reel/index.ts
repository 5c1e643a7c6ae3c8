export {
  backingUnderM,
  clutchNowN,
  lineATurnM,
  SPOOL_LIMITS,
  SPOOL_PACKING,
  spoolCapacityM,
  spoolRadiusM,
  spoolVolumeM3,
  type Spool,
  type WoundLine,
} from './spool';
