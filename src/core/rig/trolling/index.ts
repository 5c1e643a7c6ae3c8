export { baitSpin, type BaitSpin } from './bait-spin';
export { castBand, type BandAsk, type CastBand } from './band-share';
export {
  bottomWeight,
  isBottomRig,
  rightWeight,
  type Bottom,
  type BottomWeight,
  type BottomWeightAsk,
  type RightWeight,
  type ThumbCause,
} from './bottom-weight';
export { driftWeight, type Drift, type DriftAsk } from './drift-weight';
export { hungCable, type HungCable, type HungCableInput } from './cable';
export { countdowns, type Countdown, type FallChange } from './countdown';
export { commonSpeeds, coverage, type DepthBand, type WorkingSpeeds } from './coverage';
export { depthCard, type DepthCard } from './depth-card';
export { fallInputOf } from './fall-input';
export { paddling, type Paddling } from './paddling';
export {
  cableShock,
  RELEASE_LIMITS,
  SHOCK_LIMITS,
  tripped,
  type CableShock,
  type CableShockInput,
  type Tripped,
  type TrippedInput,
} from './release';
export { bottomUnder, type BottomProfile } from './bottom-profile';
export { lineToBottom, runOver, type LineToBottom } from './run-over';
export { weightTable, type WeightTable, type WeightTableAsk } from './weight-table';
export { withLine } from './with-line';
export { runRig } from './run-rig';
export { boatSpeeds } from './towed-scene';
export type { Running } from './running';
export { gripRiseRad, holderLeanRad, tipHeightM } from './tip';
export { depthsAt, turnRig, turnTrack, type TurningLine, type TurnTrack } from './turn-rig';
