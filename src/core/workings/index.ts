import { readRig, type Evaluation, type Setup, type VerdictName } from '../evaluate';
import { fallWorking } from './fall';
import { holdWorking } from './hold';
import { setWorking } from './set';
import { throwWorking } from './throw';
import type { Working } from './working';

/** How a verdict's figure was worked out; null for a verdict that has none yet. */
export function workingOf(verdict: VerdictName, setup: Setup, evaluation: Evaluation): Working | null {
  const rig = readRig(setup);
  const { presentation } = setup;
  switch (verdict) {
    case 'throw':
      return throwWorking(rig, presentation, evaluation);
    case 'fall':
      return fallWorking(rig, presentation, evaluation);
    case 'set':
      return setWorking(rig, presentation, evaluation);
    case 'hold':
      return holdWorking(rig, setup, presentation, evaluation);
    case 'balance':
      return null;
    default:
      return verdict satisfies never;
  }
}

export type { Origin, Term, Working } from './working';
