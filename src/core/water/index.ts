export { waterProperties, WATER_LIMITS, type WaterConditions, type WaterInput, type WaterProperties } from './water';
export {
  CURRENT_LIMITS,
  fitCurrent,
  groundSpeedFor,
  speedThroughWater,
  type CurrentFit,
  type CurrentRun,
} from './current';
export {
  BODY_LIMITS,
  resolveBody,
  type BodyShape,
  type SinkBody,
  sink,
  SINK_LIMITS,
  type Sink,
  type SinkInput,
  type SinkRow,
} from './sink';
export { trim, TRIM_LIMITS, type Trim, type TrimInput, type TrimPart } from './trim';
export {
  tow,
  loadOf,
  currentAt,
  TOW_LIMITS,
  type CurrentLayer,
  type Rest,
  type Tow,
  type TowedBody,
  type TowEnd,
  type TowInput,
  type TowOutcome,
  type TowSegment,
  type TowSolve,
  type TowWeight,
  turn,
  TURN_LIMITS,
  type TurnInput,
  type TurnLine,
} from './tow';
