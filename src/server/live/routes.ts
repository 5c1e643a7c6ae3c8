import 'server-only';
import { z } from 'zod';
import { blocksIn } from '@/db/repo';
import { helmEventSchema } from '@/domain/helm/helm-event';
import type { LiveMessage } from '@/domain/helm/live';
import { isChannel, READ_CHANNELS, type ChannelName } from '@/domain/instruments/channels';
import { drawnOf } from '@/domain/instruments/drawn';
import { metrics } from '../metrics';
import { refusedInput, textUpTo, withMembersBody } from '../json-body';
import { database } from '../database';
import { routeResponse } from '../route-response';
import { accessTo } from '../access';
import type { Hub } from './hub';
import { liveHub } from './live-hub';

/** The live line: all there is, then what is new, for as long as the page listens. */
export const openLive = (request: Request): Promise<Response> =>
  routeResponse(async () =>
    lineOf(request, liveHub((await accessTo('helm', new URL(request.url).searchParams.get('bench') || null)).benchId)),
  );

/** What a hub tells, as a stream of events. */
export function lineOf(
  request: Request,
  hub: Hub,
  { only, until }: { readonly only?: (message: LiveMessage) => LiveMessage | null; readonly until?: Date } = {},
): Response {
  const encoder = new TextEncoder();
  let leave: () => void = () => undefined;
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const send = (text: string) => {
        // A page that reads no more is let go rather than filled up.
        if ((controller.desiredSize ?? 0) < -MOST_WAITING) return close();
        try {
          controller.enqueue(encoder.encode(text));
        } catch {
          leave();
        }
      };
      const close = () => {
        leave();
        try {
          controller.close();
        } catch {
          // It was closed from the other side.
        }
      };
      const beat = setInterval(() => (until && until < new Date() ? close() : send(': beat\n\n')), BEAT_MS);
      const unlisten = hub.listen({ send, end: close, only });
      metrics().liveLines.inc();
      let isLeft = false;
      leave = () => {
        clearInterval(beat);
        unlisten();
        if (!isLeft) metrics().liveLines.dec();
        isLeft = true;
      };
      request.signal.addEventListener('abort', close);
    },
    cancel: () => leave(),
  });
  return new Response(stream, {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      // Not to be compressed: a compressor would hold back what is small.
      'cache-control': 'no-cache, no-transform',
      'x-accel-buffering': 'no',
    },
  });
}

const MOST_WAITING = 200;
const BEAT_MS = 10_000;
const MOST_FILE = 20_000_000;

/** An event of a page: typed readings, an answer, a run, a drop, silence. The same one sent again changes nothing. */
export const addEvent = (request: Request): Promise<Response> =>
  withMembersBody('helm', request, helmEventSchema, async (event, { benchId, anglerId }) => {
    if (event.kind === 'moved')
      return refusedInput([{ path: 'kind', given: event.kind, allowed: { kind: 'rule', rule: 'an event of a page' } }]);
    await liveHub(benchId).add(event, anglerId);
    return Response.json({ ok: true });
  });

const phoneSchema = z.strictObject({
  readings: z
    .array(z.strictObject({ channel: z.enum(READ_CHANNELS as [ChannelName, ...ChannelName[]]), value: z.number() }))
    .min(1)
    .max(READ_CHANNELS.length),
});

/** What a phone knows of itself: where it is, how it moves, where it points. */
export const takePhone = (request: Request): Promise<Response> =>
  withMembersBody('helm', request, phoneSchema, async ({ readings }, { benchId }) => {
    const hub = liveHub(benchId);
    for (const { channel, value } of readings) hub.recordPhone(channel, value);
    return Response.json({ ok: true });
  });

const speedSchema = z.coerce.number().min(0.1).max(100);

/** A recorded file, played as if it came now. */
export const playRecording = (request: Request): Promise<Response> =>
  routeResponse(async () => {
    const { benchId } = await accessTo('edit');
    const speed = speedSchema.safeParse(new URL(request.url).searchParams.get('speed') ?? '1');
    if (!speed.success)
      return refusedInput([{ path: 'speed', given: null, allowed: { kind: 'rule', rule: '0.1 to 100' } }]);
    const text = await textUpTo(request, MOST_FILE);
    const lines = text?.split(/\r\n|\n|\r/).filter((line) => line.trim() !== '') ?? [];
    if (text === null || lines.length === 0)
      return refusedInput([
        { path: '$', given: null, allowed: { kind: 'rule', rule: `sentences, ${MOST_FILE} bytes at most` } },
      ]);
    liveHub(benchId).play(lines, speed.data);
    return Response.json({ ok: true, lines: lines.length });
  });

const spanSchema = z
  .strictObject({ fromS: z.coerce.number().min(0).max(1e11), toS: z.coerce.number().min(0).max(1e11) })
  .refine(({ fromS, toS }) => toS > fromS && toS - fromS <= 24 * 3600);

/** Kept readings of a span of time, as many points as are drawn. */
export const keptReadings = (request: Request): Promise<Response> =>
  routeResponse(async () => {
    const { benchId } = await accessTo('helm');
    const asked = new URL(request.url).searchParams;
    const span = spanSchema.safeParse({ fromS: asked.get('from'), toS: asked.get('to') });
    if (!span.success)
      return refusedInput([
        { path: 'from', given: asked.get('from'), allowed: { kind: 'rule', rule: 'before `to`, a day apart at most' } },
      ]);
    const { blocks, broken } = await blocksIn(database(), benchId, span.data);
    const only = asked.get('only')?.split(',').filter(isChannel);
    return Response.json({ channels: drawnOf(blocks, span.data, only), broken });
  });
