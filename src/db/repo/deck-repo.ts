import { and, eq } from 'drizzle-orm';
import type { Deck } from '@/domain/deck';
import { DOCUMENTS, sealed } from '@/domain/documents';
import type { BenchId, DeckId } from '@/domain/ids';
import type { Db, Tx } from '../client';
import { deck } from '../schema';
import { listedBy, type Listed } from './listed';

export interface StoredDeck {
  readonly deck: Deck;
  readonly version: number;
  readonly createdAt: Date;
}

/** Decks of a bench, the oldest first. */
export async function listDecks(db: Db | Tx, benchId: BenchId): Promise<Listed<StoredDeck>> {
  const rows = await db
    .select({ id: deck.id, document: deck.document, version: deck.version, createdAt: deck.createdAt })
    .from(deck)
    .where(eq(deck.benchId, benchId))
    .orderBy(deck.createdAt, deck.id);
  return listedBy(DOCUMENTS.deck, rows, (document, { version, createdAt }) => ({ deck: document, version, createdAt }));
}

export async function insertDeck(db: Db | Tx, benchId: BenchId, document: Deck, createdAt: Date): Promise<void> {
  await db
    .insert(deck)
    .values({ id: document.id, benchId, version: 0, document: sealed(DOCUMENTS.deck, document), createdAt });
}

/** Changes a deck that still has the version it was read with. */
export async function replaceDeck(
  db: Db | Tx,
  benchId: BenchId,
  document: Deck,
  expectedVersion: number,
): Promise<'changed' | 'stale'> {
  const [{ affectedRows }] = await db
    .update(deck)
    .set({ document: sealed(DOCUMENTS.deck, document), version: expectedVersion + 1 })
    .where(and(eq(deck.benchId, benchId), eq(deck.id, document.id), eq(deck.version, expectedVersion)));
  return affectedRows === 1 ? 'changed' : 'stale';
}

/** Removes a deck that still has the version it was read with; `version` null: whatever it has, as one that cannot be read. */
export async function removeDeck(
  db: Db | Tx,
  benchId: BenchId,
  deckId: DeckId,
  version: number | null,
): Promise<'removed' | 'stale'> {
  const [{ affectedRows }] = await db
    .delete(deck)
    .where(
      and(eq(deck.benchId, benchId), eq(deck.id, deckId), version === null ? undefined : eq(deck.version, version)),
    );
  return affectedRows === 1 ? 'removed' : 'stale';
}
