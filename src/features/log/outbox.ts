import type { TripId } from '@/domain/ids';
import { benchHeader, nameInBench } from '@/features/fields/page-bench';
import { store, type KeptEvent } from './store';

/** So many entries go at once. */
const AT_ONCE = 100;
/** Between two tries: soon at first, then every half minute [ms]. */
const TRIES_MS = [1000, 2000, 5000, 15_000, 30_000] as const;
/** Longer than this the server does not answer any more [ms]. */
const ANSWER_MS = 20_000;
/** Only one page of this browser sends at a time. */
const LOCK = 'ferula-outbox';

/** How a round of sending ended. */
export interface Sent {
  /** whether the server answered */
  readonly reaches: boolean;
  readonly isLeft: boolean;
  /** the trip of which something was taken last; null: nothing was */
  readonly tripId: TripId | null;
  /** how far this phone's clock is behind; null: nothing was sent */
  readonly behindS: number | null;
}

interface Taken {
  readonly behindS: number;
  readonly taken: readonly string[];
  readonly refused: readonly { readonly at: number }[];
}

/**
 * Sends what waits, in the order in which it was made, once: an entry leaves the outbox only when the server has said that it has
 * it, and the server takes an id once however often it comes. Null while another page of this browser sends.
 */
async function sendWaiting(): Promise<Sent | null> {
  return navigator.locks.request(nameInBench(LOCK), { ifAvailable: true }, async (lock) => {
    if (!lock) return null;
    let [tripId, behindS]: [TripId | null, number | null] = [null, null];
    for (;;) {
      const batch = await nextBatch();
      if (batch.length === 0) break;
      const answer = await post(batch);
      if (!answer) return { reaches: false, isLeft: true, tripId, behindS };
      await settled(batch, answer);
      [tripId, behindS] = [batch[0]!.tripId, answer.behindS];
    }
    const isLeft = !(await sendPhotos());
    return { reaches: !isLeft, isLeft, tripId, behindS };
  });
}

/** The oldest entries that wait, of one trip. */
async function nextBatch(): Promise<readonly KeptEvent[]> {
  const waiting = await store().events.where('[unsent+order]').between([1, 0], [1, Infinity]).limit(AT_ONCE).toArray();
  return waiting.filter(({ tripId }) => tripId === waiting[0]!.tripId);
}

async function post(batch: readonly KeptEvent[]): Promise<Taken | null> {
  try {
    const response = await fetch('/log/events', {
      method: 'POST',
      headers: { 'content-type': 'application/json', ...benchHeader() },
      body: JSON.stringify({
        version: 1,
        tripId: batch[0]!.tripId,
        sentS: Date.now() / 1000,
        events: batch.map(({ event }) => event),
      }),
      signal: AbortSignal.timeout(ANSWER_MS),
    });
    return response.ok ? ((await response.json()) as Taken) : null;
  } catch {
    return null;
  }
}

async function settled(batch: readonly KeptEvent[], { taken, refused }: Taken): Promise<void> {
  const { events } = store();
  const has = new Set(taken);
  await store().transaction('rw', events, async () => {
    await events.bulkPut(batch.filter(({ id }) => has.has(id)).map((each) => ({ ...each, unsent: 0 as const })));
    // What the server cannot read is kept here, and told: sending it again would hold up all that comes after.
    await events.bulkPut(refused.flatMap(({ at }) => (batch[at] ? [{ ...batch[at], unsent: 2 as const }] : [])));
  });
}

async function sendPhotos(): Promise<boolean> {
  for (const { id, tripId, body } of await store().photos.toArray()) {
    try {
      const response = await fetch(`/log/photos/${id}?trip=${encodeURIComponent(tripId)}`, {
        method: 'PUT',
        headers: { 'content-type': 'image/jpeg', ...benchHeader() },
        body,
        signal: AbortSignal.timeout(ANSWER_MS),
      });
      // A photo that is no photo would come back for ever.
      if (!response.ok && response.status !== 422) return false;
    } catch {
      return false;
    }
    await store().photos.delete(id);
  }
  return true;
}

/** Sends whenever something waits, and again after each failure; `wake` after an entry was made. */
export function startOutbox(onSent: (sent: Sent) => void): { readonly wake: () => void; readonly stop: () => void } {
  let tries = 0;
  let timer: ReturnType<typeof setTimeout> | null = null;
  let isBusy = false;
  let isAsked = false;
  let isOver = false;
  const go = async (): Promise<void> => {
    if (isBusy) {
      isAsked = true;
      return;
    }
    if (timer) clearTimeout(timer);
    isBusy = true;
    isAsked = false;
    const sent = await sendWaiting().catch((): Sent => ({ reaches: false, isLeft: true, tripId: null, behindS: null }));
    isBusy = false;
    if (isOver) return;
    if (sent && (sent.tripId !== null || sent.isLeft)) onSent(sent);
    // Where another page sends, it is looked again whether it came to an end.
    const again = sent === null || sent.isLeft;
    tries = again ? tries + 1 : 0;
    if (again) timer = setTimeout(() => void go(), TRIES_MS[Math.min(tries, TRIES_MS.length) - 1]);
    else if (isAsked) void go();
  };
  const wake = () => {
    tries = 0;
    void go();
  };
  window.addEventListener('online', wake);
  void go();
  return {
    wake,
    stop: () => {
      isOver = true;
      if (timer) clearTimeout(timer);
      window.removeEventListener('online', wake);
    },
  };
}
