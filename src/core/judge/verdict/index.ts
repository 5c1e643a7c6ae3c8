export type { BalancedEnd, BalanceFigures, HoldFigures, HookFit, SetFigures } from './figures';
export {
  markAtLeast,
  markWithin,
  rulingFirst,
  VERDICT_NAMES,
  worst,
  type Mark,
  type Reason,
  type ReasonCode,
  type Verdict,
  type VerdictLimits,
  type VerdictName,
  type VerdictUnit,
  type Weighed,
} from './verdict';
