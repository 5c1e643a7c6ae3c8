export { fight, type Fight, type FightInput } from './fight';
export { fishRun, type FishRun } from './fish-run';
export { hullPullN } from './hull';
export { loadUp, LOAD_UP_LIMITS, takeOf, type LoadUp, type LoadUpInput } from './load-up';
export { smallCraft, SMALL_CRAFT_LIMITS, type SmallCraft, type SmallCraftInput } from './small-craft';
export { winding, WINDING_LIMITS, type Winding, type WindingInput } from './winding';
