import type { Evaluation, VerdictName } from '../evaluate';
import { readRig } from '../rigging';
import type { Setup } from '../setup';
import { balanceWorking } from './balance';
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
      return presentation.kind === 'cast' ? throwWorking(rig, presentation, evaluation) : null;
    case 'fall':
      return presentation.kind === 'cast' ? fallWorking(rig, presentation, evaluation) : null;
    case 'set':
      return setWorking(rig, presentation, evaluation);
    case 'hold':
      return holdWorking(rig, setup, presentation, evaluation);
    case 'balance':
      return balanceWorking(rig, presentation, evaluation);
    default:
      return verdict satisfies never;
  }
}

export type { Origin, Term, Working } from './working';
