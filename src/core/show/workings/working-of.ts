import { VERDICT_NAMES, type Evaluation, type VerdictName } from '../../judge';
import { readRig } from '../../rig';
import type { Setup } from '../../tackle';
import { balanceWorking } from './balance';
import { clutchWorking, fightWorking } from './boat-side';
import { fallWorking } from './fall';
import { holdWorking } from './hold';
import { setWorking } from './set';
import { throwWorking } from './throw';
import { carryWorking, depthWorking } from './tow';
import type { Working } from './working';

/** What a working can be asked of: the verdicts, then what stands between the take and the net. */
export const WORKING_SUBJECTS = [...VERDICT_NAMES, 'clutch', 'load-up', 'fight', 'winding', 'small-craft'] as const;
export type WorkingSubject = VerdictName | 'clutch' | 'load-up' | 'fight' | 'winding' | 'small-craft';

/** How a figure was worked out; null for one that the setup does not have. */
export function workingOf(subject: WorkingSubject, setup: Setup, evaluation: Evaluation): Working | null {
  const rig = readRig(setup);
  const { presentation } = setup;
  const { strike } = evaluation.figures;
  switch (subject) {
    case 'throw':
      return presentation.kind === 'cast' ? throwWorking(rig, presentation, evaluation) : carryWorking(rig, evaluation);
    case 'fall':
      return presentation.kind === 'cast'
        ? fallWorking(rig, presentation, evaluation)
        : depthWorking(rig, presentation, evaluation);
    case 'set':
      // A rod in its holder sets by the strike.
      return presentation.kind === 'towed' && presentation.held === 'holder'
        ? strike
          ? clutchWorking(rig, strike)
          : null
        : setWorking(rig, presentation, evaluation);
    case 'hold':
      return holdWorking(rig, setup, presentation, evaluation);
    case 'balance':
      return balanceWorking(rig, presentation, evaluation);
    case 'clutch':
      return strike ? clutchWorking(rig, strike) : null;
    case 'load-up':
    case 'fight':
    case 'winding':
    case 'small-craft':
      return fightWorking(subject, rig, setup);
    default:
      return subject satisfies never;
  }
}
