export {
  hookset,
  SET_STEPS,
  type Hookset,
  type HooksetInput,
  type SetDanger,
  type SetLimit,
  type SetWord,
} from './hookset';
export { HOOKSET_LIMITS } from './hookset-limits';
export { neededForceN, openingForceN, tearForceN, type HookInTissue } from './hook-forces';
export { balancedPull, tipToHookM, type Pulled } from './sweep-pull';
