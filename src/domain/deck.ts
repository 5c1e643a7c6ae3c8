import { z } from 'zod';
import { deckIdSchema, partIdSchema, setupIdSchema } from './ids';

export const MOST_ON_DECK = 24;

/** Rods in order for a trip: each with the setup that it is rigged with and the reel that sits on it. */
export const deckSchema = z.strictObject({
  id: deckIdSchema,
  name: z.string().trim().min(1).max(120),
  entries: z
    .array(z.strictObject({ setupId: setupIdSchema, rodId: partIdSchema, reelId: partIdSchema }))
    .max(MOST_ON_DECK),
});

export type Deck = z.infer<typeof deckSchema>;
export type DeckEntry = Deck['entries'][number];
