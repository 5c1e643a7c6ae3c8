import { WorkerPool, type PoolWorker } from '@/workers/pool';
import type { FromWorker } from '@/workers/protocol';
import { serve } from '@/workers/serve';

/** A worker that computes in the same process, in slices as the page's own. */
function worker(): PoolWorker {
  const listeners: ((event: { readonly data?: FromWorker }) => void)[] = [];
  const take = serve({
    post: (data) => listeners.forEach((listener) => listener({ data })),
    now: () => performance.now(),
    pause: () => new Promise((resume) => setTimeout(resume)),
  });
  return {
    postMessage: (message) => void setTimeout(() => void take(message)),
    addEventListener: (kind, listener) => kind === 'message' && listeners.push(listener),
  };
}

let pool: WorkerPool | null = null;
export const browserPool = (): WorkerPool => (pool ??= new WorkerPool(2, worker));
