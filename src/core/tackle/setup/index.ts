export { EMPTY_HOUSE, type Angler, type Craft, type House, type RulesSheet } from './house';
export {
  bearsHook,
  HOOK_BEARING,
  PARTS_OF_JOINT,
  PINCHED_ABOVE_M,
  WEIGHT_HOLDS,
  type Joint,
  type JointKind,
  type WeightHold,
} from './joints';
export type {
  AttractorPart,
  BaitPart,
  BottomBouncerPart,
  DivingPlanePart,
  HardLurePart,
  HardwarePart,
  HookFacts,
  HookPart,
  JigHeadPart,
  KnotPart,
  LinePart,
  LurePart,
  NaturalBaitPart,
  Part,
  PartKind,
  ReelPart,
  RodPart,
  SkirtPart,
  SkirtedJigPart,
  SnellPart,
  SoftBaitPart,
  SpoonPart,
  TopwaterPart,
  TrailerPart,
  TrolledFlyPart,
  WeightPart,
} from './parts';
export type {
  CableMaterial,
  CastPresentation,
  Conditions,
  Gear,
  Presentation,
  TowedPresentation,
} from './presentation';
export type { Setup } from './setup';
export { stationNames, STATIONS, type Station } from './stations';
