import 'fake-indexeddb/auto';
import { cleanup } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Logged } from '@/domain/helm/live';
import { tripIdSchema, type TripId } from '@/domain/ids';
import { tripEventSchema, type TripEvent } from '@/domain/log/trip-event';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { setOpenTrip, store } from './store';
import { useTrip } from './use-trip';

const LAKE = tripIdSchema.parse('trip-lake');
const SOUND = tripIdSchema.parse('trip-sound');
let nth = 0;
const event = (given: object): TripEvent =>
  tripEventSchema.parse({
    id: `0d3a0000-0000-4000-8000-${String((nth += 1)).padStart(12, '0')}`,
    atS: 1_750_000_000 + nth,
    ...given,
  });
const opened = (name = 'A day') =>
  event({ kind: 'opened', name, way: 'trolling', craftId: null, crew: [], waterName: '' });

/** The server and the network between: what it has of each trip, and whether it is reached. */
const server = {
  trips: new Map<string, TripEvent[]>(),
  isAway: false,
  status: 200,
  asked: [] as string[],
};
const answer = async (address: string, { body }: RequestInit = {}): Promise<Response> => {
  if (server.isAway) throw new TypeError('no network');
  server.asked.push(address);
  if (server.status !== 200) return new Response('', { status: server.status });
  if (body !== undefined) {
    const sent = JSON.parse(String(body)) as { tripId: string; events: TripEvent[] };
    server.trips.set(sent.tripId, [...(server.trips.get(sent.tripId) ?? []), ...sent.events]);
    return Response.json({ behindS: 3, taken: sent.events.map(({ id }) => id), refused: [] });
  }
  const tripId = decodeURIComponent(address.split('/').at(-1)!);
  return Response.json({ events: server.trips.get(tripId) ?? [] });
};

