export { boatLine, nameOfFirst, probeLine, type BoatLine, type HungProbe, type PlacedRod } from './boat-line';
export { acrossAt, sidewaysM, type SideLayer } from './sideways';
export { tipAt, TOW_POINT_KINDS, type TowPoint } from './tow-point';
