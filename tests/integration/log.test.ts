import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { Db } from '@/db/client';
import { demoBenchId } from '@/db/load-demo';
import { addTripEvents, listTripEvents, listTrips } from '@/db/repo';
import { tripIdSchema } from '@/domain/ids';
import type { LiveMessage } from '@/domain/helm/live';
import type * as Cells from '@/domain/log/cells';
import { liveHub } from '@/server/live/live-hub';
import { getLogDay } from '@/server/queries/log-day';
import { getLogPage } from '@/server/queries/log-page';
import { takeTripFile } from '@/server/trips/file-in';
import { tripFile } from '@/server/trips/file-out';
import { photoOf, takePhoto } from '@/server/trips/photos';
import { takeTripEvents } from '@/server/trips/routes';
import { demoDatabase } from '../helpers/database';

let db: Db;
let close: () => Promise<void>;
const HERE = 'http://127.0.0.1/log/file';
const trip = 'trip-first-light';

beforeAll(async () => {
  const opened = await demoDatabase();
  ({ db, close } = opened);
});
afterAll(() => close());

const get = async (query: string) => tripFile(new Request(`${HERE}?${query}`));
const put = async (query: string, body: string) => {
  const response = await takeTripFile(new Request(`${HERE}?${query}`, { method: 'POST', body }));
  return {
    status: response.status,
    answer: (await response.json()) as { tripId: string; lines: { problem: unknown }[]; fields: { path: string }[] },
  };
};

/** The application as it starts: it remembers nothing. */
async function started() {
  vi.resetModules();
  const { getLogAsk } = await import('@/server/queries/log-ask');
  return async (asked: Parameters<typeof getLogAsk>[0]) => {
    for (;;) {
      const answer = await getLogAsk(asked);
      if (answer.left === 0) return answer;
    }
  };
}

