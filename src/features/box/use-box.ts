'use client';

import { useCallback, useMemo, useState, useTransition } from 'react';
import type { Part } from '@/domain/parts';
import { changeBoxAction, mergePartsAction, moveStockAction } from '@/server/actions/box';
import type { BoxPage } from '@/server/queries/box-page';

/** One step back: what each part was before it; null, it was not there. */
interface Step {
  readonly parts: readonly { readonly id: string; readonly part: Part | null }[];
}

export type BoxFailure =
  'stale' | 'bad-input' | 'database-away' | 'not-found' | 'other-kind' | 'not-so-much' | 'unreachable';

/** Headless: the Box as the server last gave it, the commands that change it, and the way back. */
export function useBox(page: BoxPage) {
  const [past, setPast] = useState<readonly Step[]>([]);
  const [future, setFuture] = useState<readonly Step[]>([]);
  const [failure, setFailure] = useState<BoxFailure | null>(null);
  const [busy, start] = useTransition();
  const byId = useMemo(() => new Map(page.parts.map((each) => [each.part.id as string, each])), [page.parts]);

  /** Sends the change and returns the step that takes it back, or null with the failure set. */
  const send = useCallback(
    async (parts: Step['parts'], reason: string): Promise<Step | null> => {
      setFailure(null);
      const changes = parts.map(({ id, part }) => ({ id, part, expectedVersion: byId.get(id)?.version ?? null }));
      // The server may be away: nothing typed is lost, and the same can be sent again.
      const reply = await changeBoxAction({ changes, reason }).catch(() => null);
      if (reply?.ok) return { parts: reply.data.map(({ id, before }) => ({ id, part: before })) };
      setFailure(reply ? reply.code : 'unreachable');
      return null;
    },
    [byId],
  );

  const change = useCallback(
    (parts: Step['parts'], reason: string, onDone?: () => void) =>
      start(async () => {
        const back = await send(parts, reason);
        if (!back) return;
        setPast((steps) => [...steps, back]);
        setFuture([]);
        onDone?.();
      }),
    [send],
  );

  const step = (from: readonly Step[], setFrom: typeof setPast, setTo: typeof setPast, reason: string) => {
    const last = from.at(-1);
    if (!last) return;
    start(async () => {
      const back = await send(last.parts, reason);
      if (!back) return;
      setFrom((steps) => steps.slice(0, -1));
      setTo((steps) => [...steps, back]);
    });
  };

  const ask = <T>(
    action: () => Promise<{ ok: true; data: T } | { ok: false; code: BoxFailure }>,
    onDone: (data: T) => void,
  ) =>
    start(async () => {
      setFailure(null);
      const reply = await action().catch(() => null);
      if (reply?.ok) onDone(reply.data);
      else setFailure(reply ? reply.code : 'unreachable');
    });

  /** Something else changed a part: undo puts it back as it stood. */
  const remember = useCallback((before: Part) => {
    setPast((steps) => [...steps, { parts: [{ id: before.id, part: before }] }]);
    setFuture([]);
  }, []);

  return {
    byId,
    remember,
    busy,
    failure,
    clearFailure: () => setFailure(null),
    canUndo: past.length > 0,
    canRedo: future.length > 0,
    put: (part: Part, reason: string, onDone?: () => void) => change([{ id: part.id, part }], reason, onDone),
    remove: (ids: readonly string[], reason: string, onDone?: () => void) =>
      change(
        ids.map((id) => ({ id, part: null })),
        reason,
        onDone,
      ),
    undo: (reason: string) => step(past, setPast, setFuture, reason),
    redo: (reason: string) => step(future, setFuture, setPast, reason),
    move: (part: Part, amount: number, reason: string, onDone: () => void) =>
      ask(
        () => moveStockAction({ partId: part.id, amount, reason }),
        () => {
          remember(part);
          onDone();
        },
      ),
    merge: (keepId: string, dropId: string, reason: string, onDone: (setups: readonly string[]) => void) =>
      ask(() => mergePartsAction({ merge: { keepId, dropId }, reason }), onDone),
  };
}

export type Box = ReturnType<typeof useBox>;
