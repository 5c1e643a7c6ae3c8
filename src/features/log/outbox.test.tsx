import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { tripIdSchema } from '@/domain/ids';
import type { TripEvent } from '@/domain/log/trip-event';
import { PATIENCE_MS } from '../../../tests/helpers/patience';
import { startOutbox, type Sent } from './outbox';
import { keepEntry, openTrip, setOpenTrip, store, takeOver, waiting } from './store';

const LAKE = tripIdSchema.parse('trip-lake');
const SOUND = tripIdSchema.parse('trip-sound');
let nth = 0;
/** An entry with an id of its own. */
const entry = (text = ''): TripEvent =>
  ({
    id: `0d3a0000-0000-4000-8000-${String((nth += 1)).padStart(12, '0')}`,
    kind: 'note',
    atS: 1e9 + nth,
    text,
  }) as never;

/** The server: takes an id once, in whatever state the network is; `lost` says what becomes of the nth answer. */
class Server {
  readonly taken: { readonly tripId: string; readonly id: string }[] = [];
  readonly benches: (string | null)[] = [];
  posts = 0;
  constructor(
    private readonly lost: (post: number) => 'none' | 'before' | 'after' | 'refused' = () => 'none',
    private readonly cannotRead: (event: TripEvent) => boolean = () => false,
  ) {}

  readonly fetch = async (_: string, { body, headers }: RequestInit): Promise<Response> => {
    const way = this.lost((this.posts += 1));
    if (way === 'before') throw new TypeError('no network');
    if (way === 'refused') return new Response('{}', { status: 503 });
    const { tripId, events } = JSON.parse(String(body)) as { tripId: string; events: TripEvent[] };
    this.benches.push((headers as Record<string, string>)['x-ferula-bench'] ?? null);
    const refused = events.flatMap((event, at) => (this.cannotRead(event) ? [{ at }] : []));
    const readable = events.filter((event) => !this.cannotRead(event));
    for (const { id } of readable) if (!this.taken.some((each) => each.id === id)) this.taken.push({ tripId, id });
    if (way === 'after') throw new TypeError('the answer was lost');
    return Response.json({ behindS: 2, taken: readable.map(({ id }) => id), refused });
  };

  ids(tripId: string): readonly string[] {
    return this.taken.filter((each) => each.tripId === tripId).map(({ id }) => id);
  }
}

const told: Sent[] = [];
let running: { readonly wake: () => void; readonly stop: () => void } | null = null;
function begin(server: Server): void {
  vi.stubGlobal('fetch', server.fetch);
  running = startOutbox((sent) => told.push(sent));
}
const until = (done: () => Promise<boolean> | boolean) =>
  vi.waitFor(async () => expect(await done()).toBe(true), PATIENCE_MS);
const isEmpty = async () => (await waiting()).unsent === 0;

beforeEach(async () => {
  told.length = 0;
  document.body.innerHTML = '';
  await Promise.all([store().events.clear(), store().photos.clear(), store().settings.clear()]);
  // One page sends at a time; a browser gives the lock, and a second page none.
  let isHeld = false;
  vi.stubGlobal('navigator', {
    locks: {
      request: async (_: string, __: object, work: (lock: object | null) => Promise<unknown>) => {
        if (isHeld) return work(null);
        isHeld = true;
        try {
          return await work({});
        } finally {
          isHeld = false;
        }
      },
    },
  });
});
afterEach(() => {
  running?.stop();
  running = null;
  vi.unstubAllGlobals();
});

