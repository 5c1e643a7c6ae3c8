'use client';

import { useMemo, useState, useTransition } from 'react';
import type { Allowances } from '@/core/tying';
import { tieBatchAction } from '@/server/actions/tying';
import { useAnswer } from '@/features/fields/use-answer';
import type { TyingPage } from '@/server/queries/tying-page';
import type { Question } from '@/workers/protocol';

export type TieFailure = 'short' | 'not-found' | 'bad-input' | 'database-away' | 'unreachable';

/** Headless: how many of each setup's leaders, the allowances, the plan from the worker, and marking it tied. */
export function useBatch({ setups, box }: TyingPage, reason: string) {
  const [counts, setCounts] = useState<Readonly<Record<string, number>>>({});
  const [allowances, setAllowances] = useState<Allowances>({});
  const [failure, setFailure] = useState<TieFailure | null>(null);
  const [tied, setTied] = useState<number | null>(null);
  const [busy, start] = useTransition();
  // Only what holds a leader can be tied at the table.
  const withLeaders = useMemo(
    () => setups.filter(({ file }) => file.chain.some(({ kind }) => kind === 'leader')),
    [setups],
  );
  const items = useMemo(
    () => withLeaders.flatMap((setup) => ((counts[setup.id] ?? 0) > 0 ? [{ setup, count: counts[setup.id]! }] : [])),
    [withLeaders, counts],
  );
  const question = useMemo(
    (): Extract<Question, { kind: 'plan-batch' }> | null =>
      items.length === 0
        ? null
        : {
            kind: 'plan-batch',
            batch: items.map(({ setup, count }) => ({ setup: setup.file, count })),
            box,
            allowances,
          },
    [items, box, allowances],
  );
  const { last, failed } = useAnswer(question, 120);
  return {
    withLeaders,
    counts,
    items,
    allowances,
    failure,
    tied,
    busy,
    failed,
    plan: last?.question === question ? last!.answer : null,
    setCount: (id: string, count: number) => {
      setTied(null);
      setCounts({ ...counts, [id]: Math.min(500, Math.max(0, Math.round(count) || 0)) });
    },
    setAllowance: (kind: keyof Allowances, endM: number) => setAllowances({ ...allowances, [kind]: endM }),
    markTied: () =>
      start(async () => {
        setFailure(null);
        const reply = await tieBatchAction({
          items: items.map(({ setup, count }) => ({ setupId: setup.id, count })),
          allowances,
          reason,
        }).catch(() => null);
        if (reply?.ok) {
          setTied(reply.data.leaders);
          setCounts({});
        } else setFailure(reply ? reply.code : 'unreachable');
      }),
  };
}

export type Batch = ReturnType<typeof useBatch>;
