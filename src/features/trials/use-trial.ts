'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import type { TrialDocument } from '@/domain/trials/trial-document';
import { send } from '@/features/fields/send';
import { removeTrialAction, saveTrialAction } from '@/server/actions/trials';
import type { OpenTrial } from '@/server/queries/trials-page';
import type { FailureCode } from '@/server/reply';

type Failure = 'stale' | 'unreachable' | FailureCode;

/**
 * Headless: the open trial as it is in hand, kept with every change; changes that come while one is on its way go with the next.
 * What the server makes of it follows.
 */
export function useTrial(open: OpenTrial | null) {
  const router = useRouter();
  const [held, setHeld] = useState(() => open && { trial: open.trial, version: open.version });
  const [failure, setFailure] = useState<Failure | null>(null);
  const [busy, setBusy] = useState(false);
  const latest = useRef(held);
  const sending = useRef(false);
  useEffect(() => {
    // The page came anew, and nothing is on its way: what the server has is so now.
    if (sending.current || !open || latest.current?.trial.id !== open.trial.id) return;
    if (open.version <= (latest.current?.version ?? -1)) return;
    latest.current = { trial: open.trial, version: open.version };
    setHeld(latest.current);
  }, [open]);

  const flush = async (): Promise<void> => {
    if (sending.current) return;
    sending.current = true;
    setBusy(true);
    let sent: TrialDocument | null = null;
    while (latest.current && latest.current.trial !== sent) {
      const { trial, version } = latest.current;
      sent = trial;
      const reply = await send('save-trial', saveTrialAction, { document: trial, expectedVersion: version });
      setFailure(reply.ok ? null : reply.code);
      if (!reply.ok) break;
      const now = latest.current;
      latest.current = { trial: now.trial, version: reply.data.version };
    }
    sending.current = false;
    setBusy(false);
    setHeld(latest.current);
    router.refresh();
  };
  return {
    trial: held?.trial ?? null,
    failure,
    busy,
    change: (changes: Partial<TrialDocument>) => {
      if (!latest.current) return;
      latest.current = { ...latest.current, trial: { ...latest.current.trial, ...changes } };
      setHeld(latest.current);
      void flush();
    },
    /** gives up what was not kept, and takes what another window made of it */
    reload: () => {
      latest.current = open && { trial: open.trial, version: open.version };
      setHeld(latest.current);
      setFailure(null);
      router.refresh();
    },
    remove: async (): Promise<boolean> => {
      if (!latest.current) return false;
      const { trial, version } = latest.current;
      const reply = await send('remove-trial', removeTrialAction, { id: trial.id, expectedVersion: version });
      setFailure(reply.ok ? null : reply.code);
      return reply.ok;
    },
  };
}

/** A trial that is begun; the id of what was kept, or why it was not. */
export async function beginTrial(
  trial: TrialDocument,
): Promise<{ readonly id: string } | { readonly failure: Failure }> {
  const reply = await send('save-trial', saveTrialAction, { document: trial, expectedVersion: null });
  return reply.ok ? { id: reply.data.document.id } : { failure: reply.code };
}
