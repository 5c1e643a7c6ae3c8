import { demoFile } from '../../../../../tests/helpers/demo';
import type { Setup, TowedPresentation } from '../../../tackle';
import { readRig } from '../../rigging';
import { runRig } from '..';

export const harness = demoFile('setup-crawler-harness');
export const minnow = demoFile('setup-crimped-minnow');
export const fly = demoFile('setup-char-flasher');
export const towedOf = (setup: Setup, change: Partial<TowedPresentation> = {}) => ({
  ...(setup.presentation as TowedPresentation),
  ...change,
});
export const run = (setup: Setup, change: Partial<TowedPresentation> = {}) =>
  runRig(readRig(setup), towedOf(setup, change));
