import { z } from 'zod';

/** Ids of one kind never pass for another's. */
const id = <const B extends string>(_brand: B) => z.string().min(1).max(64).brand<B>();

export const benchIdSchema = id('BenchId');
export const partIdSchema = id('PartId');
export const setupIdSchema = id('SetupId');
export const revisionIdSchema = id('RevisionId');
export const deckIdSchema = id('DeckId');
export const leaderIdSchema = id('LeaderId');

export type BenchId = z.infer<typeof benchIdSchema>;
export type PartId = z.infer<typeof partIdSchema>;
export type SetupId = z.infer<typeof setupIdSchema>;
export type RevisionId = z.infer<typeof revisionIdSchema>;
export type DeckId = z.infer<typeof deckIdSchema>;
export type LeaderId = z.infer<typeof leaderIdSchema>;
