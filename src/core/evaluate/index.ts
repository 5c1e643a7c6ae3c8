export { evaluate, type Evaluation } from './evaluate';
export { effectFigures, type EffectFigures } from './effect';
export type { BalancedEnd, BalanceFigures, HookFit } from './balance';
export { fallInput } from './fall';
export type { HoldFigures } from './hold';
export { hooksetInput, judgeSet, judgeStrike, type SetFigures } from './set';
export { pullAngleRad, strikeFigures, type StrikeFigures } from './strike';
export { carryOf, judgeTow, type CarriedPull, type TowFigures } from './tow';
export { withPart } from './with-part';
export { changedReadings, whatMoved, type MovedMark, type Reading } from './what-moved';
export {
  VERDICT_NAMES,
  type Mark,
  type Reason,
  type ReasonCode,
  type Verdict,
  type VerdictLimits,
  type VerdictName,
  type VerdictUnit,
} from './verdict';
export { boatSide, type BoatSide } from './boat-side';
export { placeOf, roomOf } from './room';
