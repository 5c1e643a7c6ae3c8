import { z } from 'zod';
import { partIdSchema } from '../ids';

/** What every kind of part carries; `words` are the user's own names for it, which search finds. */
export const partBase = {
  id: partIdSchema,
  /** a nickname; without one the interface calls the part by what it is */
  name: z.string().trim().min(1).max(120).optional(),
  words: z.string().trim().max(200).optional(),
  /** what one piece, or one spool, costs, in the smallest coin */
  price: z
    .strictObject({
      minor: z.number().int().min(0).max(1e9),
      currency: z.string().regex(/^[A-Z]{3}$/, 'three capital letters'),
    })
    .optional(),
  /** pieces left; line is counted in metres instead */
  left: z.number().int().min(0).max(100_000).optional(),
};
