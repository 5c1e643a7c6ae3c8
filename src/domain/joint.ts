import { z } from 'zod';
import { POINT_PLACES, type PointPlace } from '@/core/defaults/bait-classes';
import { keysOf } from './contract/shared';
import { partIdSchema } from './ids';
import { numberIn } from './number';

const jointBase = { id: z.string().min(1).max(64), partId: partIdSchema };

export const LEADER_LIMITS = { min: 0.05, max: 30 } as const;

const plain = <const K extends string>(kind: K) => z.strictObject({ ...jointBase, kind: z.literal(kind) });

/** A place in the rig, from rod to bait, and the part that fills it. */
export const jointSchema = z.discriminatedUnion('kind', [
  plain('rod'),
  plain('reel'),
  plain('line'),
  plain('knot'),
  plain('jig-head'),
  plain('bait'),
  z.strictObject({ ...jointBase, kind: z.literal('leader'), lengthM: numberIn(LEADER_LIMITS) }),
  z.strictObject({ ...jointBase, kind: z.literal('weight'), hold: z.enum(['free', 'pegged']) }),
  z.strictObject({ ...jointBase, kind: z.literal('hook'), point: keysOf<PointPlace>(POINT_PLACES) }),
]);

export type Joint = z.infer<typeof jointSchema>;
