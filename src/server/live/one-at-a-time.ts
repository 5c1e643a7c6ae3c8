/**
 * Work of which one run goes on at a time. Whoever asks during a run gets the next one, and shares it with all who ask until it
 * begins: what it finds is never older than the asking.
 */
export function oneAtATime(work: () => Promise<void>): () => Promise<void> {
  let last: Promise<void> = Promise.resolve();
  let waiting: Promise<void> | null = null;
  return () => {
    waiting ??= last.then(() => {
      waiting = null;
      return work();
    });
    last = waiting.catch(() => undefined);
    return waiting;
  };
}
