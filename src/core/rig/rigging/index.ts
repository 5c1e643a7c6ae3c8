export { bodyProfile, trimmed, trimmedMassShare, type Body } from './body';
export { carriesPull, elementsOf, isAssembly, pinchedAboveM, type Assembly, type Element } from './elements';
export { fitChain, type Fitted, type FittedOf } from './fitted';
export { pointsInReach, stationsOf, stockHook, type HookSpec } from './hook-spec';
export { SHANK_WEIGHT_AT, type Mass } from './end-masses';
export type { HookPlace, Place } from './hook-place';
export { rigEnd, spacingOf, type RiggedEnd } from './rigged-end';
export { hardwareStrengthN, knotShare, lineOfKnot, openingOf, type LinePiece } from './carrying-joints';
export {
  leadersM,
  lineRiggedN,
  onRod,
  piecesInPull,
  ratingOf,
  readRig,
  rodHoldsN,
  rodOf,
  type Rig,
  type RiggedHook,
  type RiggedPiece,
} from './rig';
export { divesAlone, hungPullN, together, towedLine, type TowedLine } from './towed-line';
export { dragAreaM2 } from './drag-area';
export { workingSpeeds, type SpeedWindow } from './working-speeds';
