export { hungCable, type HungCable, type HungCableInput } from './cable';
export { runRig, type Running } from './run-rig';
export { gripRiseRad, holderLeanRad, tipHeightM } from './tip';
