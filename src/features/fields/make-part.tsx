'use client';

import { useEffect, useEffectEvent, useMemo, useState, useTransition } from 'react';
import type { PartId } from '@/domain/ids';
import { newPartId } from '@/domain/made-id';
import type { Part, PartKind } from '@/domain/parts';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { failureText } from '@/i18n/problem-text';
import { changeBoxAction } from '@/server/actions/box';
import { LineReading } from './line-reading';
import { send } from './send';
import { useReading } from './use-line';

export interface MakePartProps {
  /** what was typed to find a part */
  readonly line: string;
  readonly kinds: readonly PartKind[];
  readonly usual?: Readonly<Record<string, unknown>> | undefined;
  readonly box: readonly Part[];
  /** it is in the Box now */
  readonly onMade: (partId: PartId) => void;
}

/** What was typed and is not in the Box yet is made where it is needed, and put into the Box. */
export function MakePart({ line, kinds, usual, box, onMade }: MakePartProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const place = useMemo(() => ({ kinds, usual }), [kinds, usual]);
  const { read, isAsked, choose, take } = useReading(line.trim(), place);
  const [made, setMade] = useState<{ readonly line: string; readonly partId: PartId } | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const isThere = made !== null && box.some(({ id }) => id === made.partId);
  const onThere = useEffectEvent(() => {
    if (made) onMade(made.partId);
  });
  // The page brings the Box with the new part after the answer.
  useEffect(() => {
    if (isThere) onThere();
  }, [isThere]);
  if (!read.part) return null;
  const put = (part: Part) =>
    start(async () => {
      setFailure(null);
      const own = { ...part, id: newPartId() };
      const changes = [{ id: own.id, part: own, expectedVersion: null }];
      const reply = await send('change-box', changeBoxAction, { changes, reason: t('reading.madeReason') });
      if (reply.ok) setMade({ line, partId: own.id });
      else setFailure(failureText(t, reply.code));
    });
  return (
    <div className="semi-narrow border-t border-ink py-1 text-[13px]" data-testid="make-part">
      <LineReading read={read} isEmpty={false} isAsked={isAsked} onChoose={choose} />
      {failure && (
        <p role="alert" className="border-l-2 border-ink pl-2">
          {failure}
        </p>
      )}
      <button
        type="button"
        disabled={busy || made?.line === line}
        onClick={() => take(put)}
        className="narrow mt-1 min-h-8 border border-ink bg-hi px-2 font-semibold text-on-hi disabled:border-faint disabled:bg-sheet disabled:text-dim"
      >
        {isAsked && read.guesses.length > 0
          ? t('reading.takeGuesses')
          : t('reading.makeNamed', { part: partTitle(i18n, read.part) })}
      </button>
    </div>
  );
}
