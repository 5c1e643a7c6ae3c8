import { z } from 'zod';
import { partIdSchema } from '../ids';

/** What every kind of part carries; `words` are the user's own names for it, which search finds. */
export const partBase = {
  id: partIdSchema,
  /** a nickname; without one the interface calls the part by what it is */
  name: z.string().trim().min(1).max(120).optional(),
  words: z.string().trim().max(200).optional(),
};
