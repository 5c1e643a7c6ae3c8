'use client';

import { useMemo, useState, useTransition } from 'react';
import { deckSchema, MOST_ON_DECK, type Deck, type DeckEntry } from '@/domain/deck';
import { deckRemarks } from '@/domain/deck-remarks';
import { packList } from '@/domain/pack-list';
import { entryOf } from '@/domain/deck-entries';
import { deckIdSchema } from '@/domain/ids';
import { gearOf } from '@/domain/spares';
import { send } from '@/features/fields/send';
import { useDraft } from '@/features/fields/use-draft';
import { removeDeckAction, saveDeckAction } from '@/server/actions/decks';
import type { FailureCode } from '@/server/reply';
import type { QuiverPage } from '@/server/queries/quiver-page';

export interface DeckPage extends QuiverPage {
  /** setups that a new deck begins with, the best first */
  readonly asked: readonly string[];
}

export type DeckFailure = 'stale' | 'unreachable' | FailureCode;

interface VersionedDeck {
  readonly deck: Deck;
  /** null: not kept yet */
  readonly version: number | null;
}

/** A deck that was kept in the browser, where it is still one. */
const readVersionedDeck = (stored: unknown): VersionedDeck | null => {
  const { deck, version } = (stored ?? {}) as { deck?: unknown; version?: unknown };
  const parsed = deckSchema.safeParse(deck);
  return parsed.success && (version === null || typeof version === 'number') ? { deck: parsed.data, version } : null;
};

const fresh = (name: string, entries: readonly DeckEntry[] = []): VersionedDeck => ({
  deck: { id: deckIdSchema.parse('new'), name, entries: [...entries] },
  version: null,
});

/**
 * Headless: one deck in hand, its changes, what stands against it and what it takes along; kept when asked. Begins with a new
 * deck where setups were asked for.
 */
export function useDeck({ setups, box, decks, asked }: DeckPage, newName: string) {
  const [asBegun] = useState<VersionedDeck>(() => {
    const entries = asked.flatMap((id) => {
      const setup = setups.find((each) => each.id === id);
      return (setup && entryOf(setup)) ?? [];
    });
    if (entries.length > 0) return fresh(newName, entries.slice(0, MOST_ON_DECK));
    return decks.at(-1) ?? fresh(newName);
  });
  const [current, setCurrent] = useState(asBegun);
  const [kept, setKept] = useState<Deck>(current.deck);
  const [failure, setFailure] = useState<DeckFailure | null>(null);
  const [removed, setRemoved] = useState<Deck | null>(null);
  const [busy, start] = useTransition();
  const { deck } = current;
  const entriesTo = (entries: readonly DeckEntry[]) =>
    setCurrent(({ deck: now, version }) => ({ deck: { ...now, entries: [...entries] }, version }));
  const remarks = useMemo(() => deckRemarks(deck, setups, box), [deck, setups, box]);
  const packed = useMemo(() => packList(deck, setups, box), [deck, setups, box]);
  const gear = useMemo(
    () =>
      gearOf(deck.entries.flatMap(({ setupId }) => setups.find(({ id }) => id === setupId)?.file.presentation ?? [])),
    [deck, setups],
  );

  const take = (next: VersionedDeck) => {
    setCurrent(next);
    setKept(next.deck);
    setFailure(null);
  };
  const save = (given: VersionedDeck = current) =>
    start(async () => {
      const reply = await send('save-deck', saveDeckAction, { document: given.deck, expectedVersion: given.version });
      if (!reply.ok) return setFailure(reply.code);
      take({ deck: reply.data.document, version: reply.data.version });
      // A reload shows the deck that was kept, and begins no second one.
      if (asked.length > 0) window.history.replaceState(null, '', window.location.pathname);
    });
  const changed = JSON.stringify(deck) !== JSON.stringify(kept) || current.version === null;
  const draft = useDraft<VersionedDeck>(
    'deck',
    changed && current !== asBegun && deck.entries.length > 0 ? current : null,
    readVersionedDeck,
  );
  return {
    draft,
    takeUpDraft: () => {
      if (draft.offer) setCurrent(draft.offer.value);
      draft.takeUp();
    },
    deck,
    version: current.version,
    remarks,
    packed,
    gear,
    failure,
    busy,
    removed,
    changed,
    open: (id: string) => take(decks.find((each) => each.deck.id === id) ?? fresh(newName)),
    begin: () => take(fresh(newName)),
    rename: (name: string) => setCurrent({ ...current, deck: { ...deck, name } }),
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
          current.version === null
            ? ({ ok: true } as const)
            : await send('remove-deck', removeDeckAction, { id: deck.id, expectedVersion: current.version });
        if (!reply.ok) return setFailure(reply.code);
        setRemoved(deck);
        take(fresh(newName));
      }),
    removeBroken: (deckId: string) =>
      start(async () => {
        const reply = await send('remove-deck', removeDeckAction, { id: deckId, expectedVersion: null });
        setFailure(reply.ok ? null : reply.code);
      }),
    bringBack: () => {
      if (!removed) return;
      setRemoved(null);
      save({ deck: removed, version: null });
    },
  };
}
