'use client';

import type { BenchReply, BenchRequest } from './protocol';

type WithoutId<T> = T extends unknown ? Omit<T, 'requestId'> : never;

/**
 * One worker for one kind of job. A new question makes all older ones stale: their replies are dropped, so the answer
 * that arrives is always to the last question asked.
 */
export class LatestAnswer {
  private readonly worker: Worker;
  private latest = 0;

  constructor(onReply: (reply: BenchReply) => void) {
    this.worker = new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module' });
    this.worker.addEventListener('message', ({ data }: MessageEvent<BenchReply>) => {
      if (data.requestId === this.latest) onReply(data);
    });
  }

  ask(question: WithoutId<BenchRequest>): void {
    this.latest += 1;
    this.worker.postMessage({ ...question, requestId: this.latest } satisfies BenchRequest);
  }

  close(): void {
    this.worker.terminate();
  }
}
