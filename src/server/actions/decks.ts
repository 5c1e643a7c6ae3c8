'use server';

import { z } from 'zod';
import { insertDeck, removeDeck, replaceDeck } from '@/db/repo';
import { deckSchema, type Deck } from '@/domain/deck';
import { deckIdSchema } from '@/domain/ids';
import { refused, reply, type Reply } from '../reply';

const saveInput = z.strictObject({
  deck: deckSchema,
  /** null: it is new, and is given an id of its own */ expectedVersion: z.number().int().min(0).nullable(),
});

/** Keeps a deck; another's change since it was read is not written over. */
export async function saveDeckAction(
  raw: unknown,
): Promise<Reply<{ readonly deck: Deck; readonly version: number }, 'stale'>> {
  return reply<z.infer<typeof saveInput>, { deck: Deck; version: number }, 'stale'>(
    saveInput,
    raw,
    async ({ deck, expectedVersion }, { db, benchId, now }) => {
      if (expectedVersion === null) {
        const made = { ...deck, id: deckIdSchema.parse(`deck-${crypto.randomUUID()}`) };
        await insertDeck(db, benchId, made, now);
        return { ok: true, data: { deck: made, version: 0 } };
      }
      return (await replaceDeck(db, benchId, deck, expectedVersion)) === 'changed'
        ? { ok: true, data: { deck, version: expectedVersion + 1 } }
        : refused('stale');
    },
  );
}

const removeInput = z.strictObject({ deckId: deckIdSchema });

export async function removeDeckAction(raw: unknown): Promise<Reply<null>> {
  return reply(removeInput, raw, async ({ deckId }, { db, benchId }) => {
    await removeDeck(db, benchId, deckId);
    return { ok: true, data: null };
  });
}
