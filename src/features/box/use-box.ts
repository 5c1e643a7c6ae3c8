'use client';

import { useCallback, useMemo, useState, useTransition } from 'react';
import type { Part } from '@/domain/parts';
import { send } from '@/features/fields/send';
import {
  changeBoxAction,
  mendPartAction,
  mergePartsAction,
  moveStockAction,
  unmergePartsAction,
} from '@/server/actions/box';
import type { BoxPart, BrokenPart } from '@/server/queries/box-page';
import type { FailureCode, Refused } from '@/server/reply';

type PartsStep = readonly { readonly id: string; readonly part: Part | null }[];

/** One step back: what each part was before it (null, it was not there), or two entries that were joined. */
type Step =
  | { readonly kind: 'parts'; readonly parts: PartsStep }
  | { readonly kind: 'apart'; readonly mergeRequestId: string; readonly keepId: string; readonly dropId: string }
  | { readonly kind: 'join'; readonly keepId: string; readonly dropId: string };

/** Why something was not done, and the setups that it would have broken. */
export interface BoxFailure {
  readonly code: BoxCode;
  readonly setups: readonly string[];
}
type BoxCode = 'stale' | 'not-found' | 'other-kind' | 'not-so-much' | 'breaks' | 'unreachable' | FailureCode;

type Answer<T> = ({ readonly ok: true; readonly data: T } | Omit<Refused<BoxCode>, 'fields'>) & {
  readonly requestId: string;
};

/** Headless: the Box as the server last gave it, the commands that change it, and the way back. */
export function useBox(parts: readonly BoxPart[]) {
  const [past, setPast] = useState<readonly Step[]>([]);
  const [future, setFuture] = useState<readonly Step[]>([]);
  const [failure, setFailure] = useState<BoxFailure | null>(null);
  const [busy, start] = useTransition();
  const byId = useMemo(() => new Map(parts.map((each) => [each.part.id as string, each])), [parts]);

  const fail = useCallback(
    ({ code, setups = [] }: Omit<Refused<BoxCode>, 'fields'>) =>
      setFailure({ code, setups: setups.map(({ name }) => name) }),
    [],
  );

  /** Sends the change and returns the step that takes it back, or null with the failure set. */
  const sendParts = useCallback(
    async (parts: PartsStep, reason: string): Promise<Step | null> => {
      setFailure(null);
      const changes = parts.map(({ id, part }) => ({ id, part, expectedVersion: byId.get(id)?.version ?? null }));
      const reply = await send('change-box', changeBoxAction, { changes, reason });
      if (reply.ok) return { kind: 'parts', parts: reply.data.map(({ id, before }) => ({ id, part: before })) };
      fail(reply);
      return null;
    },
    [byId, fail],
  );

  /** Takes a step and returns the one that takes it back. */
  const take = useCallback(
    async (step: Step, reason: string): Promise<Step | null> => {
      if (step.kind === 'parts') return sendParts(step.parts, reason);
      setFailure(null);
      if (step.kind === 'apart') {
        const { mergeRequestId, keepId, dropId } = step;
        const reply = await send('unmerge-parts', unmergePartsAction, { mergeRequestId, reason });
        if (reply.ok) return { kind: 'join', keepId, dropId };
        fail(reply);
        return null;
      }
      const { keepId, dropId } = step;
      const reply = await send('merge-parts', mergePartsAction, { merge: { keepId, dropId }, reason });
      if (reply.ok) return { kind: 'apart', mergeRequestId: reply.requestId, keepId, dropId };
      fail(reply);
      return null;
    },
    [sendParts, fail],
  );

  const change = useCallback(
    (parts: PartsStep, reason: string, onDone?: () => void) =>
      start(async () => {
        const back = await sendParts(parts, reason);
        if (!back) return;
        setPast((steps) => [...steps, back]);
        setFuture([]);
        onDone?.();
      }),
    [sendParts],
  );

  const step = (from: readonly Step[], setFrom: typeof setPast, setTo: typeof setPast, reason: string) => {
    const last = from.at(-1);
    if (!last) return;
    start(async () => {
      const back = await take(last, reason);
      if (!back) return;
      setFrom((steps) => steps.slice(0, -1));
      setTo((steps) => [...steps, back]);
    });
  };

  const ask = <T>(action: () => Promise<Answer<T>>, onDone: (data: T, requestId: string) => void) =>
    start(async () => {
      setFailure(null);
      const reply = await action();
      if (reply.ok) onDone(reply.data, reply.requestId);
      else fail(reply);
    });

  /** Something else changed a part: undo puts it back as it stood. */
  const remember = useCallback((before: Part) => {
    setPast((steps) => [...steps, { kind: 'parts', parts: [{ id: before.id, part: before }] }]);
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
        () => send('move-stock', moveStockAction, { partId: part.id, amount, reason }),
        () => {
          remember(part);
          onDone();
        },
      ),
    merge: (keepId: string, dropId: string, reason: string, onDone: (setups: readonly string[]) => void) =>
      ask(
        () => send('merge-parts', mergePartsAction, { merge: { keepId, dropId }, reason }),
        (data, requestId) => {
          setPast((steps) => [...steps, { kind: 'apart', mergeRequestId: requestId, keepId, dropId }]);
          setFuture([]);
          onDone(data.setups.map(({ name }) => name));
        },
      ),
    mend: ({ id, version }: BrokenPart, onDone: () => void) =>
      ask(() => send('mend-part', mendPartAction, { partId: id, expectedVersion: version }), onDone),
    takeOutBroken: ({ id, version }: BrokenPart, reason: string, onDone: () => void) =>
      ask(
        () => send('change-box', changeBoxAction, { changes: [{ id, part: null, expectedVersion: version }], reason }),
        onDone,
      ),
  };
}

export type Box = ReturnType<typeof useBox>;
