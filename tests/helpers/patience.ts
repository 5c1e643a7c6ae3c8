/** How long what is to come is waited for: no test is timed, and a machine may do something else besides [ms]. */
export const PATIENCE_MS = 60_000;
