import { z } from 'zod';
import { setupIdSchema, spreadIdSchema, tripIdSchema } from '../ids';

/** The one thing that a guest's link shows. */
export const shownSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('sheet'), id: setupIdSchema }),
  z.strictObject({ kind: z.literal('spread'), id: spreadIdSchema }),
  z.strictObject({ kind: z.literal('trip'), id: tripIdSchema }),
  z.strictObject({ kind: z.literal('helm') }),
]);

export type Shown = z.infer<typeof shownSchema>;

/** How long a link may last [h]. */
export const LINK_HOURS = [12, 72, 336] as const;
