export { bodyProfile, trimmed, trimmedMassShare, type Body } from './body';
export { carriesPull, elementsOf, isAssembly, type Assembly, type Element } from './elements';
export { fitChain, isKind, type Fitted, type FittedOf } from './fitted';
export { pointsInReach, stationsOf, stockHook, type HookSpec } from './hook-spec';
export { rigEnd, type HookPlace, type Mass, type Place, type RiggedEnd } from './rigged-end';
export { hardwareStrengthN, knotShare, lineOfKnot, openingOf, type LinePiece } from './carrying-joints';
export { leadersM, lineRiggedN, readRig, rodOf, type Rig, type RiggedHook, type RiggedPiece } from './rig';
