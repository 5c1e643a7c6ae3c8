import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Db } from '@/db/client';
import { keepBlock, listHelmEvents } from '@/db/repo';
import { transact } from '@/db/transact';
import type { LiveMessage } from '@/domain/helm/live';
import type { BenchId } from '@/domain/ids';
import { blockStart } from '@/domain/instruments/blocks';
import { sentenceOf } from '@/domain/instruments/nmea';
import { liveHub } from '@/server/live/live-hub';
import { addEvent, keptReadings, lineOf, playRecording, takePhone } from '@/server/live/routes';
import { aBench, emptyDatabase } from '../helpers/database';
import { here } from '../helpers/here';

let db: Db;
let close: () => Promise<void>;
let bench: BenchId;
beforeAll(async () => {
  ({ db, close } = await emptyDatabase());
});
afterAll(() => close());
beforeEach(async () => {
  bench = await aBench(db);
  here.benchId = bench;
});

type Route = (request: Request) => Promise<Response>;
const post = async (route: Route, body: unknown, query = '') => {
  const answer = await route(
    new Request(`http://localhost:4173/live/x${query}`, {
      method: 'POST',
      headers: { host: 'localhost:4173', origin: 'http://localhost:4173' },
      body: typeof body === 'string' ? body : JSON.stringify(body),
    }),
  );
  return [answer.status, (await answer.json()) as Record<string, unknown>] as const;
};
const nowS = () => Date.now() / 1000;
const eventId = (n: number) => `0b7c3c1e-7f6f-4b70-9d69-${String(n).padStart(12, '0')}`;
const typed = (n: number, value: number) => ({
  kind: 'typed',
  id: eventId(n),
  atS: nowS(),
  readings: [{ channel: 'probeC', value }],
});
const PATIENT = { timeout: 60_000 };

/** What a page hears on the live line until it leaves. */
function listening(options: Parameters<typeof lineOf>[2] = {}) {
  const leave = new AbortController();
  const response = lineOf(new Request('http://localhost:4173/live', { signal: leave.signal }), liveHub(bench), options);
  const heard: LiveMessage[] = [];
  const done = (async () => {
    let text = '';
    for await (const chunk of response.body!.pipeThrough(new TextDecoderStream())) {
      text += chunk;
      const whole = text.split('\n\n');
      text = whole.pop()!;
      for (const each of whole) if (each.startsWith('data: ')) heard.push(JSON.parse(each.slice(6)) as LiveMessage);
    }
  })();
  return { heard, response, leave: () => leave.abort(), done };
}

describe('the live line', () => {
  it('says all there is, then what is new, until the page leaves', async () => {
    const page = listening();
    expect(page.response.headers.get('content-type')).toMatch(/event-stream/);
    await vi.waitFor(() => expect(page.heard[0]).toMatchObject({ kind: 'hello' }), PATIENT);
    expect(await post(addEvent, typed(1, 7.5))).toEqual([200, { ok: true }]);
    await vi.waitFor(() => expect(page.heard.some(({ kind }) => kind === 'event')).toBe(true), PATIENT);
    page.leave();
    await page.done;
    const before = page.heard.length;
    await post(addEvent, typed(2, 8));
    expect(page.heard).toHaveLength(before);
  });

  it('says only what whoever listens may hear', async () => {
    const page = listening({ only: (message) => (message.kind === 'hello' ? null : message) });
    await post(addEvent, typed(3, 7));
    await vi.waitFor(() => expect(page.heard.length).toBeGreaterThan(0), PATIENT);
    expect(page.heard.map(({ kind }) => kind)).not.toContain('hello');
    page.leave();
    await page.done;
  });
});

describe('what a page tells', () => {
  it('is kept once, however often it is sent', async () => {
    for (let i = 0; i < 3; i += 1) expect((await post(addEvent, typed(10, 9)))[0]).toBe(200);
    const events = await listHelmEvents(db, bench, { fromS: 0, most: 1000 });
    expect(JSON.stringify(events).split(eventId(10)).length - 1).toBe(1);
  });

  it.each([
    ['what the server finds out by itself', { ...typed(11, 9), kind: 'moved' }],
    ['no readings', { ...typed(12, 9), readings: [] }],
    ['a channel that there is none of', { ...typed(13, 9), readings: [{ channel: 'shoeSize', value: 43 }] }],
    ['what the server works out', { ...typed(14, 9), readings: [{ channel: 'currentMps', value: 1 }] }],
    ['a figure in words', { ...typed(15, 9), readings: [{ channel: 'probeC', value: 'cold' }] }],
    ['nothing', {}],
  ])('is not %s', async (_, event) => expect((await post(addEvent, event))[0]).toBeGreaterThanOrEqual(400));

  it('of a phone is what it knows of itself; what cannot be is left out', async () => {
    const readings = [
      { channel: 'sogMps', value: 1.2 },
      { channel: 'latDeg', value: 900 },
    ];
    expect(await post(takePhone, { readings })).toEqual([200, { ok: true }]);
    const page = listening();
    await vi.waitFor(() => expect(page.heard[0]).toMatchObject({ kind: 'hello' }), PATIENT);
    const [hello] = page.heard;
    const tracks = hello?.kind === 'hello' ? hello.tracks : {};
    expect(tracks).toHaveProperty('sogMps');
    expect(tracks).not.toHaveProperty('latDeg');
    page.leave();
    await page.done;
    expect((await post(takePhone, { readings: [] }))[0]).toBe(422);
  });

  it('as a recorded file is played, line by line; nothing and nonsense are refused', async () => {
    const lines = [sentenceOf('IIMTW', ['11.2', 'C']), sentenceOf('SDDPT', [38.2, '0.0'])].join('\r\n');
    expect(await post(playRecording, lines, '?speed=50')).toEqual([200, { ok: true, lines: 2 }]);
    for (const [text, query] of [
      ['', ''],
      ['\r\n\r\n', ''],
      [lines, '?speed=0'],
      [lines, '?speed=fast'],
    ] as const)
      expect((await post(playRecording, text, query))[0], `${text} ${query}`).toBe(422);
  });
});

describe('readings that were kept', () => {
  const asked = async (query: string) => {
    const answer = await keptReadings(new Request(`http://localhost:4173/live/readings${query}`));
    return [
      answer.status,
      (await answer.json()) as { readonly channels?: Record<string, readonly unknown[]> },
    ] as const;
  };

  it('are those of a span, of the channels that are asked for', async () => {
    const startS = blockStart(1_780_000_000);
    await transact(db, (tx) => keepBlock(tx, bench, startS, { probeC: [7, 7.2, null, 7.4], sogMps: [1, 1, 1, 1] }));
    const span = `?from=${startS}&to=${startS + 600}`;
    const [status, { channels }] = await asked(span);
    expect([
      status,
      Object.keys(channels!)
        .filter((name) => channels![name]!.length > 0)
        .sort(),
    ]).toEqual([200, ['probeC', 'sogMps']]);
    expect(channels!['probeC']).toHaveLength(3);
    const only = await asked(`${span}&only=probeC,shoeSize`);
    expect(Object.keys(only[1].channels!)).toEqual(['probeC']);
    expect((await asked(`?from=${startS + 600}&to=${startS + 1200}`))[1].channels!['probeC'] ?? []).toEqual([]);
  });

  it.each(['', '?from=1', '?from=2&to=1', '?from=1&to=1', '?from=0&to=86401', '?from=-1&to=5', '?from=x&to=y'])(
    '“%s” is no span',
    async (query) => expect((await asked(query))[0]).toBe(422),
  );
});
