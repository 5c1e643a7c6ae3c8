export { changePoint, CHANGE_POINT_SAMPLES, type ChangePoint, type ChangePointInput } from './change-point';
export { SERIES_LIMITS } from './series';
export { steadiness, type Steadiness, type SteadinessInput } from './steadiness';
export {
  WATCH_LIMITS,
  whatMovedAfloat,
  type Channel,
  type Watch,
  type WhatMoved,
  type WhatMovedInput,
} from './what-moved';
export { again, AGAIN_LIMITS, type Again, type AgainInput } from './again';
export { translate, TRANSLATE_LIMITS, type Translate, type TranslateInput } from './translate';
export { flowAt, flowOf, lengthOf, minus, overGround, type Flow, type FlowLayer } from './course';
