'use client';

import { useMemo, useState, useTransition } from 'react';
import { deckRemarks, entryOf, packList, type Deck, type DeckEntry } from '@/domain/deck';
import { deckIdSchema } from '@/domain/ids';
import { removeDeckAction, saveDeckAction } from '@/server/actions/decks';
import type { QuiverPage } from '@/server/queries/quiver-page';

export type DeckFailure = 'stale' | 'bad-input' | 'database-away' | 'unreachable';

interface Held {
  readonly deck: Deck;
  /** null: not kept yet */
  readonly version: number | null;
}

const fresh = (name: string): Held => ({ deck: { id: deckIdSchema.parse('new'), name, entries: [] }, version: null });

/** Headless: one deck in hand, its changes, what stands against it and what it takes along; kept when asked. */
export function useDeck({ setups, box, decks }: QuiverPage, newName: string) {
  const [held, setHeld] = useState<Held>(() => decks[0] ?? fresh(newName));
  const [kept, setKept] = useState<Deck>(held.deck);
  const [failure, setFailure] = useState<DeckFailure | null>(null);
  const [removed, setRemoved] = useState<Deck | null>(null);
  const [busy, start] = useTransition();
  const { deck } = held;
  const entriesTo = (entries: readonly DeckEntry[]) =>
    setHeld(({ deck: now, version }) => ({ deck: { ...now, entries: [...entries] }, version }));
  const remarks = useMemo(() => deckRemarks(deck, setups, box), [deck, setups, box]);
  const packed = useMemo(() => packList(deck, setups, box), [deck, setups, box]);

  const take = (next: Held) => {
    setHeld(next);
    setKept(next.deck);
    setFailure(null);
  };
  const save = (given: Held = held) =>
    start(async () => {
      const reply = await saveDeckAction({ deck: given.deck, expectedVersion: given.version }).catch(() => null);
      if (reply?.ok) take(reply.data);
      else setFailure(reply ? reply.code : 'unreachable');
    });
  return {
    deck,
    version: held.version,
    remarks,
    packed,
    failure,
    busy,
    removed,
    changed: JSON.stringify(deck) !== JSON.stringify(kept) || held.version === null,
    open: (id: string) => take(decks.find((each) => each.deck.id === id) ?? fresh(newName)),
    begin: () => take(fresh(newName)),
    rename: (name: string) => setHeld({ ...held, deck: { ...deck, name } }),
    add: (setupId: string) => {
      const setup = setups.find(({ id }) => id === setupId);
      const entry = setup && entryOf(setup);
      if (entry) entriesTo([...deck.entries, entry]);
    },
    change: (at: number, change: Partial<DeckEntry>) =>
      entriesTo(deck.entries.map((entry, i) => (i === at ? { ...entry, ...change } : entry))),
    move: (at: number, to: number) => {
      if (to < 0 || to >= deck.entries.length) return;
      const rest = deck.entries.filter((_, i) => i !== at);
      entriesTo([...rest.slice(0, to), deck.entries[at]!, ...rest.slice(to)]);
    },
    takeOff: (at: number) => entriesTo(deck.entries.filter((_, i) => i !== at)),
    save: () => save(),
    remove: () =>
      start(async () => {
        const reply =
          held.version === null
            ? ({ ok: true } as const)
            : await removeDeckAction({ deckId: deck.id }).catch(() => null);
        if (!reply?.ok) return setFailure(reply ? reply.code : 'unreachable');
        setRemoved(deck);
        take(fresh(newName));
      }),
    bringBack: () => {
      if (!removed) return;
      setRemoved(null);
      save({ deck: removed, version: null });
    },
  };
}
