import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { addTripEvents, listTripEvents, listTrips } from '@/db/repo';
import { setupIdSchema, tripIdSchema } from '@/domain/ids';
import { behind, byServerClock } from '@/domain/log/clock';
import { tripOf } from '@/domain/log/trip';
import type { TripEvent } from '@/domain/log/trip-event';
import { aBench, emptyDatabase } from '../helpers/database';

let db: Db;
let close: () => Promise<void>;
beforeAll(async () => ({ db, close } = await emptyDatabase()));
afterAll(() => close());

const trip = tripIdSchema.parse('trip-1');
const id = (n: number) => `0b7c3c1e-7f6f-4b70-9d69-${String(n).padStart(12, '0')}`;
const put = (n: number, atS: number, line: string): TripEvent => ({
  kind: 'in',
  id: id(n),
  atS,
  line,
  setupId: setupIdSchema.parse('setup-char-flasher'),
  rodId: null,
  pointId: null,
  lineM: 40,
  cableM: null,
  mark: '',
});
const strike = (n: number, atS: number, line: string): TripEvent => ({
  kind: 'strike',
  id: id(n),
  atS,
  line,
  touchedS: atS,
  angler: null,
});
const rows = (events: readonly TripEvent[], behindS = 0) => events.map((event) => ({ tripId: trip, event, behindS }));

it('two phones of one crew merge by entry, and what arrives twice is there once', async () => {
  const benchId = await aBench(db);
  const [one, two] = [
    [put(1, 1000, 'a'), strike(3, 1300, 'a')],
    [put(2, 1010, 'b'), strike(4, 1320, 'b')],
  ];
  await addTripEvents(db, benchId, rows(two));
  await addTripEvents(db, benchId, rows(one));
  await addTripEvents(db, benchId, rows([...one, { ...strike(3, 9999, 'b') }]));
  const { rows: kept } = await listTripEvents(db, benchId, trip);
  expect(kept.map((event) => event.id)).toEqual([1, 2, 3, 4].map(id));
  expect(tripOf(kept)).toEqual(tripOf([...one, ...two]));
  expect(tripOf(kept).strikes.map(({ line, flurry }) => [line, flurry])).toEqual([
    ['a', 0],
    ['b', 0],
  ]);
  expect(await listTrips(db, benchId)).toMatchObject([
    { tripId: trip, fromS: 1000, toS: 1320, events: 4, strikes: 2, isClosed: false, name: '' },
  ]);
});

it('a phone whose clock is an hour wrong is put right by the server’s', async () => {
  const benchId = await aBench(db);
  await addTripEvents(db, benchId, rows([put(11, 5000, 'a')]));
  await addTripEvents(db, benchId, rows([strike(12, 5100 - 3600, 'a')], behind(6000 - 3600, 6000)));
  const { rows: kept } = await listTripEvents(db, benchId, trip);
  expect(tripOf(kept).stretches).toMatchObject([{ fromS: 5000, toS: 5100 }]);
  expect(behind(6000, 6001.5)).toBe(0);
  const retimed: TripEvent = { kind: 'retimed', id: id(13), atS: 10, of: id(12), toS: 5 };
  expect(byServerClock(retimed, 100)).toMatchObject({ atS: 110, toS: 105 });
});

it('an entry that cannot be read costs nothing but itself', async () => {
  const benchId = await aBench(db);
  await addTripEvents(db, benchId, rows([put(21, 5000, 'a')]));
  await db.execute(
    sql`insert into trip_event (bench_id, trip_id, id, kind, at_s, behind_s, document) values (${benchId}, 'trip-1', 'bad', 'in', 5001, 0, '{"version":1,"data":{"kind":"in"}}')`,
  );
  const { rows: kept, broken } = await listTripEvents(db, benchId, trip);
  expect([kept.length, broken.length]).toEqual([1, 1]);
});
