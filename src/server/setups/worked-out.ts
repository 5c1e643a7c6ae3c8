import { logFailure } from '../log';
import type { BrokenSetup, NewestSetup, NewestSetups } from './newest-setups';
import { NOT_WORKED_OUT } from './setup-page';

export interface WorkedOut<T> {
  readonly whole: readonly { readonly setup: NewestSetup; readonly result: T }[];
  readonly broken: readonly BrokenSetup[];
}

/** Each setup worked out by itself; one that the core cannot work out joins those that cannot be read. */
export function workedOut<T>(
  { setups, broken }: Pick<NewestSetups, 'setups' | 'broken'>,
  work: (setup: NewestSetup) => T,
): WorkedOut<T> {
  const whole: { setup: NewestSetup; result: T }[] = [];
  const failed: BrokenSetup[] = [...broken];
  for (const setup of setups) {
    try {
      whole.push({ setup, result: work(setup) });
    } catch (error) {
      logFailure(error);
      const { file: _, ...head } = setup;
      failed.push({ ...head, faults: [NOT_WORKED_OUT] });
    }
  }
  return { whole, broken: failed };
}
