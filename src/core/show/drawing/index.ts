export { drawDetail, type DetailInput } from './detail';
export { drawSheet, type SheetInput } from './sheet';
export type { KnotStep } from './knot-pens';
export { knotSteps } from './knot-shape';
export { outlineOfPart, type PartOutline } from './part-outline';
export type { Drawing, Label, Pen, Primitive, Pt } from './primitives';
