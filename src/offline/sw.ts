/// <reference lib="webworker" />
import { Serwist, type PrecacheEntry } from 'serwist';
import { keptUnder, PAGES_CACHE } from './kept-pages';

declare const self: ServiceWorkerGlobalScope & { readonly __SW_MANIFEST: (PrecacheEntry | string)[] };

/** Where a page is kept, the server has this long to answer before it is shown [ms]; where none is, there is nothing to do but wait. */
const ANSWER_MS = 6000;

const serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST,
  // A tab that is open goes on with the build that it began with; the next one that is opened gets the new one.
  skipWaiting: false,
  clientsClaim: true,
  disableDevLogs: true,
});

// Before the toolkit's own listener, which would answer these otherwise.
self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (url.origin !== self.location.origin || request.method !== 'GET') return;
  if (request.destination === 'worker') {
    event.respondWith(worker(request));
    event.stopImmediatePropagation();
  } else if (request.mode === 'navigate') {
    event.respondWith(page(request, url, (kept) => event.waitUntil(kept)));
    event.stopImmediatePropagation();
  }
});

serwist.addEventListeners();

/**
 * Workers of all kinds start from one file and read which one they are behind its address: an answer out of a cache carries its
 * own address and would make every worker the first. One without an address takes that of the question.
 */
async function worker(request: Request): Promise<Response> {
  const path = new URL(request.url).pathname;
  const hit = (await serwist.matchPrecache(path)) ?? (await fetch(request));
  if (!hit.ok) return hit;
  return new Response(await hit.blob(), { status: 200, headers: hit.headers });
}

/** A page from the server while it answers; as it was last seen where it does not. */
async function page(request: Request, url: URL, waitUntil: (kept: Promise<unknown>) => void): Promise<Response> {
  const key = keptUnder(url);
  // A phone that has no room for caches has the server's pages all the same.
  const last = key === null ? null : await kept(key).catch(() => null);
  try {
    const answer = await fetch(request, last ? { signal: AbortSignal.timeout(ANSWER_MS) } : undefined);
    const wentTo = answer.redirected ? new URL(answer.url).pathname : '';
    const isSentAway =
      answer.status === 401 || wentTo === '/crew/sign-in' || (key !== null && wentTo === '/crew/refused');
    // Who was signed out or sent away keeps nothing of the bench; entries that wait are their own.
    if (isSentAway) waitUntil(caches.delete(PAGES_CACHE));
    if (answer.status >= 500) return last ?? answer;
    if (answer.ok && !answer.redirected && key !== null) {
      const copy = answer.clone();
      waitUntil(caches.open(PAGES_CACHE).then((cache) => cache.put(key, copy)));
    }
    return answer;
  } catch {
    return last ?? (await elsewhere());
  }
}

const kept = async (key: string): Promise<Response | null> =>
  (await (await caches.open(PAGES_CACHE)).match(key)) ?? null;

/** A page that is not kept leads to the log, which is. */
async function elsewhere(): Promise<Response> {
  if (await kept('/log')) return Response.redirect('/log', 302);
  return new Response('No signal, and this page was not opened on this phone before.\n', {
    status: 503,
    headers: { 'content-type': 'text/plain; charset=utf-8' },
  });
}
