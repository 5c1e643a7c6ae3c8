export { quiver, QUIVER_LIMITS, totalOf, type Quiver, type QuiverInput } from './quiver';
export {
  SCORE_PARTS,
  scoreRods,
  territories,
  wantsOf,
  type RodScore,
  type ScorePart,
  type Territory,
  type Wants,
} from './score';
