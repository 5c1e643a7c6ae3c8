import { evaluate, type Evaluation } from '@/core/judge';
import { logFailure } from '../log';
import type { BrokenSetup, NewestSetup, NewestSetups } from './newest-setups';
import { NOT_WORKED_OUT } from './setup-page';

export interface EvaluatedSetup {
  readonly setup: NewestSetup;
  readonly evaluation: Evaluation;
}

/** Each setup worked out by itself; one that the core cannot work out joins those that cannot be read. */
export function evaluated({ setups, broken }: NewestSetups): {
  readonly whole: readonly EvaluatedSetup[];
  readonly broken: readonly BrokenSetup[];
} {
  const whole: EvaluatedSetup[] = [];
  const failed: BrokenSetup[] = [...broken];
  for (const setup of setups) {
    try {
      whole.push({ setup, evaluation: evaluate(setup.file) });
    } catch (error) {
      logFailure(error);
      const { file: _, ...head } = setup;
      failed.push({ ...head, faults: [NOT_WORKED_OUT] });
    }
  }
  return { whole, broken: failed };
}
