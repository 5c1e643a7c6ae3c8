import { z } from 'zod';

/** Ids of one kind never pass for another's. */
const id = <const B extends string>(_brand: B) => z.string().min(1).max(64).brand<B>();

export const benchIdSchema = id('BenchId');
export const partIdSchema = id('PartId');
export const setupIdSchema = id('SetupId');
export const revisionIdSchema = id('RevisionId');
export const deckIdSchema = id('DeckId');
export const leaderIdSchema = id('LeaderId');
export const planIdSchema = id('PlanId');
export const waterIdSchema = id('WaterId');
export const spreadIdSchema = id('SpreadId');
export const tripIdSchema = id('TripId');
export const helmIdSchema = id('HelmId');
export const trialIdSchema = id('TrialId');
export const anglerIdSchema = id('AnglerId');

export type BenchId = z.infer<typeof benchIdSchema>;
export type PartId = z.infer<typeof partIdSchema>;
export type SetupId = z.infer<typeof setupIdSchema>;
export type RevisionId = z.infer<typeof revisionIdSchema>;
export type DeckId = z.infer<typeof deckIdSchema>;
export type LeaderId = z.infer<typeof leaderIdSchema>;
export type PlanId = z.infer<typeof planIdSchema>;
export type WaterId = z.infer<typeof waterIdSchema>;
export type SpreadId = z.infer<typeof spreadIdSchema>;
export type TripId = z.infer<typeof tripIdSchema>;
export type HelmId = z.infer<typeof helmIdSchema>;
export type TrialId = z.infer<typeof trialIdSchema>;
export type AnglerId = z.infer<typeof anglerIdSchema>;

/** Words that already are an address of their own beside the ids. */
const TAKEN: ReadonlySet<string> = new Set(['new', 'compare', 'deck', 'cards', 'jig', 'steps', 'true-scale']);

export const ADDRESS_RULE =
  'letters, digits, dot, hyphen and underscore, beginning with a letter or digit, and none of new, compare, deck, cards, jig, steps, true-scale';

/** Whether an id can stand in an address as it is. Asked of every id that comes in; what is stored already is read. */
export const makesAddress = (text: string): boolean =>
  /^[A-Za-z0-9][A-Za-z0-9._-]{0,63}$/.test(text) && !TAKEN.has(text.toLowerCase());

/** Two ids that a person would take for one: they differ by case or by a space at an end. */
export const idKey = (text: string): string => text.trim().toLowerCase();

/** The id under which a client sends a change, made before it is sent, so that a second arrival is known for what it is. */
export const requestIdSchema = z.uuid({ version: 'v7' });
