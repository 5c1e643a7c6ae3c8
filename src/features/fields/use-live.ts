'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Helm } from '@/domain/helm/helm';
import type { HelmEvent } from '@/domain/helm/helm-event';
import type { LinkState, LiveMessage, Logged } from '@/domain/helm/live';
import { Tracks } from '@/domain/helm/tracks';
import { post, type Posted } from './post';
import { pageBench } from './page-bench';

export interface KeptHelm {
  readonly document: Helm;
  readonly version: number;
}

interface Heard {
  readonly tracks: Tracks;
  readonly links: readonly LinkState[];
  readonly events: readonly HelmEvent[];
  readonly helm: KeptHelm | null;
  readonly reads: boolean;
  /** the server's clock less this device's [s] */
  readonly aheadS: number;
  /** grows with every reading, since tracks change in place */
  readonly count: number;
}

/** Without a sign of life for so long the line is taken for lost [s]: the server beats every ten. */
const LOST_S = 25;
const MOST_EVENTS = 300;

/** The live line to the server: readings, connections and events as they come. It mends itself. */
export function useLive(from?: string) {
  const [heard, setHeard] = useState<Heard | null>(null);
  const [line, setLine] = useState<'opening' | 'open' | 'lost'>('opening');
  const [clockS, setClockS] = useState(0);
  const onLogged = useRef(new Set<(logged: Logged) => void>());
  useEffect(() => {
    let source: EventSource | null = null;
    let aliveAt = Date.now();
    const open = () => {
      source?.close();
      source = new EventSource(from ?? `/live?bench=${encodeURIComponent(pageBench() ?? '')}`);
      aliveAt = Date.now();
      source.onopen = () => setLine('open');
      source.onmessage = ({ data }: MessageEvent<string>) => {
        aliveAt = Date.now();
        setLine('open');
        const message = JSON.parse(data) as LiveMessage;
        setHeard((now) => after(now, message));
        if (message.kind === 'logged') for (const hear of onLogged.current) hear(message);
        setClockS(Date.now() / 1000);
      };
      source.onerror = () => setLine('lost');
    };
    open();
    const tick = setInterval(() => {
      setClockS(Date.now() / 1000);
      // Links are told every three seconds: a line that says nothing is opened anew.
      if (Date.now() - aliveAt > LOST_S * 1000) {
        setLine('lost');
        open();
      }
    }, 1000);
    return () => {
      clearInterval(tick);
      source?.close();
    };
  }, [from]);
  return {
    line,
    heard,
    /** the server's clock [s since 1970] */
    nowS: clockS + (heard?.aheadS ?? 0),
    /** hands on what other phones of the crew log, until it is let go */
    onLogged: useCallback((hear: (logged: Logged) => void) => {
      const listeners = onLogged.current;
      listeners.add(hear);
      return () => void listeners.delete(hear);
    }, []),
    /** keeps an event; it is shown at once, and sent again by whoever asked if it was not kept */
    tell: async (event: HelmEvent): Promise<Posted> => {
      const posted = await post('events', event);
      if (posted === 'kept') setHeard((now) => now && after(now, { kind: 'event', event }));
      return posted;
    },
  };
}

export type Live = ReturnType<typeof useLive>;

function after(now: Heard | null, message: LiveMessage): Heard | null {
  if (message.kind === 'hello')
    return {
      tracks: Tracks.from(message.tracks),
      links: message.links,
      events: message.events,
      helm: message.helm,
      reads: message.reads,
      aheadS: message.nowS - Date.now() / 1000,
      count: (now?.count ?? 0) + 1,
    };
  if (!now) return null;
  switch (message.kind) {
    case 'readings':
      for (const [channel, atS, value] of message.readings) now.tracks.record(channel, atS, value);
      return { ...now, count: now.count + 1 };
    case 'links':
      return { ...now, links: message.links };
    case 'event': {
      const { event } = message;
      if (now.events.some(({ id }) => id === event.id)) return now;
      if (event.kind === 'typed')
        for (const { channel, value } of event.readings) now.tracks.put(channel, event.atS, value);
      return { ...now, events: [event, ...now.events].slice(0, MOST_EVENTS) };
    }
    case 'helm':
      return { ...now, helm: message.helm };
    case 'logged':
      return now;
    default:
      return message satisfies never;
  }
}
