/** How far a long computation has come. */
export interface Progress {
  readonly done: number;
  readonly of: number;
}

/**
 * A computation that can be watched and given up: it hands out its progress between steps of a few milliseconds. A worker
 * lets messages in between steps; the shell runs it through.
 */
export type Steps<T> = Generator<Progress, T, void>;

/** Runs a computation through to its result. */
export function finish<T>(steps: Steps<T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
