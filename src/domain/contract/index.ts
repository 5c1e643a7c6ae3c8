import { AFLOAT_MODELS } from './afloat';
import { castFitModel } from './cast-fit';
import { chainModel } from './chain';
import { checksModel } from './checks';
import { choosingModels } from './choosing';
import { currentModel } from './current';
import { dragWindowModel } from './drag-window';
import { fightModel } from './fight';
import { exposureModel } from './exposure';
import { HELM_MODELS } from './helm';
import { hooksetModel } from './hookset';
import { lineModel } from './line';
import { loadUpModel } from './load-up';
import { MEASURING_MODELS } from './measuring';
import type { Model } from './model';
import { QUIVER_MODELS } from './quiver';
import { rodBendModel } from './rod-bend';
import { setupModel } from './setup';
import { sinkModel } from './sink';
import { smallCraftModel } from './small-craft';
import { towModel } from './tow';
import { trimModel } from './trim';
import { TRIAL_MODELS } from './trials';
import { turnModel } from './turn';
import { sTurnModel } from './s-turn';
import { spreadModel } from './spread';
import { spreadArrangeModel } from './spread-arrange';
import { suitModel } from './suit';
import { TYING_MODELS } from './tying';
import { wakeModel } from './wake';
import { waterModel } from './water';
import { windingModel } from './winding';

const PLAIN: readonly Model[] = [
  waterModel,
  rodBendModel,
  castFitModel,
  lineModel,
  hooksetModel,
  dragWindowModel,
  sinkModel,
  trimModel,
  towModel,
  turnModel,
  currentModel,
  chainModel,
  fightModel,
  loadUpModel,
  windingModel,
  smallCraftModel,
  setupModel,
  checksModel,
  ...MEASURING_MODELS,
  ...AFLOAT_MODELS,
  ...QUIVER_MODELS,
  ...TYING_MODELS,
  suitModel,
  spreadModel,
  spreadArrangeModel,
  sTurnModel,
  wakeModel,
  ...HELM_MODELS,
  exposureModel,
  ...TRIAL_MODELS,
];

/** Every model, in the order of the core's description; those that ask others come last. */
export const MODELS: readonly Model[] = [...PLAIN, ...choosingModels(PLAIN)];

export { model, type Model } from './model';
