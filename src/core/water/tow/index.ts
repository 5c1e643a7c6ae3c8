export { tow } from './tow';
export { loadOf } from './march';
export {
  currentAt,
  TOW_LIMITS,
  type Rest,
  type Tow,
  type TowedBody,
  type TowEnd,
  type TowInput,
  type TowOutcome,
  type TowSegment,
  type TowSolve,
  type TowWeight,
} from './tow-input';
export { turn, TURN_LIMITS, type TurnInput, type TurnLine } from './turn';
export type { CurrentLayer } from '../../base/surroundings';
