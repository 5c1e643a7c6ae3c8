import { MODELS as COMPUTED, type Model } from '@/domain/contract';
import { partModel } from './part';
import { rigModel } from './rig';

/** Every model that the shell reaches: those that compute, and those that read words first. */
export const MODELS: readonly Model[] = [...COMPUTED, partModel, rigModel];
