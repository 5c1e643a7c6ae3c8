'use client';

import { useEffect, useEffectEvent, useState, useTransition } from 'react';
import { usualHelm } from '@/domain/helm/usual-helm';
import type { Helm } from '@/domain/helm/helm';
import type { HelmId } from '@/domain/ids';
import { send } from '@/features/fields/send';
import { saveHelmAction } from '@/server/actions/helms';
import type { FailureCode } from '@/server/reply';
import type { KeptHelm } from '@/features/fields/use-live';

/** Takes the place of an id until the server has given one. */
const NEW_HELM = 'new-helm' as HelmId;
/** What is typed is kept once nothing more came for so long [ms]. */
const PAUSE_MS = 500;

export type HelmFailure = 'stale' | 'unreachable' | FailureCode;

/**
 * The helm as it is kept, the newest of what the page and the live line know, with what is being changed on it. Changes are kept by
 * themselves, one after the other; where another device was first they are let go, and said so; what could not be kept waits.
 */
export function useHelm(atFirst: KeptHelm | null, live: KeptHelm | null) {
  const [mine, setMine] = useState<KeptHelm | null>(atFirst);
  const [changes, setChanges] = useState<Partial<Helm>>({});
  const [failure, setFailure] = useState<HelmFailure | null>(null);
  /** changes that could not be kept: they wait for another try */
  const [waiting, setWaiting] = useState<Partial<Helm> | null>(null);
  const [busy, start] = useTransition();
  const newest = live && (!mine || live.document.id !== mine.document.id || live.version > mine.version) ? live : mine;
  const kept = newest?.document ?? usualHelm(NEW_HELM);
  const isChanged = Object.keys(changes).length > 0;

  const keep = useEffectEvent(() => {
    const sent = changes;
    start(async () => {
      const reply = await send('save-helm', saveHelmAction, {
        document: { ...kept, ...sent },
        expectedVersion: newest?.version ?? null,
      });
      setFailure(reply.ok ? null : reply.code);
      if (!reply.ok && reply.code !== 'stale') return setWaiting(sent);
      // What the server has goes before what this page took for it.
      setMine(reply.ok ? reply.data : null);
      // What was typed meanwhile waits for its own turn.
      setChanges((now) => without(now, sent));
    });
  });
  useEffect(() => {
    if (!isChanged || busy || changes === waiting) return;
    const timer = setTimeout(() => keep(), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [isChanged, changes, busy, waiting]);
  return {
    helm: { ...kept, ...changes },
    busy,
    failure,
    again: () => setWaiting(null),
    change: (more: Partial<Helm>) => setChanges((now) => ({ ...now, ...more })),
  };
}

export type HelmInHand = ReturnType<typeof useHelm>;

/** Changes less those that were sent, unless they were changed again. */
function without(now: Partial<Helm>, sent: Partial<Helm>): Partial<Helm> {
  return Object.fromEntries(
    Object.entries(now).filter(([key, value]) => value !== sent[key as keyof Helm]),
  ) as Partial<Helm>;
}
