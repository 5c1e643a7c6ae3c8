'use server';

import { deckRepo } from '@/db/repo';
import { deckSchema, type Deck } from '@/domain/deck';
import { deckIdSchema } from '@/domain/ids';
import { keepVersioned, type Kept } from '../keep-versioned';
import type { Reply } from '../reply';

const decks = keepVersioned('deck', deckSchema, (id) => deckIdSchema.parse(id), deckRepo);

export async function saveDeckAction(sent: unknown): Promise<Reply<Kept<Deck>, 'stale'>> {
  return decks.save(sent);
}

export async function removeDeckAction(sent: unknown): Promise<Reply<null, 'stale'>> {
  return decks.remove(sent);
}
