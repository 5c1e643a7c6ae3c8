import { beforeEach, describe, expect, it, vi } from 'vitest';
import { demoDeck, demoParts } from '@/db/demo';
import type { Deck } from '@/domain/deck';
import { setupIdSchema } from '@/domain/ids';
import { demoFiles } from '../../../tests/helpers/demo';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { useDeck, type DeckPage } from './use-deck';

const server = vi.hoisted(() => ({ saved: [] as unknown[], removed: [] as unknown[], refuse: null as string | null }));
vi.mock('@/server/actions/decks', () => ({
  saveDeckAction: async ({ input }: { input: { document: Deck; expectedVersion: number | null } }) => {
    if (server.refuse) return { ok: false, code: server.refuse, fields: [] };
    server.saved.push(input);
    const { document, expectedVersion } = input;
    return {
      ok: true,
      data: {
        document: expectedVersion === null ? { ...document, id: 'deck-made' } : document,
        version: (expectedVersion ?? -1) + 1,
      },
    };
  },
  removeDeckAction: async ({ input }: { input: unknown }) => {
    server.removed.push(input);
    return { ok: true, data: null };
  },
}));

const setups = demoFiles
  .filter(({ newest }) => newest)
  .map(({ id, revision, file }) => ({ id: setupIdSchema.parse(id), name: file.name, number: revision, file }));
const page: DeckPage = {
  setups,
  broken: [],
  box: demoParts,
  lures: [],
  toBuy: { cast: [], towed: [] },
  decks: [{ deck: demoDeck, version: 3 }],
  brokenDecks: [],
  asked: [],
};
const deckOf = (given: Partial<DeckPage> = {}) => inAPage(() => useDeck({ ...page, ...given }, 'New deck'));
const ids = (deck: Deck) => deck.entries.map(({ setupId }) => setupId as string);

beforeEach(() => {
  Object.assign(server, { saved: [], removed: [], refuse: null });
  localStorage.clear();
});

describe('a deck in hand', () => {
  it('is the one kept last, or a new one with the setups that were asked for, the best first', () => {
    expect(deckOf().result.current).toMatchObject({ deck: demoDeck, version: 3, changed: false });
    const begun = deckOf({ asked: ['setup-feather', 'setup-gone', 'setup-drowned-wall'] }).result.current;
    expect(ids(begun.deck)).toEqual(['setup-feather', 'setup-drowned-wall']);
    expect(begun).toMatchObject({ version: null, changed: true, deck: { name: 'New deck' } });
    expect(deckOf({ decks: [] }).result.current.deck.entries).toEqual([]);
  });

  it('takes a rod on, moves it and takes it off; beyond its ends nothing moves', async () => {
    const { result } = deckOf({ decks: [] });
    for (const id of ['setup-feather', 'setup-drowned-wall', 'setup-big-tail', 'setup-gone'])
      await doing(() => result.current.add(id));
    expect(ids(result.current.deck)).toEqual(['setup-feather', 'setup-drowned-wall', 'setup-big-tail']);
    await doing(() => result.current.move(2, 0));
    expect(ids(result.current.deck)).toEqual(['setup-big-tail', 'setup-feather', 'setup-drowned-wall']);
    await doing(() => result.current.move(0, -1));
    await doing(() => result.current.move(2, 3));
    await doing(() => result.current.takeOff(1));
    expect(ids(result.current.deck)).toEqual(['setup-big-tail', 'setup-drowned-wall']);
    expect(result.current.packed.length).toBeGreaterThan(0);
  });

  it('says what stands against it as it changes', async () => {
    const { result } = deckOf({ decks: [] });
    await doing(() => result.current.add('setup-feather'));
    const before = JSON.stringify(result.current.remarks);
    await doing(() => result.current.add('setup-feather'));
    expect(JSON.stringify(result.current.remarks)).not.toBe(before);
  });
});

describe('a deck that is kept', () => {
  it('has an id and a version from then on, and is changed no more', async () => {
    const { result } = deckOf({ decks: [] });
    await doing(() => result.current.add('setup-feather'));
    await doing(() => result.current.save());
    expect(result.current).toMatchObject({ changed: false, version: 0, deck: { id: 'deck-made' } });
    await doing(() => result.current.rename('Evening'));
    await doing(() => result.current.save());
    expect(server.saved).toMatchObject([
      { expectedVersion: null },
      { expectedVersion: 0, document: { name: 'Evening' } },
    ]);
  });

  it('that was changed elsewhere says so and keeps what is in hand', async () => {
    const { result } = deckOf();
    server.refuse = 'stale';
    await doing(() => result.current.rename('Mine'));
    await doing(() => result.current.save());
    expect(result.current).toMatchObject({ failure: 'stale', changed: true, deck: { name: 'Mine' } });
    await doing(() => result.current.open(demoDeck.id));
    expect(result.current).toMatchObject({ failure: null, changed: false, deck: demoDeck });
  });

  it('is removed, and can be brought back as a new one', async () => {
    const { result } = deckOf();
    await doing(() => result.current.remove());
    expect(server.removed).toEqual([{ id: demoDeck.id, expectedVersion: 3 }]);
    expect(result.current).toMatchObject({ version: null, removed: demoDeck, deck: { entries: [] } });
    await doing(() => result.current.bringBack());
    expect(server.saved).toMatchObject([{ expectedVersion: null, document: demoDeck }]);
    expect(result.current).toMatchObject({ removed: null, version: 0 });
  });

  it('that never was one is thrown away without asking the server', async () => {
    const { result } = deckOf({ decks: [] });
    await doing(() => result.current.add('setup-feather'));
    await doing(() => result.current.remove());
    expect([server.removed, result.current.deck.entries]).toEqual([[], []]);
  });
});

it('what was not kept is offered again, and taken up with its version', async () => {
  const { result, unmount } = deckOf();
  await doing(() => result.current.rename('Half done'));
  unmount();
  const again = deckOf();
  await waitFor(() => expect(again.result.current.draft.offer).not.toBeNull());
  await doing(() => again.result.current.takeUpDraft());
  expect(again.result.current).toMatchObject({ version: 3, changed: true, deck: { name: 'Half done' } });
});
