import { z } from 'zod';
import { dayConditionsSchema } from '../day';
import { partIdSchema, planIdSchema, setupIdSchema, spreadIdSchema } from '../ids';
import { kindOf, READ_CHANNELS, type ChannelName } from '../instruments/channels';
import { numberIn } from '../number';
import { PLAN_LIMITS } from '../plan/plan-limits';
import { SPREAD_DOCUMENT_LIMITS as L } from '../spread/spread-limits';
import { CHANGES, HELD_BY, LOST, LOST_BY, LURE_DID, MOST_POINTS, MOUTH, OUTCOMES, SEEN, TIDES } from './event-choices';

const eventId = z.uuid();
const second = z.number().min(0).max(1e11);
const lineId = z.string().min(1).max(40);
const text = (max: number) => z.string().trim().max(max);

const gear = {
  setupId: setupIdSchema,
  /** which revision of it, from 1 */
  revision: z.number().int().min(1).max(10_000).optional(),
  /** another rod than that of the setup */
  rodId: partIdSchema.nullable(),
  /** where on the craft it stands; null: in a hand */
  pointId: z.string().min(1).max(40).nullable(),
  lineM: numberIn(L.lineM).nullable(),
  cableM: numberIn(L.cableM).nullable(),
  ballKg: numberIn(L.ballKg).optional(),
  board: z.strictObject({ lineM: numberIn(L.boardM), outM: numberIn(L.boardOutM) }).optional(),
  /** as it is read: "counter 40.1", "yellow thread" */
  mark: text(60),
};

const channelValue = (channel: ChannelName) => numberIn(kindOf(channel).limits).nullable();

/** What was true at a strike, as far as the phone knew it. */
const thenSchema = z.strictObject({
  latDeg: channelValue('latDeg'),
  lonDeg: channelValue('lonDeg'),
  headingRad: channelValue('headingRad'),
  cogRad: channelValue('cogRad'),
  sogMps: channelValue('sogMps'),
  waterMps: channelValue('waterMps'),
  probeMps: channelValue('probeMps'),
  probeC: channelValue('probeC'),
  probeM: channelValue('probeM'),
  surfaceC: channelValue('surfaceC'),
  bottomM: channelValue('bottomM'),
  /** by how much the boat was faster than a minute before, through the water or over ground */
  fasterMps: z.number().min(-60).max(60).nullable(),
  /** how the boat turned, to starboard when positive [rad/s] */
  turnRadPerS: z.number().min(-10).max(10).nullable(),
  /** the lure's own depth, worked out */
  lureM: numberIn(L.depthM).nullable(),
});

export type Then = z.infer<typeof thenSchema>;

const position = z.tuple([second, z.number().min(-90).max(90), z.number().min(-180).max(180)]);

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
    /** what its lines were taken from */
    spreadId: spreadIdSchema.optional(),
    planId: planIdSchema.optional(),
    /** setups that are cast */
    setupIds: z.array(setupIdSchema).max(24).optional(),
  }),
  z.strictObject({ ...base, kind: z.literal('closed') }),
  z.strictObject({ ...base, kind: z.literal('in'), line: lineId, ...gear }),
  z.strictObject({ ...base, kind: z.literal('out'), lines: z.array(lineId).min(1).max(40) }),
  /** in again as before: same lure, mark and place */
  z.strictObject({ ...base, kind: z.literal('back'), lines: z.array(lineId).min(1).max(40) }),
  /** `touchedS`: when it was logged, later than it happened */
  z.strictObject({
    ...base,
    kind: z.literal('strike'),
    line: lineId,
    touchedS: second,
    angler: text(60).nullable(),
    then: thenSchema.nullable().optional(),
  }),
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
  /** its lure touched bottom: how deep it was worked out to be then, and how deep the water was */
  z.strictObject({
    ...base,
    kind: z.literal('touched'),
    line: lineId,
    lureM: numberIn(L.depthM).nullable(),
    bottomM: channelValue('bottomM'),
  }),
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
    /** another angler than the one whose turn it was */
    angler: text(60).optional(),
    lureDid: z.enum(LURE_DID).optional(),
    /** the joint that broke, in the user's words */
    brokeAt: text(60).optional(),
    massKg: z.number().gt(0).max(500).optional(),
    girthM: z.number().gt(0).max(5).optional(),
    mouth: z.enum(MOUTH).optional(),
    baitCleaned: z.boolean().optional(),
    chafed: z.boolean().optional(),
  }),
  /** a photo of a strike's fish, kept apart under its id */
  z.strictObject({ ...base, kind: z.literal('photo'), of: eventId, photoId: z.uuid() }),
  /** what instruments or a hand said, kept alone */
  z.strictObject({
    ...base,
    kind: z.literal('reading'),
    readings: z
      .array(z.strictObject({ channel: z.enum(READ_CHANNELS), value: z.number() }))
      .min(1)
      .max(READ_CHANNELS.length),
  }),
  /** wind, water and light from now on; what is not said stays as it was */
  z.strictObject({
    ...base,
    kind: z.literal('conditions'),
    windMps: numberIn(PLAN_LIMITS.windMps).optional(),
    windFromRad: numberIn(PLAN_LIMITS.directionRad).optional(),
    /** where waves come from */
    wavesFromRad: numberIn(PLAN_LIMITS.directionRad).optional(),
    clarity: dayConditionsSchema.shape.clarity,
    light: dayConditionsSchema.shape.light,
    tide: z.enum(TIDES).optional(),
  }),
  /** who fishes, in the order of their turns */
  z.strictObject({ ...base, kind: z.literal('crew'), crew: z.array(text(60).min(1)).max(12) }),
  /** a new pass over the same place begins */
  z.strictObject({ ...base, kind: z.literal('pass') }),
  z.strictObject({ ...base, kind: z.literal('cast'), line: lineId, count: z.number().int().min(1).max(1000) }),
  /** where the boat was: of a phone, or of a file */
  z.strictObject({ ...base, kind: z.literal('track'), points: z.array(position).min(1).max(MOST_POINTS) }),
  /** an event happened at another time; of a strike with what was true then */
  z.strictObject({
    ...base,
    kind: z.literal('retimed'),
    of: eventId,
    toS: second,
    then: thenSchema.nullable().optional(),
  }),
  z.strictObject({ ...base, kind: z.literal('undone'), of: eventId }),
]);

export type TripEvent = z.infer<typeof tripEventSchema>;
export type TripEventOf<K extends TripEvent['kind']> = Extract<TripEvent, { readonly kind: K }>;
