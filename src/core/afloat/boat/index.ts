export { boatLine, probeLine, type BoatLine, type HungProbe, type PlacedRod } from './boat-line';
export type { SideLayer } from './sideways';
export { tipAt, type TowPoint } from './tow-point';
export { lineFor, type LineWant, type PaidOut } from './line-for';
