export { confounders, type ConfounderCell, type Confounders } from './confounders';
export { judgeStrikes, JUDGE_LIMITS, type Judged, type JudgedStrike } from './judge';
export { rates, RATES_LIMITS, type RateCell, type Rates } from './rates';
export { trialLive, TRIAL_LIVE_LIMITS, type LiveEvent, type TrialLive } from './trial-live';
export { STRATA_LIMITS, trialStrata, type TrialStrata, type TrialStrataInput } from './trial-strata';
export { trial, type Trial, type TrialInput } from './trial';
export { trialPlan, TRIAL_PLAN_LIMITS, type PlannedTrialLine, type TrialPlan, type TrialPlanInput } from './trial-plan';
