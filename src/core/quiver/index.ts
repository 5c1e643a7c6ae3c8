export { quiver, QUIVER_LIMITS, totalOf, type Quiver, type QuiverInput } from './quiver';
export { SCORE_PARTS, SCORE_STEPS, scoreRods, type RodScore, type ScorePart } from './score';
