export { evaluate, type Evaluation } from './evaluate';
export { knotShare, readRig, rodOf, type Rig } from './rig';
export { withPart } from './with-part';
export { changedReadings, whatMoved, type MovedMark, type Reading } from './what-moved';
export {
  PART_OF_JOINT,
  type CastPresentation,
  type HookFacts,
  type HookPart,
  type JigHeadPart,
  type Joint,
  type JointKind,
  type KnotPart,
  type LinePart,
  type Part,
  type PartKind,
  type ReelPart,
  type RodPart,
  type Setup,
  type SoftBaitPart,
  type WeightPart,
} from './setup';
export { VERDICT_NAMES, type Mark, type Reason, type ReasonCode, type Verdict, type VerdictLimits, type VerdictName, type VerdictUnit } from './verdict';
