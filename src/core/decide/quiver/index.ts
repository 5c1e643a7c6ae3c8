export { quiver, QUIVER_LIMITS, totalOf, type Quiver, type QuiverInput } from './quiver';
export { SCORE_PARTS, type ScorePart } from './score-parts';
export { scoreRods, wantsOf, type RodScore, type Wants } from './score';
export { territories, type Territory } from './territories';
