export { bendRod, type Bend } from './bend';
export { loadRatioAtDrop } from './load-at-drop';
export { powerN } from './power';
export type { HangTest, HungMass } from './rod';
export { HANG_TEST_LIMITS } from './hang-test';
export { rodBend, type Point, type Pull, type RodBend, type RodBendInput } from './rod-bend';
export type { ResolvedRod, Rod, RodStiffness, StiffnessFit, TaperedRod, TaperStiffness } from './rod';
export { PRINTED_LIMITS } from './printed-power';
export {
  blankHoldsN,
  familyOf,
  printedLineN,
  printedWindowKg,
  statedPower,
  type FamilyOfRod,
  type StatedPower,
} from './stated-power';
export { asTaper, resolveRod, ROD_LIMITS } from './stiffness';
