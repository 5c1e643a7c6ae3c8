import { z } from 'zod';
import { leaderIdSchema, partIdSchema, setupIdSchema } from './ids';
import { LEADER_STATES } from './leader-states';

/** A leader that was tied, as it is listed until it is retired. */
export const leaderSchema = z.strictObject({
  id: leaderIdSchema,
  setupId: setupIdSchema,
  /** the setup's name and revision when it was tied */
  name: z.string().min(1).max(120),
  number: z.number().int().min(1),
  /** from knot to knot, all its pieces [m] */
  lengthM: z.number().min(0).max(200),
  linePartId: partIdSchema,
  /** pull at which its weakest joint gives [N] */
  breaksN: z.number().min(0).max(1e5),
  state: z.enum(LEADER_STATES),
  tiedAt: z.iso.datetime({ precision: 3 }),
});

export type Leader = z.infer<typeof leaderSchema>;
