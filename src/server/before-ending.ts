import { logFailure } from './log';

/** Work that takes longer than this is left: whoever sent the signal does not wait for ever [ms]. */
const MOST_MS = 10_000;

/**
 * At a signal to end, does `work` before those who listened to it already: the framework ends the process as soon as its last
 * answer is out, whatever else is still being written.
 */
export function beforeEnding(signals: readonly NodeJS.Signals[], work: () => Promise<unknown>): void {
  let ending = false;
  for (const signal of signals) {
    const others = process.listeners(signal);
    process.removeAllListeners(signal);
    process.on(signal, () => {
      if (ending) return;
      ending = true;
      let timer: NodeJS.Timeout;
      const late = new Promise((resolve) => (timer = setTimeout(resolve, MOST_MS)));
      void Promise.race([work(), late])
        .catch(logFailure)
        .finally(() => {
          clearTimeout(timer);
          for (const other of others) other(signal);
        });
    });
  }
}
