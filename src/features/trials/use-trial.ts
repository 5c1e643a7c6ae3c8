'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import type { TrialDocument } from '@/domain/trials/trial-document';
import { send } from '@/features/fields/send';
import { useDraft } from '@/features/fields/use-draft';
import { removeTrialAction, saveTrialAction } from '@/server/actions/trials';
import type { OpenTrial } from '@/server/queries/trials-page';
import type { FailureCode } from '@/server/reply';

type Failure = 'stale' | 'unreachable' | FailureCode;
type InHand = Pick<OpenTrial, 'trial' | 'version'>;

/**
 * Headless: the open trial as it is in hand, saved with every change; changes that come while one is on its way go with the next.
 * What the server makes of it follows. A page that goes before the answer came offers the change again when it opens anew.
 */
export function useTrial(open: OpenTrial | null) {
  const router = useRouter();
  const [current, setCurrent] = useState<InHand | null>(() => open && { trial: open.trial, version: open.version });
  const [failure, setFailure] = useState<Failure | null>(null);
  const [saving, setSaving] = useState<'unchanged' | 'saving' | 'saved'>('unchanged');
  const latest = useRef(current);
  const sending = useRef(false);
  useEffect(() => {
    // The page came anew, and nothing is on its way: what the server has is so now.
    if (sending.current || !open || latest.current?.trial.id !== open.trial.id) return;
    if (open.version <= (latest.current?.version ?? -1)) return;
    latest.current = { trial: open.trial, version: open.version };
    setCurrent(latest.current);
  }, [open]);

  const flush = async (): Promise<void> => {
    if (sending.current) return;
    sending.current = true;
    setSaving('saving');
    let sent: TrialDocument | null = null;
    let isSaved = true;
    while (latest.current && latest.current.trial !== sent) {
      const { trial, version } = latest.current;
      sent = trial;
      const reply = await send('save-trial', saveTrialAction, { document: trial, expectedVersion: version });
      setFailure(reply.ok ? null : reply.code);
      isSaved = reply.ok;
      if (!reply.ok) break;
      latest.current = { trial: latest.current.trial, version: reply.data.version };
      setCurrent(latest.current);
    }
    sending.current = false;
    setSaving(isSaved ? 'saved' : 'unchanged');
    router.refresh();
  };
  const draft = useDraft<InHand>(
    `trial ${open?.trial.id ?? ''}`,
    current && (saving === 'saving' || failure) ? current : null,
    (kept) => draftOf(kept, open),
  );
  return {
    trial: current?.trial ?? null,
    failure,
    saving,
    draft,
    takeUpDraft: () => {
      if (draft.offer) {
        latest.current = draft.offer.value;
        setCurrent(latest.current);
        void flush();
      }
      draft.takeUp();
    },
    change: (changes: Partial<TrialDocument>) => {
      if (!latest.current) return;
      latest.current = { ...latest.current, trial: { ...latest.current.trial, ...changes } };
      setCurrent(latest.current);
      void flush();
    },
    /** gives up what was not kept, and takes what another window made of it */
    reload: () => {
      latest.current = open && { trial: open.trial, version: open.version };
      setCurrent(latest.current);
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

/** What was changed and perhaps not saved, with the version it was made from; null where the server has it. */
async function draftOf(kept: unknown, open: OpenTrial | null): Promise<InHand | null> {
  const { trialSchema } = await import('@/domain/trials/trial-document');
  const { trial, version } = kept as { readonly trial: unknown; readonly version: number };
  const read = trialSchema.safeParse(trial);
  if (!read.success || !open || JSON.stringify(read.data) === JSON.stringify(trialSchema.parse(open.trial)))
    return null;
  return { trial: read.data, version };
}

/** A trial that is begun; the id of what was kept, or why it was not. */
export async function beginTrial(
  trial: TrialDocument,
): Promise<{ readonly id: string } | { readonly failure: Failure }> {
  const reply = await send('save-trial', saveTrialAction, { document: trial, expectedVersion: null });
  return reply.ok ? { id: reply.data.document.id } : { failure: reply.code };
}
