import { createServer, type AddressInfo, type Server, type Socket } from 'node:net';
import { afterAll, afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import { sql } from 'drizzle-orm';
import type { Db } from '@/db/client';
import { addHelmEvent, blocksIn, endLease, helmRepo, holdLease, listHelmEvents } from '@/db/repo';
import type { Helm } from '@/domain/helm/helm';
import type { HelmEvent } from '@/domain/helm/helm-event';
import type { LiveMessage } from '@/domain/helm/live';
import { usualHelm } from '@/domain/helm/usual-helm';
import { helmIdSchema, tripIdSchema, type BenchId } from '@/domain/ids';
import type { ChannelName } from '@/domain/instruments/channels';
import { sentenceOf } from '@/domain/instruments/nmea';
import { Hub } from '@/server/live/hub';
import { world } from '@/domain/instruments/simulated/world';
import { aBench, emptyDatabase } from '../helpers/database';
import { helmScript } from '../soak/helm-scripts';

let db: Db;
let close: () => Promise<void>;
let benchId: BenchId;
const hubs: Hub[] = [];
const instruments: Server[] = [];
const sockets = new Set<Socket>();

beforeAll(async () => ({ db, close } = await emptyDatabase()));
afterEach(async () => {
  for (const hub of hubs.splice(0)) await hub.stop();
  for (const socket of sockets) socket.destroy();
  for (const server of instruments.splice(0)) await new Promise((done) => server.close(done));
});
afterAll(() => close());

/** Something that sends a temperature five times a second to whoever connects. */
async function instrument(port = 0): Promise<{ readonly port: number; readonly unplug: () => Promise<void> }> {
  const server = createServer((socket) => {
    sockets.add(socket);
    const timer = setInterval(() => socket.write(`${sentenceOf('IIMTW', ['11.2', 'C'])}\r\n$IIMTW,9,C*00\r\n`), 200);
    socket.on('close', () => {
      clearInterval(timer);
      sockets.delete(socket);
    });
    socket.on('error', () => undefined);
  });
  instruments.push(server);
  await new Promise<void>((listening) => server.listen(port, '127.0.0.1', listening));
  return {
    port: (server.address() as AddressInfo).port,
    unplug: async () => {
      for (const socket of sockets) socket.destroy();
      instruments.splice(instruments.indexOf(server), 1);
      await new Promise((done) => server.close(done));
    },
  };
}

async function helmWith(port: number): Promise<Helm> {
  benchId = await aBench(db);
  const helm: Helm = {
    ...usualHelm(helmIdSchema.parse('helm')),
    connections: [{ id: 'c', name: 'Test', kind: 'tcp', host: '127.0.0.1', port, needsChecksum: true, on: true }],
  };
  await helmRepo.insert(db, benchId, helm, new Date());
  return helm;
}

function hub(database: () => Db = () => db): Hub {
  const made = new Hub(database, benchId);
  hubs.push(made);
  made.start();
  return made;
}

/** What a page hears, in order. */
function listen(to: Hub): LiveMessage[] {
  const heard: LiveMessage[] = [];
  to.listen({
    send: (text) => heard.push(JSON.parse(text.slice('data: '.length)) as LiveMessage),
    end: () => undefined,
  });
  return heard;
}
const temperatures = (heard: readonly LiveMessage[]) =>
  heard.flatMap((message) =>
    message.kind === 'readings' ? message.readings.filter(([channel]) => channel === 'surfaceC') : [],
  );

describe('the reader of instruments', () => {
  it('tells every page, counts what is bad, and heals when the plug is put back', async () => {
    const source = await instrument();
    await helmWith(source.port);
    const reader = hub();
    const [one, two] = [listen(reader), listen(reader)];
    await vi.waitFor(() => expect(temperatures(one).length).toBeGreaterThan(2), 10_000);
    expect(temperatures(two).length).toBeGreaterThan(1);
    expect(temperatures(one)[0]![2]).toBeCloseTo(11.2, 6);
    await vi.waitFor(
      () =>
        expect(one.findLast((message) => message.kind === 'links')).toMatchObject({
          links: [{ id: 'c', state: 'open', bad: { 'MTW checksum': expect.any(Number) }, lastBad: '$IIMTW,9,C*00' }],
        }),
      10_000,
    );
    await source.unplug();
    await vi.waitFor(
      () =>
        expect(one.findLast((message) => message.kind === 'links')).toMatchObject({
          links: [{ state: expect.stringMatching(/waiting|connecting/) }],
        }),
      10_000,
    );
    const before = temperatures(one).length;
    await instrument(source.port);
    await vi.waitFor(() => expect(temperatures(one).length).toBeGreaterThan(before), 20_000);
  }, 60_000);

  it('keeps a value a second, and goes on with the same minutes after it was started anew', async () => {
    const source = await instrument();
    await helmWith(source.port);
    const first = hub();
    const heard = listen(first);
    await vi.waitFor(() => expect(temperatures(heard).length).toBeGreaterThan(15), 20_000);
    await hubs.splice(0)[0]!.stop();
    const kept = async () => {
      const now = Date.now() / 1000;
      const { blocks, broken } = await blocksIn(db, benchId, { fromS: now - 60, toS: now + 1 });
      expect(broken).toBe(0);
      return blocks.flatMap(({ values }) => (values.surfaceC ?? []).filter((value) => value !== null));
    };
    const before = await kept();
    expect(before.length).toBeGreaterThanOrEqual(2);
    expect(before.every((value) => Math.abs(value - 11.2) < 0.006)).toBe(true);
    const second = listen(hub());
    // What was kept is there before anything new was read.
    await vi.waitFor(() => expect(temperatures(second).length).toBeGreaterThan(10), 20_000);
    await hubs.splice(0)[0]!.stop();
    expect((await kept()).length).toBeGreaterThan(before.length);
  }, 60_000);

  it('reads once: a second reader waits until the first lets go', async () => {
    const source = await instrument();
    await helmWith(source.port);
    const first = listen(hub());
    await vi.waitFor(() => expect(temperatures(first).length).toBeGreaterThan(0), 10_000);
    const other = hub();
    const second = listen(other);
    await new Promise((resolve) => setTimeout(resolve, 1500));
    const links = second.flatMap((message) => (message.kind === 'links' ? message.links : []));
    expect(links.every(({ state }) => state === 'open')).toBe(true);
    await hubs.shift()!.stop();
    await other.reload();
    await vi.waitFor(() => expect(temperatures(second).length).toBeGreaterThan(0), 10_000);
  }, 60_000);

  it('what one instance hears or is told reaches the pages of another, once, and is kept once', async () => {
    const source = await instrument();
    await helmWith(source.port);
    const first = hub();
    const near = listen(first);
    await vi.waitFor(() => expect(temperatures(near).length).toBeGreaterThan(0), 10_000);
    const second = hub();
    const far = listen(second);
    // Each learns of the other at its next look.
    await first.reload();
    await vi.waitFor(() => expect(temperatures(far).length).toBeGreaterThan(3), 10_000);
    const times = temperatures(far).map(([, atS]) => atS);
    expect(new Set(times).size).toBe(times.length);
    const typed = {
      kind: 'typed',
      id: crypto.randomUUID(),
      atS: Date.now() / 1000,
      readings: [{ channel: 'probeC', value: 7.5 }],
    } as const;
    await second.add(typed as unknown as HelmEvent);
    await vi.waitFor(() => expect(near.filter(({ kind }) => kind === 'event')).toHaveLength(1), 10_000);
    expect(far.filter(({ kind }) => kind === 'event')).toHaveLength(1);
    expect((await listHelmEvents(db, benchId, { fromS: 0, most: 10 })).rows).toHaveLength(1);
    const logged = { kind: 'logged', tripId: tripIdSchema.parse('trip-lake'), ids: ['a'] } as const;
    second.logged(logged);
    await vi.waitFor(() => expect(near).toContainEqual(logged), 10_000);
    expect(far).toContainEqual(logged);
    // Alone again, nothing is passed on.
    await second.stop();
    hubs.splice(hubs.indexOf(second), 1);
    await first.reload();
    // What was on its way when it learnt that is written still.
    await new Promise((resolve) => setTimeout(resolve, 300));
    await db.execute(sql`delete from live_message`);
    await new Promise((resolve) => setTimeout(resolve, 1000));
    const [rows] = (await db.execute(sql`select count(*) as n from live_message`)) as unknown as [{ n: number }[]];
    expect(Number(rows[0]!.n)).toBe(0);
  }, 60_000);

  it('goes on reading while the database is away, and keeps that when it is back', async () => {
    const source = await instrument();
    await helmWith(source.port);
    let away = false;
    const reader = hub(() => {
      if (away) throw Object.assign(new Error('gone'), { code: 'ECONNREFUSED' });
      return db;
    });
    const heard = listen(reader);
    await vi.waitFor(() => expect(temperatures(heard).length).toBeGreaterThan(0), 10_000);
    away = true;
    const count = temperatures(heard).length;
    await reader.reload();
    await vi.waitFor(() => expect(temperatures(heard).length).toBeGreaterThan(count + 15), 20_000);
    away = false;
    await hubs.splice(0)[0]!.stop();
    const now = Date.now() / 1000;
    const { blocks } = await blocksIn(db, benchId, { fromS: now - 60, toS: now + 1 });
    expect(blocks.flatMap(({ values }) => (values.surfaceC ?? []).filter((v) => v !== null)).length).toBeGreaterThan(1);
  }, 60_000);
});

describe('what is told at the helm', () => {
  it('what moved is told to every page once, with its place, and kept', async () => {
    await helmWith(1);
    const reader = hub();
    await reader.reload();
    const [one, two] = [listen(reader), listen(reader)];
    // The last four minutes of a boat whose probe was moved a minute ago.
    const script = helmScript(1, { least: 8 });
    const startS = Date.now() / 1000 - 240;
    for (const { atS, readings } of world(script.scenario, 1)) {
      if (atS >= 240) break;
      for (const [channel, value] of Object.entries(readings))
        reader.record(channel as ChannelName, value, startS + atS);
    }
    const told = (heard: readonly LiveMessage[]) =>
      heard.flatMap((message) => (message.kind === 'event' ? [message.event] : []));
    await vi.waitFor(() => expect(told(one)).toHaveLength(1), 15_000);
    expect(told(one)[0]).toMatchObject({ kind: 'moved', outcome: 'sensor', place: { latDeg: expect.any(Number) } });
    expect(told(two)).toEqual(told(one));
    await vi.waitFor(
      async () => expect((await listHelmEvents(db, benchId, { fromS: 0, most: 9 })).rows).toEqual(told(one)),
      5000,
    );
  }, 30_000);

  const typed = (id: string, value: number): HelmEvent => ({
    kind: 'typed',
    id,
    atS: Date.now() / 1000,
    readings: [{ channel: 'probeM', value }],
  });
  const [a, b] = ['0b7c3c1e-7f6f-4b70-9d69-5b8f4a0e6a11', '0b7c3c1e-7f6f-4b70-9d69-5b8f4a0e6a12'] as const;

  it('is kept once, however often it is sent, and is there for the next page and the next start', async () => {
    benchId = await aBench(db);
    const reader = hub();
    const heard = listen(reader);
    await reader.add(typed(a, 18));
    await reader.add(typed(a, 18));
    await addHelmEvent(db, benchId, typed(a, 99));
    expect(heard.filter(({ kind }) => kind === 'event')).toHaveLength(1);
    expect((await listHelmEvents(db, benchId, { fromS: 0, most: 10 })).rows).toMatchObject([
      { readings: [{ value: 18 }] },
    ]);
    await hubs.splice(0)[0]!.stop();
    const next = hub();
    await vi.waitFor(() => {
      const [hello] = listen(next);
      expect(hello).toMatchObject({ kind: 'hello', events: [{ id: a }], tracks: { probeM: { values: [18] } } });
    }, 10_000);
  });

  it('a phone is heard where no instrument speaks', async () => {
    const source = await instrument();
    await helmWith(source.port);
    const reader = hub();
    const heard = listen(reader);
    await vi.waitFor(() => expect(temperatures(heard).length).toBeGreaterThan(0), 10_000);
    reader.recordPhone('surfaceC', 30);
    reader.recordPhone('latDeg', 46.5);
    const [hello] = listen(reader);
    expect(hello).toMatchObject({ tracks: { latDeg: { values: [46.5] } } });
    expect(temperatures(heard).every(([, , value]) => value < 12)).toBe(true);
  });

  it('one that cannot be read takes nothing down', async () => {
    benchId = await aBench(db);
    await addHelmEvent(db, benchId, typed(b, 12));
    await db.execute(
      sql`insert into helm_event (bench_id, id, at_s, document) values (${benchId}, 'x', 1, '{"version":1,"data":{"kind":"?"}}')`,
    );
    await db.execute(sql`insert into instrument_block values (${benchId}, 0, 'nonsense')`);
    await db.execute(sql`insert into helm values (${benchId}, 'broken', 0, '{"version":1,"data":7}', now())`);
    const { rows, broken } = await listHelmEvents(db, benchId, { fromS: 0, most: 10 });
    expect([rows.length, broken.length]).toEqual([1, 1]);
    expect(await blocksIn(db, benchId, { fromS: 0, toS: 10 })).toEqual({ blocks: [], broken: 1 });
    const reader = hub();
    await reader.reload();
    expect(listen(reader)[0]).toMatchObject({ kind: 'hello', helm: null });
  });
});

it('a lease is one holder’s until it ends or is let go', async () => {
  const now = new Date();
  const take = (holder: string, at = now) => holdLease(db, { name: 'test', holder, forMs: 1000, now: at });
  expect(await take('one')).toBe(true);
  expect(await take('one')).toBe(true);
  expect(await take('two')).toBe(false);
  expect(await take('two', new Date(now.getTime() + 2000))).toBe(true);
  await endLease(db, 'test', 'one');
  expect(await take('one')).toBe(false);
  await endLease(db, 'test', 'two');
  expect(await take('one')).toBe(true);
});