describe('the log of the demo', () => {
  it('has five trips with some ninety strikes, each with what was true then', async () => {
    const trips = await listTrips(db, demoBenchId);
    expect(trips).toHaveLength(5);
    expect(trips.reduce((sum, { strikes }) => sum + strikes, 0)).toBeGreaterThan(80);
    const day = (await getLogDay(trip))!;
    expect([day.broken, day.unfitting]).toEqual([0, 0]);
    expect(day.strikes.every(({ then }) => then?.lureM !== null && then?.probeMps !== null)).toBe(true);
    expect(await getLogDay('no-such-trip')).toBeNull();
    expect((await getLogPage()).setups.length).toBeGreaterThan(10);
  });

  it('answers questions out of kept cells, and anew once an entry came', async () => {
    let getLogAsk = await started();
    const before = await getLogAsk({ by: 'depth' });
    expect(before.answer.rows.length).toBeGreaterThan(4);
    expect(before.trips).toBe(5);
    const [[{ n }]] = (await db.execute(sql.raw('select count(*) as n from trip_cells'))) as unknown as [
      [{ n: number }],
    ];
    expect(Number(n)).toBe(5);
    const strike = (await getLogDay(trip))!.strikes[0]!;
    await addTripEvents(db, demoBenchId, [
      {
        tripId: tripIdSchema.parse(trip),
        event: { kind: 'undone', id: crypto.randomUUID(), atS: strike.atS + 1, of: strike.id },
        behindS: 0,
      },
    ]);
    const after = await getLogAsk({ by: 'depth' });
    expect(after.answer.events + after.answer.unknown.events).toBe(
      before.answer.events + before.answer.unknown.events - 1,
    );
    await db.execute(sql.raw("update trip_cells set body = 'nonsense'"));
    getLogAsk = await started();
    expect((await getLogAsk({ by: 'nonsense', depth: ['x', '3'] })).question).toMatchObject({
      by: 'lure',
      only: [{ dimension: 'depth', levels: [1] }],
    });
  });

  it('works out some trips at a time where many are missing, and says how many are left', async () => {
    const units = { depth: 'ft', distance: 'ft', speed: 'mph', temperature: '°F' } as const;
    vi.resetModules();
    const { cellsOfTrips } = await import('@/server/trips/kept-cells');
    const counts = [];
    for (let i = 0; i < 6; i += 1) {
      const { cells, left } = await cellsOfTrips(db, demoBenchId, units, 0);
      counts.push([cells.length, left]);
    }
    expect(counts).toEqual([
      [1, 4],
      [2, 3],
      [3, 2],
      [4, 1],
      [5, 0],
      [5, 0],
    ]);
  });

  it('answers without a trip that cannot be worked out, and says that it is missing', async () => {
    let tried = 0;
    vi.doMock('@/domain/log/cells', async (original) => {
      const cells = await original<typeof Cells>();
      const cellsOf: typeof Cells.cellsOf = (trip, options) => {
        tried += 1;
        if (trip.opened?.name === 'First light over the basin') throw new Error('a trip that cannot be worked out');
        return cells.cellsOf(trip, options);
      };
      return { ...cells, cellsOf };
    });
    await db.execute(sql.raw('delete from trip_cells'));
    const getLogAsk = await started();
    expect(await getLogAsk({ by: 'depth' })).toMatchObject({ trips: 4, failed: 1 });
    // It is not tried again at each question, or others that wait behind it never come.
    tried = 0;
    expect(await getLogAsk({ by: 'lure' })).toMatchObject({ trips: 4, failed: 1 });
    expect(tried).toBe(0);
    vi.doUnmock('@/domain/log/cells');
    expect(await (await started())({ by: 'depth' })).toMatchObject({ trips: 5, failed: 0 });
  });

  it('goes out as JSON and comes in again as it was, told entry by entry, and twice is once', async () => {
    const file = await (await get(`trip=${trip}&as=json`)).text();
    const asked = await put('name=a.json', file);
    expect(asked.answer.lines.every(({ problem }) => problem === null)).toBe(true);
    const id = tripIdSchema.parse(trip);
    const before = (await listTripEvents(db, demoBenchId, id)).rows;
    expect((await put('name=a.json&confirm=yes', file)).status).toBe(200);
    expect((await listTripEvents(db, demoBenchId, id)).rows).toEqual(before);
    const bad = JSON.parse(file) as { events: unknown[] };
    bad.events[2] = { kind: 'in', id: 'x' };
    expect(
      (await put('name=a.json', JSON.stringify(bad))).answer.lines.filter(({ problem }) => problem !== null),
    ).toHaveLength(1);
  });

  it('a track comes in from GPX and GeoJSON, strikes from CSV, and goes out the same', async () => {
    const gpx = await (await get(`trip=${trip}&as=gpx`)).text();
    const taken = await put('name=mine.gpx&confirm=yes', gpx);
    const again = await put('name=mine.gpx&confirm=yes', gpx);
    expect(again.answer.tripId).toBe(taken.answer.tripId);
    const mine = (await getLogDay(taken.answer.tripId))!;
    expect(mine.name).toBe('mine');
    const geo = await (await get(`trip=${mine.tripId}&as=geojson`)).text();
    expect((await put('name=mine.geojson', geo)).answer.lines.length).toBeGreaterThan(100);
    const csv = await (await get(`trip=${trip}&as=csv`)).text();
    const strikes = await put(`name=s.csv&trip=${mine.tripId}&confirm=yes`, csv.replaceAll(/0d3a0000/g, '0d3b0000'));
    expect(strikes.answer.lines.every(({ problem }) => problem === null)).toBe(true);
    const [copied, own] = [(await getLogDay(mine.tripId))!, (await getLogDay(trip))!];
    expect(copied.strikes.map(({ told }) => told && [told.outcome, told.heldBy, told.species, told.massKg])).toEqual(
      own.strikes.map(({ told }) => told && [told.outcome, told.heldBy, told.species, told.massKg]),
    );
  });

  it.each([
    ['name=a.exe', 'x', 'name'],
    ['name=a.json', '{', '$'],
    ['name=a.gpx', '<gpx/>', '$'],
    ['name=a.csv', 'time\n2026-06-01', 'trip'],
    ['name=a.json', '{"version":2}', 'version'],
  ])('%s with %s is refused, with what is wrong', async (query, body, path) => {
    const { status, answer } = await put(query, body);
    expect(status).toBe(422);
    expect(answer.fields[0]!.path).toBe(path);
  });

  it('tables of all trips are CSV that a spreadsheet runs nothing of', async () => {
    for (const table of ['trips', 'strikes', 'catches']) {
      const text = await (await get(`table=${table}`)).text();
      expect(text.split('\r\n').length).toBeGreaterThan(5);
    }
    expect((await get('trip=none')).status).toBe(404);
    expect((await get(`trip=${trip}&as=pdf`)).status).toBe(422);
  });

  it('keeps a photo once, and nothing that is none', async () => {
    const id = crypto.randomUUID();
    const send = (body: Uint8Array, of = id) =>
      takePhoto(new Request(`http://x/log/photos/${of}?trip=${trip}`, { method: 'PUT', body: body.slice() }), of);
    const photo = new Uint8Array([0xff, 0xd8, 0xff, 1, 2, 3]);
    expect((await send(photo)).status).toBe(204);
    expect((await send(photo)).status).toBe(204);
    expect(new Uint8Array(await (await photoOf(id)).arrayBuffer())).toEqual(photo);
    expect((await send(new Uint8Array([1, 2, 3]), crypto.randomUUID())).status).toBe(422);
    expect((await send(new Uint8Array(400_000).fill(0xff), crypto.randomUUID())).status).toBe(422);
    expect((await photoOf('nothing')).status).toBe(404);
  });
});

it('what a phone sends or a file brings is told to every page at once, and what cannot be read is not', async () => {
  const heard: LiveMessage[] = [];
  const leave = liveHub(demoBenchId).listen({
    send: (text) => heard.push(JSON.parse(text.slice('data: '.length)) as LiveMessage),
    end: () => undefined,
  });
  const pass = { kind: 'pass', id: crypto.randomUUID(), atS: Date.now() / 1000 };
  const response = await takeTripEvents(
    new Request('http://127.0.0.1/log/events', {
      method: 'POST',
      body: JSON.stringify({
        version: 1,
        tripId: 'trip-two-phones',
        sentS: pass.atS,
        events: [pass, { kind: 'pass' }],
      }),
    }),
  );
  expect(await response.json()).toMatchObject({ taken: [pass.id], refused: [{ at: 1 }] });
  const id = crypto.randomUUID();
  const table = `id,time,line\n${id},2026-06-14T07:00:00Z,a\n`;
  await put('name=a.csv&trip=trip-two-phones', table);
  await put('name=a.csv&trip=trip-two-phones&confirm=yes', table);
  leave();
  expect(heard.filter(({ kind }) => kind === 'logged')).toEqual([
    { kind: 'logged', tripId: 'trip-two-phones', ids: [pass.id] },
    { kind: 'logged', tripId: 'trip-two-phones', ids: [id] },
  ]);
});
