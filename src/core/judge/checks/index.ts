export { RULES, runChecks, type Finding, type RuleId } from './run-checks';
export type { CheckInput, Found, Severity } from './rule';
