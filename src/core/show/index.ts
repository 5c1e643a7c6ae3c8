export {
  drawDetail,
  type DetailInput,
  drawSheet,
  type SheetInput,
  knotSteps,
  type KnotStep,
  outlineOfPart,
  type PartOutline,
  type Drawing,
  type Label,
  type Pen,
  type Primitive,
  type Pt,
} from './drawing';
export { WORKING_SUBJECTS, workingOf, type Origin, type Term, type Working, type WorkingSubject } from './workings';
