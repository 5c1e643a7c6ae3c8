export {
  CURRENT_LIMITS,
  fitCurrent,
  groundSpeedFor,
  speedThroughWater,
  type CurrentFit,
  type CurrentRun,
} from './current';
