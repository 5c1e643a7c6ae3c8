export { bendRod, type Bend } from './bend';
export { solveElastica, ELASTICA_LIMITS, type Elastica, type ElasticaInput } from './elastica';
export { rodBend, type Point, type Pull, type RodBend, type RodBendInput } from './rod-bend';
export {
  resolveRod,
  ROD_LIMITS,
  type ClassStiffness,
  type ResolvedRod,
  type Rod,
  type RodStiffness,
  type StiffnessFit,
  type TaperStiffness,
} from './stiffness';
