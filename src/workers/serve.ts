import { InputRangeError } from '@/core/base/guard';
import { answer, preparation } from './answer';
import type { FromWorker, ToWorker } from './protocol';

/** Computing goes on this long before other messages are let in [ms]: a question that came meanwhile waits no longer. */
const SLICE_MS = 12;
/** Progress is worth showing only now and then [ms]. */
const PROGRESS_MS = 100;

/** What a worker needs of its surroundings; tests bring their own. */
export interface Surroundings {
  readonly post: (message: FromWorker) => void;
  readonly now: () => number;
  /** lets waiting messages in */
  readonly pause: () => Promise<void>;
}

/** Answers questions side by side: each gets slices of time in turn, so a short one is not held up by a long one. */
export function serve({ post, now, pause }: Surroundings): (message: ToWorker) => Promise<void> {
  const given = new Set<number>();
  return async (message) => {
    const { requestId } = message;
    if (message.kind === 'cancel') {
      given.delete(requestId);
      return;
    }
    given.add(requestId);
    const start = now();
    let shown = start;
    try {
      const ready = preparation(message.question);
      if (ready) await ready;
      const steps = answer(message.question);
      for (;;) {
        const until = now() + SLICE_MS;
        let step = steps.next();
        while (!step.done && now() < until) step = steps.next();
        if (step.done) {
          if (given.has(requestId)) post({ kind: 'answer', requestId, answer: step.value, computeMs: now() - start });
          return;
        }
        if (now() - shown >= PROGRESS_MS) {
          shown = now();
          post({ kind: 'progress', requestId, ...step.value });
        }
        await pause();
        if (!given.has(requestId)) return;
      }
    } catch (error) {
      post(
        error instanceof InputRangeError
          ? { kind: 'failed', requestId, code: 'outside-limits', field: error.field }
          : { kind: 'failed', requestId, code: 'broken', field: null },
      );
    } finally {
      given.delete(requestId);
    }
  };
}
