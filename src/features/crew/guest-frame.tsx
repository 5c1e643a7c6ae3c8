'use client';

import { useState, useTransition, type ReactNode } from 'react';
import { v7 as newRequestId } from 'uuid';
import { useI18n } from '@/i18n/client';
import { BUTTON } from './section';

export interface GuestFrameProps {
  readonly secret: string;
  /** null: the link has ended, or what it showed is gone */
  readonly page: {
    readonly by: string;
    readonly until: string;
    readonly takeInto: { readonly id: string; readonly name: string } | null;
  } | null;
  readonly children: ReactNode;
}

/** Around what a link shows: by whom, until when, and the way to a copy for a member of another bench. */
export function GuestFrame({ secret, page, children }: GuestFrameProps) {
  const { t, date, time } = useI18n();
  if (!page)
    return (
      <main id="main" className="mx-auto max-w-[520px] px-4 py-8">
        <p className="border-l-2 border-ink bg-sheet px-3 py-2">{t('crew.shown.over')}</p>
      </main>
    );
  const until = new Date(page.until);
  return (
    <>
      <header className="narrow flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-ink bg-sheet px-3 py-1 text-[14px] print:hidden">
        <span>{t('crew.shown.only', { name: page.by, date: date(until, 'full'), time: time(until) })}</span>
        {page.takeInto && <TakeCopy secret={secret} into={page.takeInto} />}
      </header>
      {children}
    </>
  );
}

interface Taken {
  readonly href: string;
  readonly newParts: number;
}

function TakeCopy({
  secret,
  into,
}: {
  readonly secret: string;
  readonly into: { readonly id: string; readonly name: string };
}) {
  const { t } = useI18n();
  // One copy, however often it is pressed or sent.
  const [requestId] = useState(() => newRequestId());
  const [taken, setTaken] = useState<Taken | 'failed' | null>(null);
  const [busy, start] = useTransition();
  const take = () =>
    start(async () => {
      const response = await fetch(`/shared/${secret}/take`, {
        method: 'POST',
        headers: { 'x-ferula-bench': into.id, 'idempotency-key': requestId },
      }).catch(() => null);
      setTaken(response?.ok ? ((await response.json()) as Taken) : 'failed');
    });
  if (taken && taken !== 'failed')
    return (
      <span role="status">
        {t('crew.shown.taken', { count: taken.newParts })}{' '}
        <a href={taken.href} className="underline underline-offset-2">
          {t('crew.shown.open')}
        </a>
      </span>
    );
  return (
    <>
      <button type="button" disabled={busy} onClick={take} className={BUTTON}>
        {t('crew.shown.takeInto', { bench: into.name })}
      </button>
      {taken === 'failed' && <span role="alert">{t('crew.failed')}</span>}
    </>
  );
}
