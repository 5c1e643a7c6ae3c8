'use client';

import { useState, useTransition } from 'react';
import { usualHelm } from '@/domain/helm/usual-helm';
import type { Helm } from '@/domain/helm/helm';
import type { HelmId } from '@/domain/ids';
import { send } from '@/features/fields/send';
import { saveHelmAction } from '@/server/actions/helms';
import type { FailureCode } from '@/server/reply';
import type { KeptHelm } from './use-live';

/** Takes the place of an id until the server has given one. */
const NEW_HELM = 'new-helm' as HelmId;

export type HelmFailure = 'stale' | 'unreachable' | FailureCode;

/** The helm as it is kept, the newest of what the page and the live line know; a change is kept at once. */
export function useHelm(atFirst: KeptHelm | null, live: KeptHelm | null) {
  const [mine, setMine] = useState<KeptHelm | null>(atFirst);
  const [failure, setFailure] = useState<HelmFailure | null>(null);
  const [busy, start] = useTransition();
  const newest = live && (!mine || live.document.id !== mine.document.id || live.version > mine.version) ? live : mine;
  const helm = newest?.document ?? usualHelm(NEW_HELM);
  return {
    helm,
    busy,
    failure,
    change: (changes: Partial<Helm>) =>
      start(async () => {
        const document = { ...helm, ...changes };
        const reply = await send('save-helm', saveHelmAction, { document, expectedVersion: newest?.version ?? null });
        setFailure(reply.ok ? null : reply.code);
        if (reply.ok) setMine(reply.data);
      }),
  };
}

export type HelmInHand = ReturnType<typeof useHelm>;
