import { z } from 'zod';
import { leaderIdSchema, partIdSchema, setupIdSchema } from './ids';

export const LEADER_STATES = ['tied', 'in-use', 'frayed', 'retired'] as const;
export type LeaderState = (typeof LEADER_STATES)[number];

/** A leader that was tied, as it hangs on its winder. */
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

/** What must be made again before the next trip, by setup: as many as are frayed; what is retired was given up. */
export function toTieAgain(
  leaders: readonly Leader[],
): readonly { readonly setupId: Leader['setupId']; readonly name: string; readonly count: number }[] {
  const setups = [...new Set(leaders.map(({ setupId }) => setupId))];
  return setups.flatMap((setupId) => {
    const own = leaders.filter((each) => each.setupId === setupId);
    const count = own.filter(({ state }) => state === 'frayed').length;
    return count === 0 ? [] : [{ setupId, name: own.at(-1)!.name, count }];
  });
}
