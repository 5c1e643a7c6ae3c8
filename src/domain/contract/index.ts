import { castFitModel } from './cast-fit';
import { chainModel } from './chain';
import { checksModel } from './checks';
import { dragWindowModel } from './drag-window';
import { fightModel } from './fight';
import { hooksetModel } from './hookset';
import { lineModel } from './line';
import { MEASURING_MODELS } from './measuring';
import type { Model } from './model';
import { rodBendModel } from './rod-bend';
import { setupModel } from './setup';
import { sinkModel } from './sink';
import { trimModel } from './trim';
import { waterModel } from './water';

/** Every model, in the order of the core's description. */
export const MODELS: readonly Model[] = [waterModel, rodBendModel, castFitModel, lineModel, hooksetModel, dragWindowModel, sinkModel, trimModel, chainModel, fightModel, setupModel, checksModel, ...MEASURING_MODELS];

export type { Model } from './model';