beforeEach(async () => {
  Object.assign(server, { trips: new Map(), isAway: false, status: 200, asked: [] });
  await Promise.all([store().events.clear(), store().photos.clear(), store().settings.clear()]);
  vi.stubGlobal('fetch', answer);
  vi.stubGlobal('navigator', {
    locks: { request: async (_: string, __: object, work: (lock: object) => Promise<unknown>) => work({}) },
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});
/** The live line of the page; while it stands it tells of what others log. */
const live = {
  line: 'open' as const,
  listeners: new Set<(logged: Logged) => void>(),
  onLogged: (hear: (logged: Logged) => void) => {
    live.listeners.add(hear);
    return () => void live.listeners.delete(hear);
  },
  tell: (tripId: TripId, events: readonly TripEvent[]) =>
    doing(() => live.listeners.forEach((hear) => hear({ kind: 'logged', tripId, ids: events.map(({ id }) => id) }))),
};
const inHand = (asked: string | null = null) => inAPage(() => useTrip(asked, live));
const until = (done: () => boolean) => waitFor(() => expect(done()).toBe(true));

describe('the trip on this phone', () => {
  it('is not known at first, then none, then the one that is chosen', async () => {
    const { result } = inHand();
    expect(result.current.tripId).toBeUndefined();
    await until(() => result.current.tripId === null);
    expect(await result.current.add([opened()])).toBe(false);
    await doing(() => result.current.choose(LAKE));
    await until(() => result.current.tripId === LAKE);
    await doing(() => result.current.choose(null));
    await until(() => result.current.tripId === null);
  });

  it('keeps what is added before it shows it, and sends it by itself', async () => {
    await setOpenTrip(LAKE);
    const { result } = inHand();
    await until(() => result.current.tripId === LAKE);
    expect(await result.current.add([opened('Lake'), event({ kind: 'pass' })])).toBe(true);
    expect(await store().events.count()).toBe(2);
    await until(() => result.current.trip.opened?.name === 'Lake');
    await until(() => result.current.unsent === 0 && (server.trips.get(LAKE)?.length ?? 0) === 2);
    expect(result.current.behindS).toBe(3);
  });

  it('can be begun under an id that is not the open one yet', async () => {
    const { result } = inHand();
    await until(() => result.current.tripId === null);
    expect(await result.current.add([opened('New')], SOUND)).toBe(true);
    await doing(() => result.current.choose(SOUND));
    await until(() => result.current.trip.opened?.name === 'New');
  });

  it('shows nothing of another trip', async () => {
    await setOpenTrip(LAKE);
    const { result } = inHand();
    await until(() => result.current.tripId === LAKE);
    await result.current.add([opened('Lake')]);
    await result.current.add([opened('Sound')], SOUND);
    await until(() => result.current.events.length === 1);
    await doing(() => result.current.choose(SOUND));
    await until(() => result.current.trip.opened?.name === 'Sound');
    expect(result.current.events).toHaveLength(1);
  });
});

describe('the other phones of the crew', () => {
  it('bring what they told, once', async () => {
    const theirs = [opened('Crew'), event({ kind: 'pass' })];
    server.trips.set(LAKE, theirs);
    await setOpenTrip(LAKE);
    const { result } = inHand();
    await until(() => result.current.events.length === 2);
    await doing(() => result.current.merge(LAKE));
    expect(result.current.events).toHaveLength(2);
    expect(result.current.unsent).toBe(0);
  });

  it('are heard at once, and not asked for what this phone has or another trip', async () => {
    server.trips.set(LAKE, [opened('Crew')]);
    await setOpenTrip(LAKE);
    const { result, unmount } = inHand();
    await until(() => result.current.events.length === 1);
    const theirs = event({ kind: 'pass' });
    server.trips.get(LAKE)!.push(theirs);
    await live.tell(LAKE, [theirs]);
    await until(() => result.current.events.length === 2);
    server.asked = [];
    await live.tell(LAKE, [theirs]);
    await live.tell(SOUND, [event({ kind: 'pass' })]);
    expect(server.asked).toEqual([]);
    unmount();
    expect(live.listeners.size).toBe(0);
  });

  it('bring a trip that is asked for by its address, and it opens', async () => {
    server.trips.set(SOUND, [opened('Asked for')]);
    const { result } = inHand(SOUND);
    await until(() => result.current.trip.opened?.name === 'Asked for');
    expect(result.current.tripId).toBe(SOUND);
  });

  it('are not asked for an id that is none', async () => {
    const { result } = inHand('x'.repeat(65));
    await until(() => result.current.tripId === null);
    await doing(() => new Promise((resume) => setTimeout(resume, 50)));
    expect(server.asked.filter((address) => address.includes('xxx'))).toEqual([]);
  });
});

describe('without the server', () => {
  it('everything is kept, and what waits is counted', async () => {
    server.isAway = true;
    await setOpenTrip(LAKE);
    const { result } = inHand();
    await until(() => result.current.tripId === LAKE);
    await doing(() => result.current.add([opened('No signal')]));
    await until(() => result.current.unsent === 1);
    await until(() => !result.current.reaches);
    expect(result.current).toMatchObject({ failed: false, trip: { opened: { name: 'No signal' } } });
  });

  it('a server that answers with an error does not reach either', async () => {
    server.status = 503;
    await setOpenTrip(LAKE);
    const { result } = inHand();
    await until(() => !result.current.reaches);
    expect(result.current.tripId).toBe(LAKE);
  });
});

describe('a phone whose memory takes nothing', () => {
  it('says that it is not kept, and that it is once the memory takes it', async () => {
    await setOpenTrip(LAKE);
    const { result } = inHand();
    await until(() => result.current.tripId === LAKE);
    const full = vi.spyOn(store().events, 'put').mockRejectedValue(new Error('the disk is full'));
    const added = vi.spyOn(store().events, 'add').mockRejectedValue(new Error('the disk is full'));
    let isKept = true;
    await doing(async () => (isKept = await result.current.add([opened()])));
    expect([isKept, result.current.failed]).toEqual([false, true]);
    full.mockRestore();
    added.mockRestore();
    await doing(async () => (isKept = await result.current.add([opened()])));
    expect([isKept, result.current.failed]).toEqual([true, false]);
  });
});
