export {
  cutList,
  TYING_LIMITS,
  type Allowances,
  type BatchItem,
  type CutList,
  type CutPiece,
  type Taken,
} from './cut-list';
export { cuttingStock, CUTTING_LIMITS, type Cutting, type CuttingInput } from './cutting-stock';
export { leadersOf, linksOnMainLine, type LeaderEnd, type LeaderPiece } from './leaders';
export { sizing, SIZING_LIMITS, type Sizing } from './sizing';
export { tyingSteps, type Tool, type TyingStep } from './steps';
