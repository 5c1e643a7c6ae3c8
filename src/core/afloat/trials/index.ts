export { confounders, type ConfounderCell, type Confounders } from './confounders';
export { judgeStrikes, JUDGE_LIMITS, type Judged, type JudgedStrike } from './judge';
export { rates, RATES_LIMITS, type RateCell, type Rates } from './rates';
export {
  ENOUGH,
  evidencePath,
  trialLive,
  TRIAL_LIVE_LIMITS,
  type LiveEvent,
  type TrialLive,
  type Version,
} from './trial-live';
export { STRATA_LIMITS, trialStrata, type TrialStrata, type TrialStrataInput } from './trial-strata';
export { trial, type Trial, type TrialInput } from './trial';
export { trialPlan, TRIAL_PLAN_LIMITS, type PlannedTrialLine, type TrialPlan, type TrialPlanInput } from './trial-plan';
export {
  sharePath,
  trialLiveShare,
  TRIAL_LIVE_SHARE_LIMITS,
  type LiveTry,
  type TrialLiveShare,
} from './trial-live-share';
export { trialSize, TRIAL_SIZE_LIMITS, type TrialSize, type TrialSizeInput } from './trial-size';
