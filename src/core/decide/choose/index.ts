export { applyChange, placesOf, type Change, type TechniqueCode } from './change';
export { leavesOf, valueAt, withValue, withValues, type Leaf, type Path } from './path';
export {
  ranges,
  RANGES_LIMITS,
  type RangedFigure,
  type RangedWord,
  type Ranges,
  type RangesInput,
  type Uncertain,
} from './ranges';
export { remedies, REMEDY_LIMITS, type Remedies, type Remedy, type RemedyInput, type VerdictShift } from './remedy';
export { setupRanges } from './setup-ranges';
export { finish, type Progress, type Steps } from './steps';
export { sweep, SWEEP_LIMITS, type Sweep, type SweepAxis, type SweepInput } from './sweep';
export { uncertainOf, type UncertainSetup } from './uncertain';
