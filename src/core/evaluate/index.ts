export { evaluate, type Evaluation } from './evaluate';
export { effectFigures, type EffectFigures } from './effect';
export type { BalancedEnd, BalanceFigures, HookFit } from './balance';
export type { HoldFigures } from './hold';
export type { SetFigures } from './set';
export { withPart } from './with-part';
export { changedReadings, whatMoved, type MovedMark, type Reading } from './what-moved';
export { VERDICT_NAMES, type Mark, type Reason, type ReasonCode, type Verdict, type VerdictLimits, type VerdictName, type VerdictUnit } from './verdict';
