export {
  castFit,
  CAST_LIMITS,
  CAST_STEP,
  SNAP_OFF,
  type BendFit,
  type CastFit,
  type CastFitInput,
  type LabelFit,
} from './cast-fit';
export { castWindow, type CastWindow, type CastWindowInput } from './cast-window';
export { cast, FLIGHT_LIMITS, type Cast, type CastInput } from './cast';
