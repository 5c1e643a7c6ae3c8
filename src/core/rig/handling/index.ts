export { enduranceMin, handLoad, HAND_LOAD_LIMITS, type HandLoad, type HandLoadInput } from './hand-load';
export { nesting, packedM, tipClearM, turnCircleM, type InHolder, type Nesting } from './reach';
export { rodMassKg } from './rod-mass';
export { clearanceAskedM, handOverWaterM, peakMomentNm, reachM } from './stance';
export { isJerked, workedPullN } from './worked-pull';
