'use client';

import { useMemo, useState, useTransition } from 'react';
import type { Allowances } from '@/core/make';
import { toTieForDay } from '@/domain/leaders-to-tie';
import { send } from '@/features/fields/send';
import { tieBatchAction, untieBatchAction } from '@/server/actions/tying';
import type { FailureCode } from '@/server/reply';
import { useAnswer } from '@/features/fields/use-answer';
import { useDraft } from '@/features/fields/use-draft';
import type { TyingPage } from '@/server/queries/tying-page';
import type { QuestionOf } from '@/workers/protocol';

export type TieFailure = 'short' | 'not-found' | 'used' | 'unreachable' | FailureCode;

/** A batch that was written down: how many leaders, and under which request, for taking it back. */
export interface TiedBatch {
  readonly count: number;
  readonly requestId: string;
  readonly takenBack: boolean;
}

interface BatchDraft {
  readonly counts: Readonly<Record<string, number>>;
  readonly allowances: Allowances;
  readonly sharesLink: boolean;
}

const readBatch = (kept: unknown): BatchDraft | null => {
  const { counts, allowances, sharesLink = true } = (kept ?? {}) as Partial<BatchDraft>;
  const isCounted = counts && Object.values(counts).every((count) => Number.isInteger(count));
  return isCounted && allowances ? { counts, allowances, sharesLink } : null;
};

/** Headless: how many of each setup's leaders, the allowances, the plan from the worker, and marking it tied. */
export function useBatch({ setups, box, leaders, asked }: TyingPage, reason: string, backReason: string) {
  const [asBegun] = useState(() =>
    toTieForDay(
      setups.filter(({ id }) => asked.includes(id)),
      leaders,
    ),
  );
  const [counts, setCounts] = useState(asBegun);
  const [allowances, setAllowances] = useState<Allowances>({});
  const [sharesLink, setSharesLink] = useState(true);
  const [failure, setFailure] = useState<TieFailure | null>(null);
  const [tied, setTied] = useState<TiedBatch | null>(null);
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
    (): QuestionOf<'plan-batch'> | null =>
      items.length === 0
        ? null
        : {
            kind: 'plan-batch',
            batch: items.map(({ setup, count }) => ({ setup: setup.file, count, sharesLink })),
            box,
            allowances,
          },
    [items, box, allowances, sharesLink],
  );
  const { last, failed } = useAnswer(question, 120);
  const unsaved = useMemo(
    () => (items.length > 0 && counts !== asBegun ? { counts, allowances, sharesLink } : null),
    [items, counts, asBegun, allowances, sharesLink],
  );
  const draft = useDraft('tying', unsaved, readBatch);
  return {
    draft,
    takeUpDraft: () => {
      const kept = draft.offer?.value;
      draft.takeUp();
      if (!kept) return;
      setCounts(kept.counts);
      setAllowances(kept.allowances);
      setSharesLink(kept.sharesLink);
    },
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
    sharesLink,
    setSharesLink,
    setAllowance: (kind: keyof Allowances, endM: number) => setAllowances({ ...allowances, [kind]: endM }),
    markTied: () =>
      start(async () => {
        setFailure(null);
        const reply = await send('tie-batch', tieBatchAction, {
          items: items.map(({ setup, count }) => ({ setupId: setup.id, count })),
          allowances,
          sharesLink,
          reason,
        });
        if (reply.ok) {
          setTied({ count: reply.data.leaderIds.length, requestId: reply.requestId, takenBack: false });
          setCounts({});
        } else setFailure(reply.code);
      }),
    takeBack: ({ requestId, count }: TiedBatch) =>
      start(async () => {
        setFailure(null);
        const reply = await send('untie-batch', untieBatchAction, { tieRequestId: requestId, reason: backReason });
        if (reply.ok) setTied({ requestId, count, takenBack: true });
        else setFailure(reply.code);
      }),
  };
}

export type Batch = ReturnType<typeof useBatch>;
