'use client';

import { useEffect, useState } from 'react';
import type { VersionPick } from '@/domain/trials/trial-document';
import type { Differs } from '@/server/trials/differs';

/** What differs between two versions that are being chosen; null while nobody knows. */
export function useDiffers(a: VersionPick, b: VersionPick): Differs | null {
  const asked = addressOf(a, b);
  const [answer, setAnswer] = useState<{ readonly asked: string; readonly differs: Differs } | null>(null);
  useEffect(() => {
    if (asked === null) return;
    const giveUp = new AbortController();
    fetch(asked, { signal: giveUp.signal })
      .then(async (response) => (response.ok ? ((await response.json()) as Differs) : null))
      .then((differs) => differs && setAnswer({ asked, differs }))
      // Without an answer the trial's own page tells it.
      .catch(() => undefined);
    return () => giveUp.abort();
  }, [asked]);
  return answer?.asked === asked ? answer.differs : null;
}

function addressOf(a: VersionPick, b: VersionPick): string | null {
  if (a.by !== 'gear' || b.by !== 'gear') return null;
  const asked = new URLSearchParams({ a: a.setupId, b: b.setupId });
  if (a.revision !== undefined) asked.set('ar', String(a.revision));
  if (b.revision !== undefined) asked.set('br', String(b.revision));
  return `/trials/differs?${asked}`;
}
