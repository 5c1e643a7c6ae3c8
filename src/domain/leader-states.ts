export const LEADER_STATES = ['tied', 'in-use', 'frayed', 'retired'] as const;
export type LeaderState = (typeof LEADER_STATES)[number];
