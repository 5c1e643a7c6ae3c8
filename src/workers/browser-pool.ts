'use client';

import { WorkerPool } from './pool';

/** Two, so that a short question finds one free; a core is left to the page where there are more. */
const MOST_WORKERS = 4;

let pool: WorkerPool | null = null;

/** The page's pool: begun with the first question, kept while the page lives. */
export function browserPool(): WorkerPool {
  pool ??= new WorkerPool(
    Math.max(2, Math.min(MOST_WORKERS, navigator.hardwareConcurrency - 1)),
    () => new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' }),
  );
  return pool;
}
