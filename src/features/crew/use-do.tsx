'use client';

import { useRouter } from 'next/navigation';
import { useState, useTransition, type ReactNode } from 'react';
import { send } from '@/features/fields/send';
import { useI18n } from '@/i18n/client';
import { failureText } from '@/i18n/problem-text';
import type { FailureCode } from '@/server/reply';
import { NotDone } from './section';

type Action<T> = Parameters<typeof send<T, 'last-owner' | 'not-found'>>[1];

/** Changes of the crew page: the page comes anew after each, and a sentence says where it was not done. */
export function useDo(): {
  readonly busy: boolean;
  readonly failure: ReactNode;
  readonly run: <T>(name: string, action: Action<T>, input: unknown, onDone?: (data: T) => void) => void;
} {
  const { t } = useI18n();
  const router = useRouter();
  const [busy, start] = useTransition();
  const [failed, setFailed] = useState<FailureCode | 'last-owner' | 'not-found' | 'unreachable' | null>(null);
  return {
    busy,
    failure: failed && (
      <NotDone>{failed === 'last-owner' ? t('crew.members.lastOwner') : failureText(t, failed)}</NotDone>
    ),
    run: (name, action, input, onDone) =>
      start(async () => {
        const reply = await send(name, action, input);
        setFailed(reply.ok ? null : reply.code);
        if (!reply.ok) return;
        onDone?.(reply.data);
        router.refresh();
      }),
  };
}