describe('the outbox', () => {
  it('sends what waits in the order in which it was made, and says how the clocks stand', async () => {
    const entries = [entry(), entry(), entry()];
    for (const each of entries) await keepEntry(LAKE, each);
    const server = new Server();
    document.body.innerHTML = '<header data-bench="bench-2"></header>';
    begin(server);
    await until(isEmpty);
    await until(() => told.length > 0);
    expect(server.ids(LAKE)).toEqual(entries.map(({ id }) => id));
    expect(told.at(-1)).toMatchObject({ reaches: true, isLeft: false, tripId: LAKE, behindS: 2 });
  });

  it('sends each trip by itself', async () => {
    const [a, b, c] = [entry(), entry(), entry()];
    await keepEntry(LAKE, a);
    await keepEntry(SOUND, b);
    await keepEntry(LAKE, c);
    const server = new Server();
    begin(server);
    await until(isEmpty);
    expect([server.ids(LAKE), server.ids(SOUND)]).toEqual([[a.id, c.id], [b.id]]);
  });

  it('puts aside what the server cannot read, and goes on with what comes after', async () => {
    const entries = [entry(), entry('torn'), entry()];
    for (const each of entries) await keepEntry(LAKE, each);
    const server = new Server(undefined, (event) => (event as { text?: string }).text === 'torn');
    begin(server);
    await until(isEmpty);
    expect(await waiting()).toEqual({ unsent: 0, refused: 1 });
    expect(server.ids(LAKE)).toEqual([entries[0]!.id, entries[2]!.id]);
  });

  it('sends what is made later as soon as it is woken', async () => {
    const server = new Server();
    begin(server);
    const later = entry();
    await keepEntry(LAKE, later);
    running!.wake();
    await until(isEmpty);
    expect(server.ids(LAKE)).toEqual([later.id]);
  });

  it('tries again by itself after a failure, and says that it did not reach', async () => {
    await keepEntry(LAKE, entry());
    const server = new Server((post) => (post === 1 ? 'refused' : 'none'));
    begin(server);
    await until(() => told.some(({ reaches }) => !reaches));
    await until(isEmpty);
    expect(server.posts).toBe(2);
  });

  it('keeps everything and sends it once, whatever is lost on the way', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    try {
      await fc.assert(
        fc.asyncProperty(
          fc.array(
            fc.constantFrom('none', 'before', 'after', 'refused') as fc.Arbitrary<
              'none' | 'before' | 'after' | 'refused'
            >,
            {
              maxLength: 6,
            },
          ),
          fc.array(fc.constantFrom(LAKE, SOUND), { minLength: 1, maxLength: 8 }),
          async (ways, trips) => {
            await store().events.clear();
            const made: { readonly tripId: string; readonly id: string }[] = [];
            for (const tripId of trips) {
              const each = entry();
              await keepEntry(tripId, each);
              made.push({ tripId, id: each.id });
            }
            const server = new Server((post) => ways[post - 1] ?? 'none');
            begin(server);
            for (let i = 0; i < 200 && !(await isEmpty()); i += 1) await vi.advanceTimersByTimeAsync(30_000);
            running!.stop();
            expect(await isEmpty()).toBe(true);
            for (const trip of [LAKE, SOUND])
              expect(server.ids(trip)).toEqual(made.filter(({ tripId }) => tripId === trip).map(({ id }) => id));
          },
        ),
        { numRuns: 25 },
      );
    } finally {
      vi.useRealTimers();
    }
  });
});

describe('what this phone keeps', () => {
  it('takes over what the server knows, but for what still waits here', async () => {
    const [own, sent, theirs] = [entry('mine'), entry('sent'), entry('theirs')];
    await keepEntry(LAKE, own);
    await keepEntry(LAKE, sent);
    await store().events.update(sent.id, { unsent: 0 });
    const told = [own, sent, theirs].map((event) => ({ ...event, atS: 5 }));
    await takeOver(LAKE, told);
    const kept = new Map((await store().events.toArray()).map((each) => [each.id, each]));
    expect(kept.get(own.id)).toMatchObject({ unsent: 1, event: own });
    expect(kept.get(sent.id)).toMatchObject({ unsent: 0, order: 2, event: { atS: 5 } });
    expect(kept.get(theirs.id)).toMatchObject({ unsent: 0, order: 0 });
  });

  it('gives each entry an order of its own, also when two are made at once', async () => {
    await Promise.all(Array.from({ length: 20 }, () => keepEntry(LAKE, entry())));
    const orders = (await store().events.toArray()).map(({ order }) => order);
    expect(new Set(orders).size).toBe(20);
  });

  it('knows which trip is open', async () => {
    expect(await openTrip()).toBeNull();
    await setOpenTrip(LAKE);
    expect(await openTrip()).toBe(LAKE);
    await setOpenTrip(null);
    expect(await openTrip()).toBeNull();
  });

  it('counts photos among what waits', async () => {
    await store().photos.put({ id: 'p', tripId: LAKE, body: new Blob(['x']) });
    expect(await waiting()).toEqual({ unsent: 1, refused: 0 });
  });
});
