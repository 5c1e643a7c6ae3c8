import type { ToWorker } from './protocol';
import { serve } from './serve';

// A message to oneself stands behind those that wait already; a timer would be held back to four milliseconds.
const own = new MessageChannel();
const waiting: (() => void)[] = [];
own.port1.onmessage = () => waiting.shift()?.();

const handle = serve({
  post: (message) => self.postMessage(message),
  now: () => performance.now(),
  pause: () =>
    new Promise((resume) => {
      waiting.push(resume);
      own.port2.postMessage(null);
    }),
});

self.addEventListener('message', ({ data }: MessageEvent<ToWorker>) => void handle(data));
