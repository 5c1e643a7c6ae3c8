import { z } from 'zod';
import { BAIT_HOLDS, POINT_PLACES, type BaitHold, type PointPlace } from '@/core/tackle/defaults/bait-classes';
import { STINGER_HOLDS, type StingerHold } from '@/core/tackle/defaults/rig-classes';
import { STATIONS, WEIGHT_HOLDS } from '@/core/tackle';
import { keysOf } from './contract/shared';
import { partIdSchema } from './ids';
import { JOINT_LIMITS as L } from './joint-limits';
import { numberIn } from './number';

const jointBase = {
  id: z
    .string()
    .min(1)
    .max(64)
    .regex(/^[^:]+$/, 'without a colon'),
  partId: partIdSchema,
  colour: z.string().trim().min(1).max(60).optional(),
};

const plain = <const K extends string>(kind: K) => z.strictObject({ ...jointBase, kind: z.literal(kind) });
const station = z.enum(STATIONS);
const offCentreM = numberIn(L.offCentreM).optional();
const segmentsOff = z.number().int().min(L.segments.min).max(L.segments.max).optional();

/** A place in the rig, from rod to bait, and the part that fills it. */
export const jointSchema = z.discriminatedUnion('kind', [
  plain('rod'),
  plain('reel'),
  plain('line'),
  plain('knot'),
  plain('attractor'),
  plain('bouncer'),
  plain('skirt'),
  z.strictObject({ ...jointBase, kind: z.literal('hardware'), place: z.enum(['eye', 'bend']).optional() }),
  z.strictObject({ ...jointBase, kind: z.literal('snell'), spacingM: numberIn(L.spacingM).optional() }),
  z.strictObject({ ...jointBase, kind: z.literal('lure'), bare: z.array(station).max(STATIONS.length).optional() }),
  z.strictObject({
    ...jointBase,
    kind: z.literal('plane'),
    sidewaysRad: numberIn(L.sidewaysRad).optional(),
    tripped: z.boolean().optional(),
  }),
  z.strictObject({
    ...jointBase,
    kind: z.literal('leader'),
    lengthM: numberIn(L.leaderM),
    from: jointBase.id.optional(),
  }),
  z.strictObject({
    ...jointBase,
    kind: z.literal('weight'),
    hold: z.enum(WEIGHT_HOLDS),
    aboveM: numberIn(L.aboveM).optional(),
  }),
  z.strictObject({
    ...jointBase,
    kind: z.literal('hook'),
    point: keysOf<PointPlace>(POINT_PLACES),
    offCentreM,
    station: station.optional(),
  }),
  z.strictObject({ ...jointBase, kind: z.literal('jig-head'), offCentreM }),
  z.strictObject({
    ...jointBase,
    kind: z.literal('bait'),
    held: keysOf<BaitHold>(BAIT_HOLDS).optional(),
    spins: z.boolean().optional(),
    slackM: numberIn(L.slackM).optional(),
    segmentsOff,
  }),
  z.strictObject({ ...jointBase, kind: z.literal('trailer'), segmentsOff }),
  z.strictObject({
    ...jointBase,
    kind: z.literal('stinger'),
    lengthM: numberIn(L.stingerM),
    held: keysOf<StingerHold>(STINGER_HOLDS),
  }),
]);

export type Joint = z.infer<typeof jointSchema>;
