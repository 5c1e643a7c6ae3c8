'use client';

import { useEffect, useState } from 'react';
import { KEPT_PAGES, PAGES_CACHE } from '@/offline/kept-pages';

/** Pages are taken anew at most this often [ms]. */
const AGAIN_MS = 10 * 60_000;

/** Readies this phone for having no server: code once a build, pages as they are now. Tells whether all is there. */
export function useOffline(): 'readying' | 'ready' | 'not-possible' {
  const [state, setState] = useState<'readying' | 'ready' | 'not-possible'>('readying');
  useEffect(() => {
    let isOver = false;
    const set = (next: typeof state): void => {
      if (!isOver) setState(next);
    };
    const take = async (): Promise<void> => {
      if (!('serviceWorker' in navigator)) return set('not-possible');
      try {
        await navigator.serviceWorker.register('/serwist/sw.js', { scope: '/' });
        await navigator.serviceWorker.ready;
        await takePages();
        set('ready');
      } catch {
        // Without a server what was kept before is there still.
        set((await hasPages().catch(() => false)) ? 'ready' : 'readying');
      }
    };
    void take();
    const timer = setInterval(() => void take(), AGAIN_MS);
    return () => {
      isOver = true;
      clearInterval(timer);
    };
  }, []);
  return state;
}

async function takePages(): Promise<void> {
  const cache = await caches.open(PAGES_CACHE);
  for (const path of KEPT_PAGES) {
    const answer = await fetch(path, { headers: { accept: 'text/html' } });
    if (!answer.ok) throw new Error(`the server answered ${path} with ${answer.status}`);
    if (!answer.redirected) await cache.put(path, answer);
  }
}

const hasPages = async (): Promise<boolean> =>
  'serviceWorker' in navigator &&
  (await navigator.serviceWorker.getRegistration('/')) !== undefined &&
  (await (await caches.open(PAGES_CACHE)).match('/log')) !== undefined;
