export { confounders, type ConfounderCell, type Confounders } from './confounders';
export { trialLive, TRIAL_LIVE_LIMITS, type LiveEvent, type TrialLive } from './trial-live';
export { STRATA_LIMITS, trialStrata, type TrialStrata, type TrialStrataInput } from './trial-strata';
