'use server';

import { z } from 'zod';
import { insertDeck, removeDeck, replaceDeck } from '@/db/repo';
import { deckSchema, type Deck } from '@/domain/deck';
import { deckIdSchema } from '@/domain/ids';
import { change, refused, type Reply } from '../reply';

const saveInput = z.strictObject({
  deck: deckSchema,
  /** null: it is new, and is given an id of its own */ expectedVersion: z.number().int().min(0).nullable(),
});

interface SavedDeck {
  readonly deck: Deck;
  readonly version: number;
}

/** Keeps a deck; another's change since it was read is not written over. */
export async function saveDeckAction(sent: unknown): Promise<Reply<SavedDeck, 'stale'>> {
  return change<z.infer<typeof saveInput>, SavedDeck, 'stale'>(
    'save-deck',
    saveInput,
    sent,
    async ({ deck, expectedVersion }, { tx, benchId, now }) => {
      if (expectedVersion === null) {
        const made = { ...deck, id: deckIdSchema.parse(`deck-${crypto.randomUUID()}`) };
        await insertDeck(tx, benchId, made, now);
        return { ok: true, data: { deck: made, version: 0 } };
      }
      return (await replaceDeck(tx, benchId, deck, expectedVersion)) === 'changed'
        ? { ok: true, data: { deck, version: expectedVersion + 1 } }
        : refused('stale');
    },
  );
}

/** `expectedVersion` null removes a deck that cannot be read. */
const removeInput = z.strictObject({ deckId: deckIdSchema, expectedVersion: z.number().int().min(0).nullable() });

export async function removeDeckAction(sent: unknown): Promise<Reply<null, 'stale'>> {
  return change<z.infer<typeof removeInput>, null, 'stale'>(
    'remove-deck',
    removeInput,
    sent,
    async ({ deckId, expectedVersion }, { tx, benchId }) =>
      (await removeDeck(tx, benchId, deckId, expectedVersion)) === 'removed'
        ? { ok: true, data: null }
        : refused('stale'),
  );
}
