'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { houseDifference, withEntry, type RulesShape } from '@/domain/house-difference';
import type { EntryChange, HouseChange, RefusedChange } from '@/domain/house-entries';
import { send } from '@/features/fields/send';
import { useDraft } from '@/features/fields/use-draft';
import { changeHouseAction } from '@/server/actions/house';
import type { FailureCode } from '@/server/reply';
import type { ReadHouse } from '@/server/house/house';

export type Keeping = 'kept' | 'keeping' | 'unchanged' | 'unreachable' | FailureCode;

/** A change that was not made: another's stands there, or it is not allowed. */
export interface Conflict {
  readonly change: HouseChange;
  readonly why: RefusedChange['why'];
  readonly stands: unknown;
}

/** So long after the last key a change is kept: a figure is typed in several. [ms] */
const WAIT_MS = 500;

const shapeOf = ({ house, anglers }: ReadHouse): RulesShape => {
  const { angler: _, ...rest } = house;
  return { ...rest, anglers };
};

/**
 * Headless: what the bench holds to. Each change shows at once and is kept a moment later, entry by entry: what another
 * window changed meanwhile is told and not written over, and what was typed here stands beside it until somebody decides.
 */
export function useHouse(initial: ReadHouse) {
  const [first] = useState<RulesShape>(() => shapeOf(initial));
  const [shown, setShown] = useState(first);
  const [broken, setBroken] = useState(initial.broken);
  const [keeping, setKeeping] = useState<Keeping>('unchanged');
  const [conflicts, setConflicts] = useState<readonly Conflict[]>([]);
  // The last that the server said, and what is shown now: what lies between is still to be kept.
  const base = useRef(first);
  const current = useRef(first);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const under = useRef(false);

  const show = useCallback((next: RulesShape) => {
    current.current = next;
    setShown(next);
  }, []);

  const keep = useCallback(async () => {
    if (under.current) return;
    under.current = true;
    try {
      for (;;) {
        const sent = current.current;
        const changes = houseDifference(base.current, sent);
        if (changes.length === 0) break;
        setKeeping('keeping');
        const reply = await send('change-house', changeHouseAction, { changes });
        if (!reply.ok) return setKeeping(reply.code);
        const told = shapeOf(reply.data);
        // What was typed while this was under way goes on top of what the server said.
        const since = houseDifference(sent, current.current);
        base.current = told;
        show(since.reduce(applied, told));
        setBroken(reply.data.broken);
        setConflicts((before) => [
          ...before,
          ...reply.data.refused.map(({ at, why, stands }) => ({ change: changes[at]!, why, stands })),
        ]);
        setKeeping('kept');
      }
    } finally {
      under.current = false;
    }
  }, [show]);

  const change = useCallback(
    (patch: Partial<RulesShape>) => {
      show({ ...current.current, ...patch });
      setKeeping('keeping');
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void keep(), WAIT_MS);
    },
    [show, keep],
  );

  useEffect(
    () => () => {
      clearTimeout(timer.current);
      void keep();
    },
    [keep],
  );

  // A page that goes before the answer came keeps what was not acknowledged.
  const isKept = keeping === 'kept' || keeping === 'unchanged';
  const draft = useDraft<HouseChange[]>('rules', isKept ? null : houseDifference(first, shown), (kept) =>
    Array.isArray(kept) && kept.length > 0 ? (kept as HouseChange[]) : null,
  );

  const settle = (conflict: Conflict) => setConflicts((all) => all.filter((each) => each !== conflict));
  return {
    shown,
    broken,
    keeping,
    conflicts,
    change,
    draft,
    takeUpDraft: () => {
      if (draft.offer) change(draft.offer.value.reduce(applied, current.current));
      draft.takeUp();
    },
    keepMine: (conflict: Conflict) => {
      settle(conflict);
      if (conflict.change.kind === 'entry') change(applied(current.current, conflict.change));
    },
    takeTheirs: settle,
    removeBroken: async (entry: Pick<EntryChange, 'document' | 'id' | 'key'>, given: unknown) => {
      const changes: HouseChange[] =
        entry.document === 'craft' && entry.key === ''
          ? [{ kind: 'remove-craft', id: entry.id }]
          : [{ kind: 'entry', ...entry, from: given, to: null }];
      const reply = await send('change-house', changeHouseAction, { changes });
      if (!reply.ok) return setKeeping(reply.code);
      setBroken(reply.data.broken);
      setKeeping('kept');
    },
  };
}

/** A change as it looks on the page before the server has said anything. */
function applied(shape: RulesShape, change: HouseChange): RulesShape {
  switch (change.kind) {
    case 'entry':
      return withEntry(shape, change, change.to);
    case 'add-craft':
      return { ...shape, crafts: [...shape.crafts.filter(({ id }) => id !== change.craft.id), change.craft] };
    case 'remove-craft':
      return { ...shape, crafts: shape.crafts.filter(({ id }) => id !== change.id) };
    case 'add-angler':
      return {
        ...shape,
        anglers: [
          ...shape.anglers.filter(({ id }) => id !== change.id),
          { id: change.id, name: change.name, usual: shape.anglers.length === 0, figures: {} },
        ],
      };
    case 'name-angler':
      return {
        ...shape,
        anglers: shape.anglers.map((each) => (each.id === change.id ? { ...each, name: change.to } : each)),
      };
    case 'remove-angler':
      return { ...shape, anglers: shape.anglers.filter(({ id }) => id !== change.id) };
    case 'usual-angler':
      return { ...shape, anglers: shape.anglers.map((each) => ({ ...each, usual: each.id === change.id })) };
    default:
      return change satisfies never;
  }
}

export type HouseBench = ReturnType<typeof useHouse>;
