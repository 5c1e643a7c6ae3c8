import { z } from 'zod';
import { partIdSchema, setupIdSchema } from '../ids';
import { numberIn } from '../number';
import { SPREAD_DOCUMENT_LIMITS as L } from '../spread/spread-limits';

const eventId = z.uuid();
const second = z.number().min(0).max(1e11);
const lineId = z.string().min(1).max(40);
const text = (max: number) => z.string().trim().max(max);

/** What was on a line that a touch can change, besides lure and colour. */
export const CHANGES = ['lure', 'colour', 'leader', 'cut-back', 'reel'] as const;
/** How a strike ended. */
export const OUTCOMES = ['missed', 'hooked', 'lost', 'landed'] as const;
/** When it was lost, as far as it is known. */
export const LOST = ['before-set', 'at-set', 'after-set'] as const;
/** What gave way. */
export const LOST_BY = ['opened', 'tore', 'broke', 'jumped', 'at-net'] as const;
/** Which hook held. */
export const HELD_BY = ['front', 'middle', 'tail', 'several'] as const;
export const SEEN = ['birds', 'bait', 'floating-weed'] as const;

const gear = {
  setupId: setupIdSchema,
  /** another rod than that of the setup */
  rodId: partIdSchema.nullable(),
  /** where on the craft it stands; null: in a hand */
  pointId: z.string().min(1).max(40).nullable(),
  lineM: numberIn(L.lineM).nullable(),
  cableM: numberIn(L.cableM).nullable(),
  /** as it is read: "counter 40.1", "yellow thread" */
  mark: text(60),
};

const base = { id: eventId, /** when it happened [s since 1970] */ atS: second };

/**
 * One thing that happened on a trip. Events are made by phones, each under an id of its own; they are added and never changed: what
 * was wrong is corrected by another event.
 */
export const tripEventSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    ...base,
    kind: z.literal('opened'),
    name: text(120),
    way: z.enum(['trolling', 'casting']),
    craftId: z.string().max(64).nullable(),
    crew: z.array(text(60)).max(12),
    waterName: text(120),
  }),
  z.strictObject({ ...base, kind: z.literal('closed') }),
  z.strictObject({ ...base, kind: z.literal('in'), line: lineId, ...gear }),
  z.strictObject({ ...base, kind: z.literal('out'), lines: z.array(lineId).min(1).max(40) }),
  /** in again as before: same lure, mark and place */
  z.strictObject({ ...base, kind: z.literal('back'), lines: z.array(lineId).min(1).max(40) }),
  /** `touchedS`: when it was logged, later than it happened */
  z.strictObject({ ...base, kind: z.literal('strike'), line: lineId, touchedS: second, angler: text(60).nullable() }),
  /** missed, and the line never came in */
  z.strictObject({ ...base, kind: z.literal('still-out'), of: eventId }),
  z.strictObject({ ...base, kind: z.literal('fouled'), line: lineId }),
  z.strictObject({ ...base, kind: z.literal('clean'), line: lineId }),
  z.strictObject({
    ...base,
    kind: z.literal('changed'),
    line: lineId,
    what: z.enum(CHANGES),
    partId: partIdSchema.nullable(),
    name: text(80),
  }),
  z.strictObject({ ...base, kind: z.literal('moved'), line: lineId, pointId: z.string().min(1).max(40) }),
  /** its release tripped without a fish */
  z.strictObject({ ...base, kind: z.literal('tripped'), line: lineId }),
  z.strictObject({ ...base, kind: z.literal('seen'), what: z.enum(SEEN) }),
  /** what is known of a strike once hands are free; the newest counts */
  z.strictObject({
    ...base,
    kind: z.literal('told'),
    of: eventId,
    outcome: z.enum(OUTCOMES),
    lost: z.enum(LOST).nullable(),
    lostBy: z.enum(LOST_BY).nullable(),
    heldBy: z.enum(HELD_BY).nullable(),
    species: text(60).nullable(),
    lengthM: z.number().gt(0).max(5).nullable(),
    isKept: z.boolean().nullable(),
    note: text(500),
  }),
  /** an event happened at another time */
  z.strictObject({ ...base, kind: z.literal('retimed'), of: eventId, toS: second }),
  z.strictObject({ ...base, kind: z.literal('undone'), of: eventId }),
]);

export type TripEvent = z.infer<typeof tripEventSchema>;
export type TripEventOf<K extends TripEvent['kind']> = Extract<TripEvent, { readonly kind: K }>;
