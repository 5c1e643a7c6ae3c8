export { bendRod, type Bend } from './bend';
export { loadRatioAtDrop } from './load-at-drop';
export { powerN } from './power';
export { HANG_TEST_LIMITS, type HangTest, type HungMass } from './hang-test';
export { rodBend, type Point, type Pull, type RodBend, type RodBendInput } from './rod-bend';
export {
  asTaper,
  resolveRod,
  ROD_LIMITS,
  type ClassStiffness,
  type ResolvedRod,
  type Rod,
  type RodStiffness,
  type StiffnessFit,
  type TaperedRod,
  type TaperStiffness,
} from './stiffness';
