'use client';

import { liveQuery } from 'dexie';
import { useCallback, useEffect, useEffectEvent, useMemo, useRef, useState } from 'react';
import type { Logged } from '@/domain/helm/live';
import type { TripId } from '@/domain/ids';
import { tripOf } from '@/domain/log/trip';
import type { TripEvent } from '@/domain/log/trip-event';
import { startOutbox } from './outbox';
import { keepEntry, openTrip, setOpenTrip, store, takeOver, waiting } from './store';
import { benchHeader } from '@/features/fields/page-bench';
import type { Live } from '@/features/fields/use-live';

/** How often the other phones of the crew are asked after: the live line tells of each entry, while it stands [ms]. */
const MERGE_MS = { told: 60_000, alone: 15_000 } as const;

/** The answer of a query over the phone's own memory, kept up whichever page changes it; undefined until it is there. */
function useStored<T>(ask: () => Promise<T>, key: string, onBroken: () => void): T | undefined {
  const [answer, setAnswer] = useState<{ readonly key: string; readonly value: T }>();
  const asked = useRef(ask);
  const broken = useEffectEvent(onBroken);
  useEffect(() => {
    asked.current = ask;
  });
  useEffect(() => {
    const watched = liveQuery(() => asked.current()).subscribe({
      next: (value) => setAnswer({ key, value }),
      // A browser that gives the page no memory of its own, or a disk that is full.
      error: () => broken(),
    });
    return () => watched.unsubscribe();
  }, [key]);
  return answer?.key === key ? answer.value : undefined;
}

/**
 * The trip that is open on this phone, or the one that is asked for, as this phone has kept it; what is added is on the disk before it
 * shows.
 */
export function useTrip(asked: string | null, { line, onLogged }: Pick<Live, 'line' | 'onLogged'>) {
  const [failed, setFailed] = useState(false);
  const broken = () => setFailed(true);
  const tripId = useStored(openTrip, 'open', broken);
  const rows = useStored(
    async () => (tripId ? store().events.where('tripId').equals(tripId).toArray() : []),
    tripId ?? '',
    broken,
  );
  const counts = useStored(waiting, 'waiting', broken);
  const [reaches, setReaches] = useState(true);
  const [behindS, setBehindS] = useState(0);
  const outbox = useRef<{ readonly wake: () => void } | null>(null);

  const merge = useCallback(async (of: TripId) => {
    try {
      const response = await fetch(`/log/events/${encodeURIComponent(of)}`, {
        headers: benchHeader(),
        signal: AbortSignal.timeout(20_000),
      });
      setReaches(response.ok);
      if (response.ok) await takeOver(of, ((await response.json()) as { events: TripEvent[] }).events);
    } catch {
      setReaches(false);
    }
  }, []);

  useEffect(() => {
    const started = startOutbox((sent) => {
      setReaches(sent.reaches);
      if (sent.behindS !== null) setBehindS(sent.behindS);
      if (sent.tripId) void merge(sent.tripId);
    });
    outbox.current = started;
    return () => started.stop();
  }, [merge]);

  useEffect(() => {
    if (!asked || asked.length > 64) return;
    const found = asked as TripId;
    const timer = setTimeout(() => void merge(found).then(() => setOpenTrip(found)));
    return () => clearTimeout(timer);
  }, [asked, merge]);

  const isTold = line === 'open';
  useEffect(() => {
    if (!tripId) return;
    const first = setTimeout(() => void merge(tripId));
    const timer = setInterval(() => void merge(tripId), isTold ? MERGE_MS.told : MERGE_MS.alone);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, [tripId, isTold, merge]);

  const events = useMemo(() => (rows ?? []).map(({ event }) => event), [rows]);
  const trip = useMemo(() => tripOf(events), [events]);

  const hear = useEffectEvent(({ tripId: of, ids }: Logged) => {
    const has = new Set(events.map(({ id }) => id));
    if (of === tripId && ids.some((id) => !has.has(id))) void merge(of);
  });
  useEffect(() => onLogged((logged) => hear(logged)), [onLogged]);

  /** Keeps entries of a trip; false where the phone's memory took none. */
  const add = async (entries: readonly TripEvent[], to: TripId | null | undefined = tripId): Promise<boolean> => {
    if (!to) return false;
    try {
      for (const entry of entries) await keepEntry(to, entry);
      setFailed(false);
      outbox.current?.wake();
      return true;
    } catch {
      setFailed(true);
      return false;
    }
  };
  return {
    /** undefined until the phone's memory was read; null: no trip is open */
    tripId,
    events,
    trip,
    add,
    /** opens a trip here, or leaves it to the other phones */
    choose: (id: TripId | null) => setOpenTrip(id),
    merge,
    unsent: counts?.unsent ?? 0,
    refused: counts?.refused ?? 0,
    /** whether the server answered last */
    reaches,
    /** how far this phone's clock is behind the server's; 0: right [s] */
    behindS,
    /** the phone's memory took nothing: what was touched is not kept */
    failed,
  };
}

export type TripInHand = ReturnType<typeof useTrip>;
